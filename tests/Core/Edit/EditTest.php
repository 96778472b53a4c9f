<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Elements\Remove;
use OpenSlate\Edit\Elements\Repeat;
use OpenSlate\Edit\Elements\Resize;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Patch;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class EditTest extends TestCase
{
    private Page $page;

    private int $ids = 0;

    protected function setUp(): void
    {
        $this->page = new Page(Size::of(600, 800), Colour::white(), null, [
            new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Name'),
            new Patch('p', Frame::of(300, 100, 40, 20)),
            new Label('l', Frame::of(50, 20, 300, 30), 'Read this'),
        ]);
    }

    public function test_placing_lays_on_top_and_leaves_the_rest_alone(): void
    {
        $after = $this->apply(new Place([new Patch('new', Frame::of(0, 0, 600, 800))]));

        $this->assertSame(['a', 'p', 'l', 'new'], $this->ids($after));
        $this->assertSame(['a', 'p', 'l'], $this->ids($this->page), 'the page before is untouched');
    }

    public function test_nothing_may_lie_off_the_page_or_be_too_small_to_use(): void
    {
        $this->assertRefused('off the page', new Place([new Patch('x', Frame::of(590, 0, 20, 20))]));
        $this->assertRefused('off the page', new Place([new Patch('x', Frame::of(-1, 0, 20, 20))]));
        $this->assertRefused('too small', new Place([new Patch('x', Frame::of(10, 10, 20, 3.9))]));
        $this->assertRefused('off the page', new Resize(['a' => Frame::of(50, 100, 551, 18)]));
        $this->assertRefused('too small', new Resize(['a' => Frame::of(50, 100, 0, 18)]));
        $this->assertRefused('Nothing is selected', new Place([]));
    }

    public function test_a_page_holds_five_hundred_things(): void
    {
        $many = array_map(fn (int $n): Element => new Patch("m{$n}", Frame::of(10, 10, 10, 10)), range(1, 497));
        $full = (new Place($many))->apply($this->page);

        $this->assertCount(500, $full->elements());
        $this->expectExceptionMessage('at most 500');
        (new Place([new Patch('one', Frame::of(10, 10, 10, 10))]))->apply($full);
    }

    public function test_moving_together_stops_at_the_edge_with_places_kept(): void
    {
        $after = $this->apply(new Move(Selection::of(['a', 'p']), 1000, -1000));

        $this->assertSame([310.0, 0.0], $this->at($after, 'a'));
        $this->assertSame([560.0, 0.0], $this->at($after, 'p'));
        $this->assertSame([50.0, 20.0], $this->at($after, 'l'));
    }

    public function test_moving_there_and_back_is_no_change(): void
    {
        $selection = Selection::of(['a', 'l']);
        $after = (new Move($selection, -3.25, -7.1))->apply($this->apply(new Move($selection, 3.25, 7.1)));

        $this->assertEquals($this->page, $after);
    }

    public function test_independent_moves_can_come_in_any_order(): void
    {
        $one = new Move(Selection::of(['a']), 10, 5);
        $other = new Move(Selection::of(['p']), -20, 30);

        $this->assertEquals($other->apply($one->apply($this->page)), $one->apply($other->apply($this->page)));
    }

    public function test_changing_sets_traits_on_all_that_have_them(): void
    {
        $after = $this->apply(new Change(Selection::of(['a', 'p', 'l']), ['size' => 20, 'bold' => true]));

        $this->assertSame(20.0, $this->box($after)->size);
        $label = $after->element('l');
        $this->assertInstanceOf(Label::class, $label);
        $this->assertSame([20.0, true, 'Read this'], [$label->size, $label->bold, $label->text]);
        $this->assertEquals($this->page->element('p'), $after->element('p'));
        $this->assertEquals(
            $after,
            (new Change(Selection::of(['a', 'p', 'l']), ['size' => 20, 'bold' => true]))->apply($after),
            'twice is once',
        );
    }

    public function test_a_box_can_become_one_of_several_lines(): void
    {
        $this->assertEquals(
            TextAnswer::lines(),
            $this->box($this->apply(new Change(Selection::of(['a']), ['answer' => 'lines'])))->form,
        );
    }

    public function test_a_prompt_of_ones_own_is_shown_where_a_printed_one_was_only_said(): void
    {
        $this->page = $this->page->withElements([
            new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Name', printed: true),
        ]);
        $this->assertSame(
            '',
            $this->box($this->apply(new Change(Selection::of(['a']), ['size' => 14])))->shownPrompt(),
        );
        $this->assertSame(
            'Full name',
            $this->box($this->apply(new Change(Selection::of(['a']), ['prompt' => 'Full name'])))->shownPrompt(),
        );
    }

    public function test_values_that_no_page_could_hold_are_refused_in_words(): void
    {
        $this->assertRefused('size must lie between 6 and 96', new Change(Selection::of(['a']), ['size' => 400]));
        $this->assertRefused('"bold"', new Change(Selection::of(['a', 'p']), ['bold' => true]));
        $this->assertRefused('prompt must be text', new Change(Selection::of(['a']), ['prompt' => ['x']]));
        $this->assertRefused('"id"', new Change(Selection::of(['a']), ['id' => 'z']));
    }

    public function test_an_edit_of_something_gone_is_refused_whole(): void
    {
        $this->assertRefused('no longer on this page', new Move(Selection::of(['a', 'gone']), 1, 1));
        $this->assertRefused('no longer on this page', new Remove(Selection::of(['gone'])));
        $this->expectException(EditRefused::class);
        Selection::of([]);
    }

    public function test_removing_and_placing_again_brings_it_back(): void
    {
        $box = $this->box($this->page);
        $without = $this->apply(new Remove(Selection::of(['a'])));

        $this->assertSame(['p', 'l'], $this->ids($without));
        $this->assertEquals($box, (new Place([$box]))->apply($without)->element('a'));
    }

    public function test_repeating_lays_equal_steps_until_the_page_ends(): void
    {
        $after = $this->apply($this->repeat(['a'], 0, 200, 10));

        // From y 100 by steps of 200, the last that fits an 800 point page starts at 700.
        $this->assertSame(['a', 'p', 'l', 'n1', 'n2', 'n3'], $this->ids($after));
        $this->assertSame([50.0, 700.0], $this->at($after, 'n3'));
        $this->assertSame('Name', $this->box($after, 'n2')->prompt);
        $this->assertRefused('off the page', $this->repeat(['a'], 500, 0, 1));
    }

    public function test_repeating_several_keeps_them_together(): void
    {
        $after = $this->apply($this->repeat(['a', 'p'], 0, 30, 2));

        $this->assertCount(7, $after->elements());
        $this->assertSame([50.0, 160.0], $this->at($after, 'n3'));
        $this->assertSame([300.0, 160.0], $this->at($after, 'n4'));
    }

    public function test_whatever_edits_are_made_the_page_can_be_stored(): void
    {
        mt_srand(42);
        $page = $this->page;
        for ($n = 0; $n < 300; $n++) {
            $ids = $this->ids($page);
            $some = array_values(array_filter($ids, fn (): bool => mt_rand(0, 3) === 0)) ?: [$ids[0]];
            $selection = Selection::of($some);
            $edit = match (mt_rand(0, 5)) {
                0 => new Place([
                    new AnswerBox(
                        'r'.$n,
                        Frame::of(
                            mt_rand(0, 5000) / 10,
                            mt_rand(0, 7000) / 10,
                            mt_rand(1, 900) / 10,
                            mt_rand(1, 900) / 10,
                        ),
                    ),
                ]),
                1, 2 => new Move($selection, mt_rand(-3000, 3000) / 7, mt_rand(-3000, 3000) / 7),
                3 => new Resize([
                    $some[0] => Frame::of(mt_rand(0, 500), mt_rand(0, 700), mt_rand(0, 200), mt_rand(0, 200)),
                ]),
                4 => new Change($selection, ['size' => mt_rand(1, 120)]),
                default => $this->repeat($some, mt_rand(-50, 50), mt_rand(-50, 50), 1),
            };
            try {
                $page = $edit->apply($page);
            } catch (EditRefused) {
                // Some of these must be refused; the page is then as it was.
            }
            $this->assertEquals($page, PageCodec::decode(PageCodec::encode($page)));
            foreach ($page->elements() as $element) {
                $this->assertTrue(Frame::of(-0.01, -0.01, 600.02, 800.02)->contains($element->frame()));
            }
        }
        $this->assertGreaterThan(10, count($page->elements()));
    }

    /** @param  list<string>  $ids */
    private function repeat(array $ids, float $dx, float $dy, int $times): Repeat
    {
        return new Repeat(Selection::of($ids), $dx, $dy, $times, fn (): string => 'n'.++$this->ids);
    }

    private function apply(Edit $edit): Page
    {
        return $edit->apply($this->page);
    }

    private function assertRefused(string $words, Edit $edit): void
    {
        try {
            $this->apply($edit);
            $this->fail('The edit was not refused.');
        } catch (EditRefused $refusal) {
            $this->assertStringContainsString($words, $refusal->getMessage());
        }
    }

    private function box(Page $page, string $id = 'a'): AnswerBox
    {
        $box = $page->element($id);
        $this->assertInstanceOf(AnswerBox::class, $box);

        return $box;
    }

    /** @return list<string> */
    private function ids(Page $page): array
    {
        return array_map(fn (Element $element): string => $element->id(), $page->elements());
    }

    /** @return array{float, float} */
    private function at(Page $page, string $id): array
    {
        $frame = $page->element($id)?->frame() ?? Frame::of(0, 0, 0, 0);

        return [$frame->x, $frame->y];
    }
}
