<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\CutPageSet;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\StartBlank;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\Theme;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\DemoPack;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** A choice board: a page of options, and a set with just the pages of what is on it. */
final class BoardTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    private Teacher $teacher;

    private Worksheet $pack;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()->create();
        $this->pack = DemoPack::of($this->teacher);
        $this->actingAs($this->teacher, 'teacher');
    }

    public function test_its_sections_are_suggested_and_the_set_has_the_board_first_and_only_what_was_chosen(): void
    {
        $this->get("/worksheets/{$this->pack->id}/board")
            ->assertOk()
            ->assertSee('Activity 7')
            ->assertSee('value="13, 14"', false);
        $files = StoredFile::count();
        $this->post($this->url($this->pack).'/preview', $this->form(['Tides' => '6-7', 'Knots' => '12']), [
            'Accept' => 'application/json',
        ])
            ->assertOk()
            ->assertSee('Tides');
        $this->assertSame(1, Worksheet::count());
        $this->store(
            $this->pack,
            $this->form(['Tides' => '6-7', 'Knots' => '12', 'Beside' => '15'], [2, 1, null]),
        )->assertCreated();

        $set = Worksheet::latest('id')->firstOrFail();
        $this->assertSame(['Choose two', 4, '12, 6, 7'], [$set->name, $set->pages_total, $set->cut_from]);
        $this->assertSame([null, 12, 6, 7], $this->sources($set));
        $this->assertSame($files, StoredFile::count());
        $links = $this->board($set)->links();
        $pages = $set->pages()->pluck('anchor')->all();
        $this->assertSame(
            [$pages[1], $pages[2]],
            array_map(fn (Link $link): ?string => $link->target->anchor(), $links),
        );
        $this->assertStringNotContainsString(
            'Beside',
            $this->board($set)->elements()[0]->id().
                json_encode(
                    array_map(
                        fn ($element): string => $element instanceof Label ? $element->text : '',
                        $this->board($set)->elements(),
                    ),
                ),
        );
        $this->get("/worksheets/{$set->id}")
            ->assertOk()
            ->assertSee('Change the choice board');
    }

    public function test_changing_the_choice_changes_the_pages_and_keeps_the_teachers_work_on_them(): void
    {
        $this->store($this->pack, $this->form(['Tides' => '6-7', 'Knots' => '12']));
        $set = Worksheet::latest('id')->firstOrFail();
        $tides = $set->pages()->where('position', 2)->sole();
        app(ApplyEdit::class)(
            $tides,
            $tides->revision,
            new Place([new AnswerBox('mine', Frame::of(50, 50, 100, 20))]),
        );
        $board = $set->pages()->where('position', 1)->sole();
        app(ApplyEdit::class)(
            $board,
            1,
            new Place([new Label('note', Frame::of(50, 5, 100, 20), 'My own note')]),
        );
        $this->postJson("/worksheets/{$set->id}/pages/blank", [
            'base' => $set->refresh()->arranged,
            'paper' => 'A4',
        ])->assertOk();

        $this->store(
            $set,
            $this->form(['Tides' => '6-7', 'Knots' => '12', 'Boats' => '13-14'], [null, 1, 2]),
        )->assertOk();
        $this->assertSame([null, 12, 13, 14, null], $this->sources($set), 'a page that was added by hand stays');
        $this->assertNotNull($this->board($set)->element('note'));

        $this->store(
            $set,
            $this->form(['Tides' => '6-7', 'Knots' => '12', 'Boats' => '13-14'], [1, 2, null]),
        )->assertOk();
        $this->assertSame([null, 6, 7, 12, null], $this->sources($set));
        $this->assertNotNull(
            $set->pages()->where('position', 2)->sole()->current->page()->element('mine'),
            'it comes back as it was left',
        );
        $this->postJson("/worksheets/{$set->id}/pages/undo", ['base' => $set->refresh()->arranged])->assertOk();
        $this->assertSame([null, 12, 13, 14, null], $this->sources($set));
        $this->assertSame(2, count($this->board($set)->links()));
        $this->assertNotNull($this->board($set)->element('bdo1g'));
    }

    public function test_options_come_from_a_set_with_its_boxes_and_from_other_worksheets(): void
    {
        $tides = app(CutPageSet::class)($this->pack, [6, 7], 'My tides');
        $page = $tides->pages()->where('position', 1)->sole();
        app(ApplyEdit::class)($page, 1, new Place([new AnswerBox('mine', Frame::of(50, 50, 100, 20))]));
        $blank = app(StartBlank::class)($this->teacher, 'Knots I know', Size::ofPaper(PaperSize::A4), Theme::Plain);
        $form = $this->form(['Tides' => '1-2', 'Knots' => '1', 'Printed tides' => '6'], [1, 2, 3]);
        $form['options'][0]['of'] = $tides->id;
        $form['options'][1]['of'] = $blank->id;

        $this->post($this->url($this->pack).'/preview', $form, ['Accept' => 'application/json'])->assertOk();
        $this->store($this->pack, $form)->assertCreated();
        $set = Worksheet::latest('id')->firstOrFail();
        $rows = $set->pages()->with(['source', 'current'])->get();
        $this->assertSame(
            [null, $tides->id, $tides->id, $blank->id, $this->pack->id],
            $rows->map(fn (WorksheetPage $row): ?int => $row->source?->worksheet_id)->all(),
        );
        $this->assertSame('6', $set->cut_from, 'what it says of the master is the master’s alone');
        $this->assertNotNull($rows[1]?->current->page()->element('mine'));
        $this->assertCount(5, $rows->pluck('anchor')->unique(), 'page 6 is there twice, and each has its own name');
        $this->assertSame(
            [$rows[1]->anchor, $rows[3]?->anchor, $rows[4]?->anchor],
            array_map(fn (Link $link): ?string => $link->target->anchor(), $this->board($set)->links()),
        );
        $this->get($this->url($set))->assertOk()->assertSee('My tides')->assertSee('Knots I know');

        $form['options'][0]['place'] = null;
        $this->store($set, $form)->assertOk();
        $this->assertSame(
            [null, $blank->id, $this->pack->id],
            $set->pages()->with('source')->get()->map(
                fn (WorksheetPage $row): ?int => $row->source?->worksheet_id,
            )->all(),
        );
        $form['options'][0]['place'] = 1;
        $this->store($set, $form)->assertOk();
        $this->assertSame(5, $set->refresh()->pages_total);
        $this->assertNotNull($set->pages()->where('position', 2)->sole()->current->page()->element('mine'));
    }

    public function test_an_option_of_a_worksheet_in_the_bin_or_of_somebody_else_is_refused_and_said(): void
    {
        $mine = app(StartBlank::class)($this->teacher, 'Mine', Size::ofPaper(PaperSize::A4), Theme::Plain);
        $theirs = app(StartBlank::class)(
            Teacher::factory()->create(),
            'Theirs',
            Size::ofPaper(PaperSize::A4),
            Theme::Plain,
        );
        $mine->delete();
        foreach ([$mine, $theirs] as $gone) {
            $form = $this->form(['Tides' => '1', 'Knots' => '12']);
            $form['options'][0]['of'] = $gone->id;
            foreach ([$this->url($this->pack).'/preview', $this->url($this->pack)] as $url) {
                $this->postJson($url, ['base' => 0] + $form)
                    ->assertUnprocessable()
                    ->assertSee('Tides')
                    ->assertSee('not on your shelf any more');
            }
        }
        $this->get($this->url($this->pack).'?with='.$theirs->id)->assertOk()->assertDontSee('Theirs');
        $this->get($this->url($this->pack).'?with[]=x')->assertOk();
    }

    public function test_worksheets_that_are_chosen_on_the_shelf_become_options(): void
    {
        $one = app(CutPageSet::class)($this->pack, [6, 7], 'My tides');
        $two = app(CutPageSet::class)($this->pack, [12], 'My knots');
        $this->post('/shelf/board', ['worksheets' => [$one->id, $two->id]])
            ->assertRedirect("/worksheets/{$two->id}/board?with={$one->id}");
        $this->get("/worksheets/{$two->id}/board?with={$one->id}")
            ->assertOk()
            ->assertSeeInOrder(['value="My knots"', 'value="My tides"', 'value="1, 2"'], false);
        $this->store($this->pack, $this->form(['Tides' => '6', 'Knots' => '12']))->assertCreated();
        $board = Worksheet::latest('id')->firstOrFail();
        $this->post('/shelf/board', ['worksheets' => [$one->id, $board->id]])
            ->assertRedirect("/worksheets/{$one->id}/board?with={$board->id}");
        $this->post('/shelf/board', ['worksheets' => [$board->id]])->assertSessionHasErrors('worksheets');
    }

    public function test_pages_that_make_no_sense_are_said_with_their_option(): void
    {
        $this->store($this->pack, $this->form(['Tides' => '7-6', 'Knots' => '12']))
            ->assertUnprocessable()
            ->assertJsonFragment(['“Tides”: “7-6” runs backwards. Put the smaller number first.']);
        $this->store($this->pack, $this->form(['Tides' => '', 'Knots' => '12']))
            ->assertUnprocessable()
            ->assertJson(['message' => '“Tides” has no pages. Say which pages belong to it.']);
        $this->assertSame(1, Worksheet::count());
    }

    public function test_places_are_two_to_twelve_with_two_options_at_least_each_in_its_own(): void
    {
        $this->store($this->pack, $this->form(['Tides' => '6', 'Knots' => '12'], [1, null]))
            ->assertUnprocessable()
            ->assertSee('at least 2 options');
        $this->store($this->pack, $this->form(['Tides' => '6', 'Knots' => '12'], [1, 1]))
            ->assertUnprocessable()
            ->assertSee('in one place');
        $this->store($this->pack, ['count' => 13] + $this->form(['Tides' => '6', 'Knots' => '12']))
            ->assertUnprocessable()
            ->assertSee('2 to 12 places');
        $this->assertSame(1, Worksheet::count());
    }

    public function test_two_boards_of_one_title_have_two_names(): void
    {
        $this->store($this->pack, $this->form(['Tides' => '6', 'Knots' => '12']))->assertCreated();
        $this->store($this->pack, $this->form(['Tides' => '6', 'Knots' => '12']))->assertCreated();
        $this->assertSame(
            ['Choose two', 'Choose two (2)'],
            $this->pack->sets()->orderBy('id')->pluck('name')->all(),
        );
    }

    public function test_a_change_on_an_old_board_or_without_its_master_is_refused(): void
    {
        $this->store($this->pack, $this->form(['Tides' => '6', 'Knots' => '12']))->assertCreated();
        $set = $this->pack->sets()->firstOrFail();
        $this->post($this->url($set), ['base' => 99] + $this->form(['Tides' => '6', 'Knots' => '12']), [
            'Accept' => 'application/json',
        ])->assertConflict();
        $this->pack->delete();
        $this->get($this->url($set))
            ->assertRedirect("/worksheets/{$set->id}")
            ->assertSessionHasErrors('refused');
    }

    public function test_in_the_copies_each_option_leads_to_its_page_and_its_picture_is_seen(): void
    {
        $this->store($this->pack, $this->form(['Tides' => '6-7', 'Knots' => '12'], [2, 1]));
        $set = Worksheet::latest('id')->firstOrFail();
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $student = Student::factory()->create()->refresh();
        $class->students()->attach($student);
        app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('T', '', null, null, [[$set, Mode::OwnCopy]], [$class]),
        );

        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($student, 'student');
        $this->get('/my/copies/'.Copy::sole()->id)
            ->assertOk()
            ->assertSee('href="#page-2"', false)
            ->assertSee('href="#page-3"', false)
            ->assertSee('id="page-3"', false);
        $item = Copy::sole()->handout_item_id;
        $tiles = array_filter(
            $set->pages()->firstOrFail()->current->page()->elements(),
            fn ($element): bool => $element instanceof Clip,
        );
        $this->assertCount(2, $tiles);
        foreach ($tiles as $tile) {
            $this->get("/my/sheets/{$item}/1/element-{$tile->id()}")->assertOk();
        }
        $this->get("/my/sheets/{$item}/2/page")->assertOk();
        $this->get("/my/sheets/{$item}/18/page")->assertNotFound();
    }

    /**
     * @param  array<string, string>  $options  pages by name
     * @param  list<int|null>|null  $places
     * @return array<string, mixed>
     */
    private function form(array $options, ?array $places = null): array
    {
        $rows = [];
        foreach (array_keys($options) as $index => $name) {
            $rows[] = [
                'id' => "o{$index}",
                'name' => $name,
                'line' => 'One line',
                'pages' => $options[$name],
                'place' => $places === null ? $index + 1 : $places[$index],
            ];
        }

        return ['title' => 'Choose two', 'directions' => '', 'count' => 3, 'options' => $rows];
    }

    /**
     * @param  array<string, mixed>  $form
     * @return TestResponse<Response>
     */
    private function store(Worksheet $worksheet, array $form): TestResponse
    {
        return $this->postJson($this->url($worksheet), ['base' => $worksheet->refresh()->arranged] + $form);
    }

    private function url(Worksheet $worksheet): string
    {
        return "/worksheets/{$worksheet->id}/board";
    }

    private function board(Worksheet $set): \OpenSlate\Page\Page
    {
        return $set->pages()->where('position', 1)->sole()->current->page();
    }

    /** @return list<int|null> the numbers in the master of the set's pages */
    private function sources(Worksheet $set): array
    {
        return array_values(
            $set
                ->pages()
                ->with('source')
                ->get()
                ->map(fn (WorksheetPage $page): ?int => $page->source?->position)
                ->all(),
        );
    }
}
