<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Picture;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;
use OpenSlate\Page\Showing;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** What of a page's pictures shows, and what is covered for good. */
final class ShowingTest extends TestCase
{
    private const SHA = 'abababababababababababababababababababababababababababababababab';

    public function test_a_print_that_fills_its_page_shows_as_it_is(): void
    {
        $this->assertTrue(Showing::ofPrint($this->page())?->isWhole());
        $this->assertNull(Showing::ofPrint(new Page(Size::of(600, 800), Colour::white())));
    }

    public function test_only_what_lies_above_covers(): void
    {
        $patch = new Patch('p', Frame::of(10, 20, 100, 50));
        $clip = new Clip(
            'c',
            Frame::of(60, 40, 100, 100),
            self::SHA,
            2,
            left: 0.1,
            top: 0.2,
            across: 0.5,
            down: 0.25,
        );

        $this->assertEquals(
            [Frame::of(60, 40, 50, 30)],
            Showing::ofClip($this->page($clip, $patch), $clip)->covered,
        );
        $this->assertSame([], Showing::ofClip($this->page($patch, $clip), $clip)->covered);
        $this->assertEquals(
            [$patch->frame],
            Showing::ofPrint($this->page($patch, $clip))?->covered,
            'the print lies below all',
        );
        $this->assertSame([0.1, 0.2, 0.5, 0.25], Showing::ofClip($this->page($clip), $clip)->region);
    }

    public function test_a_box_covers_only_where_it_is_told_to(): void
    {
        $box = new AnswerBox('a', Frame::of(10, 20, 100, 50), TextAnswer::short());
        $cover = new AnswerBox('a', Frame::of(10, 20, 100, 50), TextAnswer::short(), cover: true);

        $this->assertTrue(Showing::ofPrint($this->page($box))?->isWhole());
        $this->assertEquals([$cover->frame], Showing::ofPrint($this->page($cover))?->covered);
        $this->assertFalse(Showing::covers(new Label('l', $box->frame, 'words')), 'words hide nothing');
    }

    public function test_what_hangs_over_the_paper_is_cut_whichever_way_the_print_is_turned(): void
    {
        // The print is 600 by 800, laid so that its shown left third is off the paper.
        foreach (
            [
                [Rotation::None, [1 / 3, 0.0, 2 / 3, 1.0]],
                [Rotation::Half, [0.0, 0.0, 2 / 3, 1.0]],
                [Rotation::Quarter, [0.0, 0.0, 1.0, 2 / 3]],
                [Rotation::ThreeQuarters, [0.0, 1 / 3, 1.0, 2 / 3]],
            ] as [$turn, $region]
        ) {
            [$width, $height] = $turn->swapsSides() ? [900.0, 600.0] : [600.0, 900.0];
            $page = new Page(
                Size::of(($width * 2) / 3, $height),
                Colour::white(),
                Backdrop::of(self::SHA, 1, $turn, Frame::of(-$width / 3, 0, $width, $height)),
            );
            $showing = Showing::ofPrint($page);
            $this->assertEqualsWithDelta($region, $showing?->region, 0.0001, $turn->name);
            $this->assertEquals(Frame::of(0, 0, ($width * 2) / 3, $height), $showing?->frame);
        }
        $this->assertNull(
            Showing::ofPrint(
                new Page(
                    Size::of(100, 100),
                    Colour::white(),
                    Backdrop::of(self::SHA, 1, Rotation::None, Frame::of(200, 0, 50, 50)),
                ),
            ),
        );
    }

    public function test_students_are_not_sent_what_a_patch_hides_nor_what_is_kept_back(): void
    {
        $link = new Link(
            'l',
            Frame::of(20, 30, 40, 10),
            LinkTarget::of('https://tides.example/key'),
            'answers',
            printed: true,
        );
        $label = new Label('w', Frame::of(5, 30, 40, 10), 'half under it');
        $kept = new Clip('c', Frame::of(300, 300, 50, 50), self::SHA, 2, kept: true);
        $box = new AnswerBox('a', Frame::of(20, 30, 40, 10), TextAnswer::short());
        $page = $this->page(
            $link,
            $label,
            $kept,
            $box,
            new Patch('p', Frame::of(10, 20, 100, 50)),
            new Label('over', Frame::of(20, 30, 40, 10), 'on it'),
        );
        $ids = fn (Page $shown): array => array_map(
            fn (Element $element): string => $element->id(),
            $shown->elements(),
        );

        $this->assertSame(['w', 'a', 'p', 'over'], $ids($page->forStudents(false)));
        $this->assertSame(['w', 'c', 'a', 'p', 'over'], $ids($page->forStudents(true)));
        $this->assertSame($this->page()->elements(), $this->page()->forStudents(false)->elements());
    }

    public function test_a_page_names_each_file_once_and_says_which_students_may_have_whole(): void
    {
        $picture = fn (string $id, string $sha, int $x): Picture => new Picture(
            $id,
            Frame::of($x, 300, 50, 50),
            str_repeat($sha, 32),
        );
        $page = $this->page(
            new Clip('c', Frame::of(0, 0, 50, 50), self::SHA, 1),
            new Clip('d', Frame::of(0, 0, 50, 50), self::SHA, 7),
            $picture('i', '11', 300),
            $picture('j', '22', 10),
            new Part(
                'card',
                Frame::of(20, 20, 40, 40),
                PartForm::Picture,
                source: str_repeat('33', 32),
                set: [str_repeat('44', 32), str_repeat('22', 32)],
            ),
            new Patch('p', Frame::of(0, 290, 100, 30)),
        );

        $files = PageFile::of($page);
        usort($files, fn (PageFile $a, PageFile $b): int => [$a->sha256, $a->page] <=> [$b->sha256, $b->page]);
        $this->assertEquals(
            [
                new PageFile(str_repeat('11', 32), whole: true),
                new PageFile(str_repeat('22', 32), whole: true),
                new PageFile(str_repeat('33', 32), whole: true),
                new PageFile(str_repeat('44', 32), whole: true),
                new PageFile(self::SHA, 1),
                new PageFile(self::SHA, 7),
            ],
            $files,
        );
        $this->assertEquals([new PageFile(self::SHA, 1)], PageFile::of($this->page()));
        $this->assertSame([], PageFile::of(new Page(Size::of(600, 800), Colour::white())));
        $covered = PageFile::of(
            $this->page($picture('j', '55', 10), new Patch('p', Frame::of(0, 290, 100, 30))),
        );
        $this->assertContainsEquals(new PageFile(str_repeat('55', 32), whole: false), $covered);
    }

    private function page(Element ...$elements): Page
    {
        return new Page(
            Size::of(600, 800),
            Colour::white(),
            Backdrop::of(self::SHA, 1),
            array_values($elements),
        );
    }
}
