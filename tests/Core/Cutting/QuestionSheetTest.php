<?php

declare(strict_types=1);

namespace Tests\Core\Cutting;

use Closure;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Cutting\AskedPage;
use OpenSlate\Cutting\QuestionSheet;
use OpenSlate\Cutting\UnusableRange;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Questions\Question;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;

final class QuestionSheetTest extends TestCase
{
    public function test_chosen_questions_stand_below_each_other_under_what_heads_them(): void
    {
        $page = $this->asked([$this->question('1', 200), $this->question('2', 300), $this->question('3', 400)]);
        [$sheet] = $this->pages([$page], ['1', '3'], $this->ids());
        $clips = $this->of(Clip::class, $sheet);

        $this->assertNull($sheet->backdrop);
        $this->assertCount(3, $clips, 'the heading and two questions');
        foreach ([1, 2] as $at) {
            $this->assertGreaterThan($clips[$at - 1]->frame->bottom(), $clips[$at]->frame->y);
        }
        // What heads them goes from its first line to just above the first question, as wide as these.
        $this->assertEqualsWithDelta((60 - 4) / 800, $clips[0]->top, 0.001);
        $this->assertEqualsWithDelta((200 - 4 - 60 + 4) / 800, $clips[0]->down, 0.001);
        foreach ($clips as $clip) {
            $this->assertEqualsWithDelta((60 - 4) / 600, $clip->left, 0.001);
            $this->assertEqualsWithDelta((480 + 8) / 600, $clip->across, 0.001);
        }
        // The third question is shown as it is printed: a tenth of the page, from its half on.
        $this->assertEqualsWithDelta((400 - 4) / 800, $clips[2]->top, 0.001);
        $this->assertEqualsWithDelta((60 + 8) / 800, $clips[2]->down, 0.001);
    }

    public function test_boxes_lie_on_their_questions_as_before_with_their_keys(): void
    {
        $box = $this->box('kept', 120, 420);
        $page = $this->asked(
            [$this->question('1', 200), $this->question('2', 400)],
            [$box, $this->box('other', 120, 220)],
        );
        [$sheet] = $this->pages([$page], ['2'], $this->ids());
        [$laid] = $this->of(AnswerBox::class, $sheet);
        $clip = $this->of(Clip::class, $sheet)[1];

        $this->assertCount(1, $this->of(AnswerBox::class, $sheet));
        $this->assertSame(['What?', ['keel']], [$laid->prompt, $laid->key]);
        $this->assertEqualsWithDelta($box->frame->y - 396, $laid->frame->y - $clip->frame->y, 0.01);
        $this->assertEqualsWithDelta($box->frame->x - $clip->frame->x, $laid->frame->x - $clip->frame->x, 0.01);
    }

    public function test_what_does_not_fit_goes_on_on_another_page(): void
    {
        $questions = array_map(fn (int $n): Question => $this->question((string) $n, 100 * $n, 90), range(1, 7));
        $pages = $this->pages(
            [$this->asked($questions), $this->asked($questions)],
            ['1', '2', '3', '4', '5', '6', '7'],
            $this->ids(),
        );

        $clips = array_map(fn (Page $one): int => count($this->of(Clip::class, $one)), $pages);
        $this->assertSame(15, array_sum($clips), 'fourteen questions, and the heading, which both pages have, once');
        $this->assertGreaterThan(1, count($pages));
        foreach ($pages as $page) {
            foreach ($page->elements() as $element) {
                $this->assertTrue($page->frame()->contains($element->frame()));
            }
        }
    }

    public function test_a_question_as_high_as_the_page_has_a_page(): void
    {
        $page = $this->asked([$this->question('1', 90, 705), $this->question('2', 796, 3)]);
        $pages = $this->pages([$page], ['1'], $this->ids());

        $this->assertCount(2, $pages, 'the heading, and the question');
        $this->assertTrue($pages[1]->frame()->contains($pages[1]->elements()[0]->frame()));
    }

    public function test_what_heads_a_page_stays_with_its_first_question(): void
    {
        $long = $this->asked([$this->question('1', 200, 400)]);
        $headed = fn (float $height): AskedPage => $this->asked(
            [$this->question('2', 150, $height), $this->question('3', 300)],
            heading: 'Look at the map.',
        );
        $clips = fn (float $height): array => array_map(
            fn (Page $one): int => count($this->of(Clip::class, $one)),
            $this->pages([$long, $headed($height)], ['1', '2'], $this->ids()),
        );

        $this->assertSame([4], $clips(30), 'there is room for both');
        $this->assertSame([2, 2], $clips(60), 'there is room for the heading alone');
        $this->assertSame([3, 1], $clips(640), 'no page holds both');
    }

