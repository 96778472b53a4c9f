<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\CutPageSet;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\OfferMending;
use App\Actions\TryWorksheet;
use App\Actions\UndoEdit;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Elements\Remove;
use OpenSlate\Edit\Parts\SetTray;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A master is mended once, and the sets that were cut from it take the change. */
final class MendingTest extends TestCase
{
    use RefreshDatabase;

    private Worksheet $master;

    private Worksheet $one;

    private Worksheet $two;

    protected function setUp(): void
    {
        parent::setUp();
        $teacher = Teacher::factory()->create();
        $this->actingAs($teacher, 'teacher');
        $label = fn (string $id, string $text): Label => new Label($id, Frame::of(50, 20, 300, 30), $text);
        $this->master = Worksheet::factory()
            ->for($teacher)
            ->withPagesOf([[$label('a', 'Tides'), $label('b', 'Harbour')], [$label('c', 'Boats')]])
            ->create(['name' => 'Pack', 'unlocked' => true]);
        $this->one = app(CutPageSet::class)($this->master, [1, 2], 'One');
        $this->two = app(CutPageSet::class)($this->master, [1], 'Two');
    }

    public function test_untouched_sets_take_it_in_one_step_and_keep_what_is_their_own(): void
    {
        $this->get($this->url())->assertOk()->assertSee('Nothing waits to be mended.');
        $this->edit($this->two, 1, new Place([new Label('own', Frame::of(10, 400, 100, 20), 'For Two')]));
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));
        $this->assertReads(
            '2 pages in what was cut from this could take what you changed here.',
            $this->get("/worksheets/{$this->master->id}"),
        );
        $this->assertReads(
            '1 page of this has changed in Pack since.',
            $this->get("/worksheets/{$this->two->id}"),
        );
        $this->get($this->url())->assertSee('Can take the change as it is: 2 pages');

        $this->mendAll()->assertRedirect()->assertSessionHas('done', 'Mended: 2 pages.');
        $this->assertSame(['Tide times', 'Harbour'], $this->texts($this->one, 1));
        $this->assertSame(['Tide times', 'Harbour', 'For Two'], $this->texts($this->two, 1));
        $this->get($this->url())->assertSee('Nothing waits to be mended.');
        $this->mendAll()->assertSessionHas('done', 'Mended: 0 pages.');

        $page = $this->page($this->one, 1);
        app(UndoEdit::class)($page, $page->revision);
        $this->assertSame(['Tides', 'Harbour'], $this->texts($this->one, 1), 'each page can be put back');
    }

    public function test_what_both_changed_is_settled_element_by_element(): void
    {
        $this->edit($this->one, 1, $this->words('a', 'Ebb and flow'));
        $this->edit($this->one, 1, new Remove(Selection::of(['b'])));
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));
        $this->edit($this->master, 1, $this->words('b', 'The quay'));
        $this->assertReads('One, page 1: changed on both sides', $this->get($this->url()));
        $this->get($this->url())
            ->assertSee('Ebb and flow')
            ->assertSee('taken off the page');
        $this->mendAll()->assertSessionHas('done', 'Mended: 1 page.');
        $this->assertSame(['Ebb and flow'], $this->texts($this->one, 1), 'a clash is never settled by itself');

        $this->settle($this->one, 1, ['take' => ['a' => 'set', 'b' => 'master']])->assertSessionHas(
            'done',
            'Mended: page 1 of One.',
        );
        $this->assertEqualsCanonicalizing(['Ebb and flow', 'The quay'], $this->texts($this->one, 1));
        $this->get($this->url())->assertSee('Nothing waits to be mended.');
    }

    public function test_every_kind_of_thing_can_be_in_dispute_and_is_named(): void
    {
        $kinds = [
            'Answer box' => new AnswerBox('x', Frame::of(50, 100, 90, 20)),
            'Table' => new Table('x', Frame::of(50, 100, 90, 20), [1.0], [1.0], [new TableCell('', true)]),
            'Shape' => new Shape('x', Frame::of(50, 100, 90, 20)),
            'Picture' => new Picture('x', Frame::of(50, 100, 90, 20), str_repeat('ab', 32)),
        ];
        foreach ($kinds as $named => $element) {
            $master = Worksheet::factory()
                ->for($this->master->teacher)
                ->withPages($element)
                ->create(['unlocked' => true]);
            $set = app(CutPageSet::class)($master, [1], 'Set');
            $this->edit($set, 1, new Move(Selection::of(['x']), 10, 0));
            $this->edit($master, 1, new Move(Selection::of(['x']), 0, 10));
            $this->get("/worksheets/{$master->id}/mending")
                ->assertOk()
                ->assertSee('changed on both sides')
                ->assertSee($named);
        }
    }

    public function test_a_tray_that_both_changed_is_chosen_as_a_whole(): void
    {
        $this->edit($this->one, 1, new SetTray(new Tray(TraySide::Left, 90)));
        $this->edit($this->master, 1, new SetTray(new Tray(TraySide::Bottom, 200, false)));
        $this->get($this->url())
            ->assertOk()
            ->assertSee('at the left, 90 pt deep, open')
            ->assertSee('below, 200 pt deep, shut');
        $this->settle($this->one, 1, ['page_takes' => ['tray' => 'master', 'nonsense' => 'master']])->assertSessionHas(
            'done',
            'Mended: page 1 of One.',
        );

        $this->assertEquals(new Tray(TraySide::Bottom, 200, false), $this->page($this->one, 1)->current->page()->tray);
    }

    public function test_a_page_can_be_left_as_it_is_until_the_master_changes_again(): void
    {
        $this->edit($this->one, 1, $this->words('a', 'Ebb and flow'));
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));
        $this->settle($this->one, 1, ['leave' => 1])->assertSessionHas('done', 'Left as it is: page 1 of One.');
        $this->assertSame(['Ebb and flow', 'Harbour'], $this->texts($this->one, 1));
        $this->get($this->url())->assertDontSee('One, page 1');
        $this->edit($this->master, 1, $this->words('a', 'Tide tables'));
        $this->assertReads('One, page 1: changed on both sides', $this->get($this->url()));
    }

    public function test_a_set_whose_page_was_removed_or_that_is_in_the_bin_is_told_of_in_a_sentence(): void
    {
        $this->edit($this->one, 1, $this->words('a', 'Ebb and flow'));
        $this->edit($this->two, 1, $this->words('a', 'Springs and neaps'));
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));
        $waits = 'waits for no mending any more';
        $this->postJson("/worksheets/{$this->one->id}/pages/arrange", [
            'base' => 0,
            'kind' => 'remove',
            'pages' => [$this->page($this->one, 1)->id],
        ])->assertOk();
        $gone = $this->one->allPages()->whereNull('position')->sole();
        $this->post($this->url().'/page', [
            'page' => $gone->id,
            'seen' => 'before',
        ])->assertSessionHasErrors(['refused']);
        $this->get($this->url())->assertSee($waits)->assertDontSee('One, page');

        $page = $this->page($this->two, 1);
        $this->two->delete();
        $this->post($this->url().'/page', [
            'page' => $page->id,
            'seen' => 'before',
        ])->assertSessionHasErrors(['refused']);
        $this->get($this->url())->assertSee($waits);
        $this->assertSame('Springs and neaps', $this->texts($this->two, 1)[0]);
    }

    public function test_what_changed_meanwhile_is_looked_at_again(): void
    {
        $this->edit($this->one, 1, $this->words('a', 'Ebb and flow'));
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));
        $page = $this->page($this->one, 1);
        $seen = $this->seen($page);
        $take = ['page' => $page->id, 'seen' => $seen, 'take' => ['a' => 'master']];
        $this->edit($this->one, 1, $this->words('a', 'Slack water'));
        $this->post($this->url().'/page', $take)->assertSessionHasErrors('refused');
        $this->get($this->url())->assertSee('was changed meanwhile. Look at it again.');
        $this->assertSame('Slack water', $this->texts($this->one, 1)[0]);

        $take['seen'] = $this->seen($page);
        $this->edit($this->master, 1, $this->words('a', 'Times of the tide'));
        $this->post($this->url().'/page', $take)->assertSessionHasErrors('refused');
        $this->assertSame('Slack water', $this->texts($this->one, 1)[0]);
    }

    public function test_a_set_that_is_itself_locked_is_left_and_named(): void
    {
        app(CutPageSet::class)($this->one, [2], 'Of one');
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));
        $this->mendAll()->assertSessionHas('done', 'Mended: 1 page. Locked, and left as it was: One.');
        $this->assertSame('Tides', $this->texts($this->one, 1)[0]);
    }

    public function test_sets_are_chosen_and_it_is_said_how_many_copies_are_out_already(): void
    {
        $class = SchoolClass::factory()->of($this->one->teacher)->create();
        $class->students()->attach(Student::factory()->count(3)->create());
        app(HandOutWorksheets::class)(
            $this->one->teacher,
            new HandoutPlan('T', '', null, null, [[$this->one, Mode::OwnCopy]], [$class]),
        );
        app(TryWorksheet::class)($this->two->teacher, $this->two);
        $this->edit($this->master, 1, $this->words('a', 'Tide times'));

        $page = $this->get($this->url())->assertSee('3 copies of it')->assertDontSee('1 copy of it');
        $page->assertSeeInOrder(['Page 1 as it is', 'Tides', 'Page 1 mended', 'Tide times']);
        $this->post($this->url())->assertSessionHasErrors(['refused']);
        $this->post($this->url(), ['sets' => ['x', [1]]])->assertSessionHasErrors(['refused']);
        $this->post($this->url(), ['sets' => [$this->two->id]])->assertSessionHas('done', 'Mended: 1 page.');
        $this->assertSame(['Tides', 'Tide times'], [$this->texts($this->one, 1)[0], $this->texts($this->two, 1)[0]]);
    }

    /** @return TestResponse<Response> */
    private function mendAll(): TestResponse
    {
        return $this->post($this->url(), ['sets' => $this->master->sets()->pluck('id')->all()]);
    }

    private function url(): string
    {
        return "/worksheets/{$this->master->id}/mending";
    }

    private function page(Worksheet $worksheet, int $number): WorksheetPage
    {
        return $worksheet->pages()->where('position', $number)->with('current')->sole();
    }

    private function edit(Worksheet $worksheet, int $number, Edit $edit): void
    {
        $page = $this->page($worksheet, $number);
        app(ApplyEdit::class)($page, $page->revision, $edit);
    }

    private function words(string $id, string $text): Change
    {
        return new Change(Selection::of([$id]), ['text' => $text]);
    }

    /** @return list<string> */
    private function texts(Worksheet $worksheet, int $number): array
    {
        return array_map(
            fn (Element $element): string => $element instanceof Label ? $element->text : '',
            $this->page($worksheet, $number)->current->page()->elements(),
        );
    }

    /**
     * @param  array<string, mixed>  $choice
     * @return TestResponse<Response>
     */
    private function settle(Worksheet $set, int $number, array $choice): TestResponse
    {
        $page = $this->page($set, $number);

        return $this->post($this->url().'/page', ['page' => $page->id, 'seen' => $this->seen($page)] + $choice);
    }

    /** What is offered to a page now, as the form that settles it names it. */
    private function seen(WorksheetPage $page): string
    {
        foreach (app(OfferMending::class)($this->master->refresh()) as $offer) {
            if ($offer->page->id === $page->id) {
                return $offer->token();
            }
        }

        return '';
    }
}
