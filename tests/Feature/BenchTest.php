<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\Theme;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** What the Boxes and Key stations ask of the server besides plain edits. */
final class BenchTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private const TABLE = [
        'kind' => 'table',
        'x' => 50,
        'y' => 50,
        'width' => 200,
        'height' => 60,
        'columns' => [1, 3],
        'rows' => [1, 1],
        'cells' => [
            ['text' => '', 'fill' => true],
            ['text' => '', 'fill' => true],
            ['text' => '', 'fill' => true],
            ['text' => '', 'fill' => true],
        ],
        'prompt' => '',
        'size' => 12,
        'cover' => false,
        'outline' => true,
    ];

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_a_station_reads_the_page_it_shows_and_counts_the_others_without_reading_them(): void
    {
        $worksheet = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(PdfMaker::make([[], []])),
            'x.pdf',
        )->refresh();
        [$page, $other] = $worksheet->pages()->get()->all();
        app(ApplyEdit::class)($page, 1, new Place([new AnswerBox('a', Frame::of(50, 50, 100, 20))]));
        app(ApplyEdit::class)(
            $other,
            1,
            new Place([
                new AnswerBox('b', Frame::of(50, 50, 100, 20)),
                new AnswerBox('c', Frame::of(50, 80, 100, 20), key: ['ebb']),
            ]),
        );
        DB::table('page_revisions')
            ->where('page_id', $other->id)
            ->update(['content' => 'nothing that could be read']);

        foreach (['boxes/1', 'parts/1', 'key/1'] as $station) {
            $this->get("/worksheets/{$worksheet->id}/{$station}")
                ->assertOk()
                ->assertSee('3 answer boxes')
                ->assertSee('1 of 3 keyed');
        }
    }

    public function test_a_worksheet_starts_from_nothing_in_each_of_the_looks(): void
    {
        foreach (Theme::cases() as $theme) {
            $this->post('/worksheets/blank', [
                'name' => "Look {$theme->value}",
                'paper' => 'Letter',
                'landscape' => '1',
                'theme' => $theme->value,
            ])->assertRedirect();
            $page = $this->page(Worksheet::where('name', "Look {$theme->value}")->sole());
            $this->assertSame(792.0, $page->current->page()->size->width);
            $this->get("/worksheets/{$page->worksheet_id}/boxes")->assertOk();
        }
        $this->assertCount(6, Theme::cases(), 'five, and nothing at all');
        $this->post('/worksheets/blank', [
            'paper' => 'own',
            'width' => 2,
            'height' => 3,
            'unit' => 'mm',
        ])->assertSessionHasErrors('width');
    }

    public function test_a_choice_is_laid_over_the_letters_that_are_printed(): void
    {
        $page = $this->page($this->bringIn("1 Which tide is it?\nA ebb\nB flood\nC slack"));
        $this->edit($page, ['kind' => 'choice', 'x' => 40, 'y' => 40, 'width' => 400, 'height' => 300])->assertOk();
        $box = $page->refresh()->current->page()->answerBoxes()[0];

        $this->assertInstanceOf(ChoiceAnswer::class, $box->form);
        $this->assertSame(
            ['A ebb', 'B flood', 'C slack'],
            array_map(fn (Option $option): string => $option->words, $box->form->options),
        );
        $this->assertFalse($box->form->many);
    }

    public function test_a_table_is_changed_cell_by_cell_and_line_by_line(): void
    {
        [$page, $id] = $this->withTable();
        $words = ['text' => 'Time', 'fill' => false];
        $this->edit($page, ['kind' => 'cells', 'table' => $id, 'cells' => [0, 1], 'set' => $words])->assertOk();
        $this->edit($page, ['kind' => 'insert-line', 'table' => $id, 'axis' => 'down', 'at' => 2])->assertOk();
        $this->edit($page, ['kind' => 'move-line', 'table' => $id, 'axis' => 'across', 'after' => 0, 'by' => 50])
            ->assertOk();
        $table = $page->refresh()->current->page()->elements()[0];
        $this->assertInstanceOf(Table::class, $table);
        $this->assertSame(['Time', false], [$table->cells[1]->text, $table->cells[1]->fill]);
        $this->assertSame([0.5, 0.5], $table->columns);
        $this->assertSame(
            [90.0, 3],
            [$table->frame->height, count($table->rows)],
            'the new row is as high as its neighbour',
        );
        $this->edit($page, ['kind' => 'remove-line', 'table' => $id, 'axis' => 'down', 'at' => 2])->assertOk();
    }

    public function test_a_cell_has_its_right_answers(): void
    {
        [$page, $id] = $this->withTable();
        $this->edit($page, ['kind' => 'key', 'place' => "{$id}.2-2", 'answers' => ['4.2', '4,2']])->assertOk();
        $table = $page->refresh()->current->page()->elements()[0];
        $this->assertInstanceOf(Table::class, $table);
        $this->assertSame(["{$id}.2-2" => ['4.2', '4,2']], $table->keys());
    }

    public function test_cells_and_lines_that_are_not_there_are_refused(): void
    {
        [$page, $id] = $this->withTable();
        $this->edit($page, ['kind' => 'cells', 'table' => $id, 'cells' => [9], 'set' => ['text' => 'x']])
            ->assertUnprocessable();
        $this->edit($page, ['kind' => 'remove-line', 'table' => $id, 'axis' => 'across', 'at' => 7])
            ->assertUnprocessable();
        $this->edit($page, ['kind' => 'place', 'elements' => [['rows' => [], 'cells' => []] + self::TABLE]])
            ->assertUnprocessable()
            ->assertSee('rows');
    }

    /** @return array{WorksheetPage, string} a page with a table of two rows and two columns, and its id */
    private function withTable(): array
    {
        $page = $this->page(Worksheet::factory()->for($this->teacher)->withPages()->create());
        $placed = $this->edit($page, ['kind' => 'place', 'elements' => [self::TABLE]])->assertOk();

        return [$page, (string) $placed->json('new.0')];
    }

    public function test_keys_are_set_seen_and_counted(): void
    {
        $worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)), new AnswerBox('b', Frame::of(50, 80, 100, 20)))
            ->create();
        $page = $this->page($worksheet);
        $this->get("/worksheets/{$worksheet->id}/key")
            ->assertOk()
            ->assertSee('0 of 2 keyed');
        $this->postJson("/pages/{$page->id}/edits", [
            'base' => 1,
            'station' => 'key',
            'edit' => ['kind' => 'key', 'place' => 'a', 'answers' => ['ebb', ' Ebb ', '']],
        ])
            ->assertOk()
            ->assertSee('1 of 2 keyed on this page');
        $this->assertSame(['a' => ['ebb', 'Ebb']], $page->refresh()->current->page()->answerables()[0]->keys());
        $this->edit($page, ['kind' => 'change', 'ids' => ['a', 'b'], 'set' => ['points' => 1.5]])->assertOk();
        $this->edit($page, ['kind' => 'change', 'ids' => ['a'], 'set' => ['points' => -1]])->assertUnprocessable();
        $this->edit($page, ['kind' => 'key', 'place' => 'nowhere', 'answers' => []])->assertUnprocessable();
        $this->get("/worksheets/{$worksheet->id}/key")
            ->assertSee('1 of 2 keyed')
            ->assertSee('value="1.5"', false);
    }

    public function test_a_clip_of_any_page_lies_there_as_it_was_printed_and_students_see_it(): void
    {
        $from = $this->page($this->bringIn('The lighthouse'));
        $onto = Worksheet::factory()->for($this->teacher)->withPages()->create();
        $page = $this->page($onto);
        $this->get("/clips/{$from->worksheet_id}")
            ->assertOk()
            ->assertSee('data-clip-choose');
        $this->postJson("/pages/{$page->id}/clips", [
            'base' => 1,
            'from' => $from->id,
            'x' => 0,
            'y' => 0,
            'width' => 306,
            'height' => 198,
        ])->assertOk();
        $clip = $page->refresh()->current->page()->elements()[0];
        $this->assertInstanceOf(Clip::class, $clip);
        $this->assertEqualsWithDelta(
            [0.0, 0.0, 0.5, 0.25],
            [$clip->left, $clip->top, $clip->across, $clip->down],
            0.001,
        );
        $this->assertSame([306.0, 198.0], [$clip->frame->width, $clip->frame->height], 'at its own size');

        $this->postJson("/pages/{$page->id}/clips", [
            'base' => 2,
            'from' => $page->id,
            'x' => 0,
            'y' => 0,
            'width' => 10,
            'height' => 10,
        ])
            ->assertUnprocessable()
            ->assertSee('no print to clip');
        $this->postJson("/pages/{$page->id}/clips", [
            'base' => 1,
            'from' => $from->id,
            'x' => 0,
            'y' => 0,
            'width' => 30,
            'height' => 30,
        ])->assertConflict();
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $student = Student::factory()->create();
        $class->students()->attach($student);
        $handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('T', '', null, null, [[$onto, Mode::ReadOnly]], [$class]),
        );
        $picture = "/my/sheets/{$handout->items()->sole()->id}/1/element-{$clip->id}";
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($student, 'student')->get($picture)->assertOk();
        $this->actingAs(Student::factory()->create(), 'student')
            ->get($picture)
            ->assertForbidden();
        $this->app?->make('auth')->forgetGuards();
        $stranger = Teacher::factory()->create();
        $own = Worksheet::factory()->for($stranger)->withPages()->create();
        $this->actingAs($stranger, 'teacher')
            ->postJson("/pages/{$this->page($own)->id}/clips", [
                'base' => 1,
                'from' => $from->id,
                'x' => 0,
                'y' => 0,
                'width' => 30,
                'height' => 30,
            ])
            ->assertUnprocessable();
        $this->get("/clips/{$from->worksheet_id}")->assertForbidden();
    }

    public function test_room_that_crosses_the_foot_makes_a_page_and_snugging_up_takes_it_away(): void
    {
        $worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)), new AnswerBox('b', Frame::of(50, 700, 100, 60)))
            ->create();
        $page = $this->page($worksheet);
        $this->postJson("/pages/{$page->id}/room", ['base' => 1, 'at' => 600, 'by' => 20])
            ->assertOk()
            ->assertJsonMissingPath('said');
        $this->postJson("/pages/{$page->id}/room", ['base' => 2, 'at' => 600, 'by' => 100])
            ->assertOk()
            ->assertSee('1 page right after this one');

        $this->assertSame([['a'], ['b']], $this->onPages($worksheet));
        $this->assertSame($page->role, $worksheet->pages()->where('position', 2)->sole()->role);
        // It is a step of both pages together.
        $this->postJson("/pages/{$page->id}/undo", ['base' => 3])->assertUnprocessable();
        $this->postJson("/pages/{$page->id}/room", ['base' => 3, 'at' => 600, 'by' => -100])
            ->assertOk()
            ->assertSee('All of it is on this page again');
        $this->assertSame([['a', 'b']], $this->onPages($worksheet));
        $this->postJson("/worksheets/{$worksheet->id}/pages/undo", [
            'base' => $worksheet->refresh()->arranged,
        ])->assertOk();
        $this->assertSame([['a'], ['b']], $this->onPages($worksheet));

        $this->postJson("/pages/{$page->id}/room", ['base' => 1, 'at' => 600, 'by' => 10])->assertConflict();
        $this->postJson("/pages/{$page->id}/room", ['base' => 1, 'at' => 600, 'by' => 'much'])->assertUnprocessable();
    }

    public function test_a_link_that_is_none_is_refused_in_words(): void
    {
        $page = $this->page(Worksheet::factory()->for($this->teacher)->withPages()->create());
        $link = [
            'kind' => 'link',
            'x' => 50,
            'y' => 50,
            'width' => 100,
            'height' => 20,
            'text' => 'Tides',
            'size' => 12,
            'printed' => false,
            'outline' => false,
            'on' => true,
        ];
        foreach (['javascript:alert(1)', 'tides', 'https://', 'file:///etc/passwd'] as $target) {
            $this->edit($page, ['kind' => 'place', 'elements' => [['target' => $target] + $link]])
                ->assertUnprocessable()
                ->assertSee('must be an address');
        }
        $this->edit($page, ['kind' => 'place', 'elements' => [['target' => 'https://tides.example'] + $link]])
            ->assertOk()
            ->assertSee('Tides');
    }

    public function test_guides_come_with_the_page(): void
    {
        $page = $this->page(
            Worksheet::factory()
                ->for($this->teacher)
                ->withPages(new AnswerBox('a', Frame::of(50, 50, 100, 20)))
                ->create(),
        );
        $this->edit($page, ['kind' => 'move', 'ids' => ['a'], 'dx' => 10, 'dy' => 0])->assertOk();
        $this->getJson("/pages/{$page->id}/guides")
            ->assertOk()
            ->assertJsonPath('x.1', [60, ['a']]);
    }

    public function test_an_edit_sends_back_what_changed_and_the_order_of_the_rest(): void
    {
        $worksheet = Worksheet::factory()
            ->for($this->teacher)
            ->withPages(
                ...array_map(
                    fn (int $n): AnswerBox => new AnswerBox("b{$n}", Frame::of(50, 30 * $n, 100, 20)),
                    range(1, 20),
                ),
            )
            ->create();
        $page = $this->page($worksheet);
        $moved = $this->edit($page, ['kind' => 'move', 'ids' => ['b1'], 'dx' => 0, 'dy' => 700])->assertOk();
        $this->assertSame(['b1'], array_keys((array) $moved->json('changed')));
        $this->assertSame(['b2', 'A1'], $moved->json('tags.0'));
        $this->assertSame(['b1', 'A20'], $moved->json('tags.19'));
        $this->assertNull($moved->json('order'));
        $this->assertLessThan(8000, strlen((string) $moved->getContent()));
        $this->edit($page, ['kind' => 'order', 'ids' => ['b1'], 'to' => 'front'])
            ->assertJsonPath('order.19', 'b1')
            ->assertJsonPath('changed', []);
        $this->assertCount(19, (array) $this->edit($page, ['kind' => 'remove', 'ids' => ['b1']])->json('tags'));
        $this->postJson("/pages/{$page->id}/undo", ['base' => $page->refresh()->revision])
            ->assertOk()
            ->assertJsonPath('changed', null);
    }

    private function bringIn(string $words): Worksheet
    {
        $lines = explode("\n", $words);
        $content = implode(
            "\n",
            array_map(
                fn (string $line, int $at): string => 'BT /F1 12 Tf 72 '.(700 - 24 * $at)." Td ({$line}) Tj ET",
                $lines,
                array_keys($lines),
            ),
        );

        return app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(PdfMaker::make([['content' => $content]])),
            'x.pdf',
        )->refresh();
    }

    private function page(Worksheet $worksheet): WorksheetPage
    {
        return $worksheet->pages()->where('position', 1)->sole();
    }

    /**
     * @param  array<string, mixed>  $edit
     * @return TestResponse<Response>
     */
    private function edit(WorksheetPage $page, array $edit): TestResponse
    {
        return $this->postJson("/pages/{$page->id}/edits", ['base' => $page->refresh()->revision, 'edit' => $edit]);
    }

    /** @return list<list<string>> ids of what is on each page */
    private function onPages(Worksheet $worksheet): array
    {
        return array_values(
            $worksheet
                ->pages()
                ->with('current')
                ->get()
                ->map(
                    fn (WorksheetPage $page): array => array_map(
                        fn (Element $element): string => $element->id(),
                        $page->current->page()->elements(),
                    ),
                )
                ->all(),
        );
    }
}
