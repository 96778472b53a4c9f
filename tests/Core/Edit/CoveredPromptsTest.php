<?php

declare(strict_types=1);

namespace Tests\Core\Edit;

use OpenSlate\Blanks\Printed;
use OpenSlate\Edit\CoveredPrompts;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Patch;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

/** "1. Name the river" at the left, "2. Name the Severn bridge" below it, a box beside each. */
final class CoveredPromptsTest extends TestCase
{
    private int $read = 0;

    public function test_a_prompt_goes_with_the_print_that_a_patch_covers(): void
    {
        $after = $this->cleared($this->page(), $this->page(new Patch('p', Frame::of(0, 40, 300, 30))));

        $this->assertSame(['one' => '1. Name the river', 'two' => ''], $this->prompts($after));
        $this->assertFalse($after->elements()[1]->printed, 'a prompt typed instead is shown');
    }

    public function test_one_covered_word_is_enough(): void
    {
        $after = $this->cleared($this->page(), $this->page(new Patch('p', Frame::of(160, 40, 50, 30))));

        $this->assertSame(['one' => '1. Name the river', 'two' => ''], $this->prompts($after));
    }

    public function test_a_word_that_can_be_read_elsewhere_on_the_page_is_not_taken_away(): void
    {
        $after = $this->cleared($this->page(), $this->page(new Patch('p', Frame::of(58, 40, 50, 30))));

        $this->assertSame(
            '2. Name the Severn bridge',
            $this->prompts($after)['two'],
            '"Name" stands in the first line, too',
        );
    }

    public function test_a_patch_that_touches_less_than_half_of_a_word_leaves_it_readable(): void
    {
        $after = $this->cleared($this->page(), $this->page(new Patch('p', Frame::of(0, 56, 300, 30))));

        $this->assertSame('2. Name the Severn bridge', $this->prompts($after)['two']);
    }

    public function test_a_prompt_that_was_typed_is_the_teachers(): void
    {
        $typed = new AnswerBox('three', Frame::of(320, 100, 100, 20), prompt: 'Which bridge? The Severn');
        $after = $this->cleared($this->page($typed), $this->page($typed, new Patch('p', Frame::of(0, 0, 300, 90))));

        $this->assertSame('Which bridge? The Severn', $this->prompts($after)['three']);
    }

    public function test_a_box_laid_later_does_not_say_what_is_covered_either(): void
    {
        $patch = new Patch('p', Frame::of(0, 40, 300, 30));
        $late = new AnswerBox('late', Frame::of(320, 44, 100, 20), prompt: 'the Severn bridge', printed: true);
        $after = $this->cleared(
            new Page(Size::of(600, 800), Colour::white(), null, [$patch]),
            new Page(Size::of(600, 800), Colour::white(), null, [$patch, $late]),
        );

        $this->assertSame(['late' => ''], $this->prompts($after));
    }

    public function test_what_a_teacher_put_back_stays_until_the_patches_change(): void
    {
        $patch = new Patch('p', Frame::of(0, 40, 300, 30));
        $this->cleared($this->page($patch), $this->page($patch));
        $this->cleared($this->page(), $this->page());

        $this->assertSame(0, $this->read, 'and nothing is read while nothing could be covered');
    }

    private function page(Element ...$more): Page
    {
        return new Page(Size::of(600, 800), Colour::white(), null, [
            new AnswerBox('one', Frame::of(320, 14, 100, 20), prompt: '1. Name the river', printed: true),
            new AnswerBox('two', Frame::of(320, 44, 100, 20), prompt: '2. Name the Severn bridge', printed: true),
            ...array_values($more),
        ]);
    }

    private function cleared(Page $before, Page $after): Page
    {
        $line = fn (float $y, string ...$words): array => array_map(
            fn (int $at): Word => new Word($words[$at], Frame::of(10 + 50 * $at, $y, 45, 10)),
            array_keys($words),
        );

        return CoveredPrompts::cleared(
            $before,
            $after,
            new Printed(fn (): array => [], function () use ($line): array {
                $this->read++;

                return [
                    ...$line(20, '1.', 'Name', 'the', 'river'),
                    ...$line(50, '2.', 'Name', 'the', 'Severn', 'bridge'),
                ];
            }),
        );
    }

    /** @return array<string, string> */
    private function prompts(Page $page): array
    {
        $boxes = array_filter($page->elements(), fn (Element $element): bool => $element instanceof AnswerBox);

        return array_column(array_map(fn (AnswerBox $box): array => [$box->id, $box->prompt], $boxes), 1, 0);
    }
}
