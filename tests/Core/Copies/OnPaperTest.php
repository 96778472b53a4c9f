<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\KeyMarking;
use OpenSlate\Marking\Scheme;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** Pages that came back on paper: among the answers, and none of them. */
final class OnPaperTest extends TestCase
{
    /** @return list<Page> */
    private static function pages(): array
    {
        $frame = Frame::of(10, 10, 100, 20);

        return array_map(
            fn (string $id): Page => new Page(
                Size::of(600, 400),
                Colour::white(),
                elements: [new AnswerBox($id, $frame, key: ['ebb'], points: 1.0)],
            ),
            ['a', 'b'],
        );
    }

    /** @param  array<string, string>  $texts */
    private static function work(array $texts): Work
    {
        return Work::none()->save(new Draft(0, 'w', $texts))->work;
    }

    public function test_a_picture_is_kept_by_its_page_and_fills_no_place(): void
    {
        $picture = str_repeat('0f', 32);
        $place = OnPaper::on(2);
        $this->assertSame($picture, $place->form->tidy($picture));
        $work = self::work([$place->id => $picture, '1.a' => 'ebb', '10.x' => 'y', OnPaper::on(1)->id => '']);

        $this->assertSame($picture, OnPaper::picture($work->texts(), 2));
        $this->assertSame('', OnPaper::picture($work->texts(), 1));
        $this->assertSame([2], OnPaper::pages($work->texts()));
        $this->assertSame([2, 11], OnPaper::pages([OnPaper::on(11)->id => 'x', OnPaper::on(2)->id => 'x']));
        $this->assertSame(1, $work->filled(Places::of(self::pages())));
        $this->assertNull(Places::of(self::pages())->find($place->id), 'no student writes in it');
        $this->expectException(AnswerRefused::class);
        $place->form->tidy('not the name of a file');
    }

    public function test_it_is_known_whether_something_was_typed_besides(): void
    {
        $paper = OnPaper::on(1)->id;
        $this->assertTrue(OnPaper::isWrittenToo([$paper => 'x', '1.a' => 'ebb'], 1));
        $this->assertFalse(OnPaper::isWrittenToo([$paper => 'x', '1.a' => '', '11.a' => 'ebb', '2.b' => 'y'], 1));
        $this->assertFalse(OnPaper::isWrittenToo(['1.a' => 'ebb'], 1), 'where nothing came on paper');
        $this->assertSame(
            ['1.a' => 'ebb', OnPaper::on(2)->id => 'z'],
            OnPaper::without([$paper => 'x', '1.a' => 'ebb', OnPaper::on(2)->id => 'z'], 1),
        );
    }

    public function test_what_stands_on_paper_waits_for_a_person_and_what_was_typed_is_marked_by_the_key(): void
    {
        $marking = new KeyMarking(Scheme::of(self::pages()));
        $marks = $marking->of(self::work([OnPaper::on(1)->id => 'x']));
        $this->assertSame(Verdict::Unjudged, $marks->find('1.a')?->verdict);
        $this->assertSame(Verdict::Wrong, $marks->find('2.b')?->verdict, 'the other page is empty');
        $this->assertSame(
            Verdict::Right,
            $marking->of(self::work([OnPaper::on(1)->id => 'x', '1.a' => 'ebb']))->find('1.a')?->verdict,
        );
        // Whom the key had marked before is not what another is.
        $this->assertSame(Verdict::Wrong, $marking->of(self::work([]))->find('1.a')?->verdict);
    }
}