    public function test_pages_of_another_size_begin_a_page_of_that_size(): void
    {
        $upright = $this->asked([$this->question('1', 200)]);
        $level = $this->asked([$this->question('2', 200)], size: Size::of(800, 600));
        $pages = $this->pages([$upright, $level, $upright], ['1', '2'], $this->ids());

        $this->assertSame([600.0, 800.0, 600.0], array_map(fn (Page $one): float => $one->size->width, $pages));
    }

    public function test_a_box_larger_than_its_question_stays_on_the_page(): void
    {
        $large = new AnswerBox('large', Frame::of(60, 100, 480, 600), TextAnswer::lines());
        $page = $this->asked([$this->question('1', 380)], [$large]);
        [$sheet] = $this->pages([$page], ['1'], $this->ids());
        [$box] = $this->of(AnswerBox::class, $sheet);

        $this->assertTrue($sheet->frame()->contains($box->frame));
        $this->assertGreaterThan(300, $box->frame->height);
    }

    public function test_parts_of_a_question_come_with_it_and_not_again(): void
    {
        $whole = $this->question('1', 200, 100);
        $page = $this->asked([
            $whole,
            new Question('1a', Frame::of(60, 230, 480, 20), [], of: '1'),
            $this->question('2', 320),
        ]);

        $this->assertSame(['1', '2'], array_column($page->questions, 'number'));
    }

    public function test_a_question_of_the_right_column_begins_at_the_left(): void
    {
        $right = new Question('2', Frame::of(320, 200, 200, 60), []);
        $page = $this->asked([$this->question('1', 200), $right]);
        [$sheet] = $this->pages([$page], ['2'], $this->ids());

        $this->assertLessThan(80, $this->of(Clip::class, $sheet)[1]->frame->x);
    }

    public function test_pages_with_parts_to_move_are_cut_whole(): void
    {
        $part = new Part('part', Frame::of(120, 220, 60, 20), text: 'keel');
        $page = $this->asked([$this->question('1', 200), $this->question('2', 300)], [$part]);

        $this->assertNotSame([], $this->pages([$page], ['2'], $this->ids()));
        $this->expectException(UnusableRange::class);
        $this->expectExceptionMessage('On page 3 there are parts to move');
        $this->pages([$page], ['1'], $this->ids());
    }

    /**
     * @param  non-empty-list<AskedPage>  $asked
     * @param  list<string>  $numbers
     * @param  Closure(): string  $id
     * @return list<Page>
     */
    private function pages(array $asked, array $numbers, Closure $id): array
    {
        return array_column(QuestionSheet::of($asked, $numbers, $id), 'page');
    }

    /**
     * A page, of 600 by 800 points if nothing else is said, with a running head, a heading, and these questions.
     *
     * @param  list<Question>  $questions
     * @param  list<Element>  $elements
     */
    private function asked(
        array $questions,
        array $elements = [],
        ?Size $size = null,
        string $heading = 'Answer in sentences.',
    ): AskedPage {
        $size ??= Size::of(600, 800);

        return new AskedPage(
            3,
            new Page($size, Colour::white(), Backdrop::of(str_repeat('a', 64), 3), $elements),
            $size,
            $questions,
            [
                new TextLine('Harbour words', Frame::of(60, 12, 100, 10)),
                new TextLine($heading, Frame::of(60, 60, 200, 14)),
            ],
        );
    }

    private function question(string $number, float $y, float $height = 60): Question
    {
        return new Question($number, Frame::of(60, $y, 480, $height), []);
    }

    private function box(string $id, float $x, float $y): AnswerBox
    {
        return new AnswerBox($id, Frame::of($x, $y, 200, 20), TextAnswer::short(), 'What?', key: ['keel']);
    }

    /** @return Closure(): string */
    private function ids(): Closure
    {
        $number = 0;

        return function () use (&$number): string {
            return 'e'.++$number;
        };
    }

    /**
     * @template T of Element
     *
     * @param  class-string<T>  $class
     * @return list<T>
     */
    private function of(string $class, Page $page): array
    {
        return array_values(array_filter($page->elements(), fn (Element $one): bool => $one instanceof $class));
    }
}
