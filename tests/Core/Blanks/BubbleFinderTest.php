<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BubbleFinderTest extends TestCase
{
    /** @return array<string, array{string, bool}> */
    public static function tasks(): array
    {
        return [
            'to write in it' => ['What does the pilot say? Write in the bubble.', true],
            'to draw in a cloud' => ['Draw what she thinks inside the big cloud.', true],
            'by its name' => ['Fill in the speech bubbles.', true],
            'a map of ideas' => ['Make a mind map of the harbour.', true],
            'what it is' => ['Which of these shapes is a kite?', false],
            'the sky' => ['What do the clouds tell the pilot?', false],
        ];
    }

    #[DataProvider('tasks')]
    public function test_outlines_are_written_in_where_the_page_says_so(string $task, bool $isWritten): void
    {
        $this->assertCount((int) $isWritten, BlankFinder::find($this->marks($task)));
    }

    public function test_what_is_full_or_crossed_or_small_is_not(): void
    {
        $task = 'Write in the bubble.';
        $word = TextLine::of(new Word('Ahoy', Frame::of(180, 230, 40, 14)));

        $this->assertCount(1, BlankFinder::find($this->marks($task)));
        $this->assertSame([], BlankFinder::find($this->marks($task, lines: [$word])));
        $this->assertSame([], BlankFinder::find($this->marks($task, [Frame::of(140, 220, 30, 30)])), 'a drawing in it');
        $this->assertSame([], BlankFinder::find($this->marks($task, rules: [new Rule(true, 240, 80, 400)])));
        $this->assertSame([], BlankFinder::find($this->marks($task, room: Frame::of(110, 210, 40, 18))));
    }

    public function test_in_a_picture_the_flat_part_of_an_outline_is_no_line_to_write_on(): void
    {
        $kinds = fn (float $at, float $from, float $to): array => array_map(
            fn (Blank $blank): BlankKind => $blank->kind,
            BlankFinder::find(new Marks(
                Size::of(600, 800),
                [new Rule(true, $at, $from, $to)],
                lines: $this->marks('Write in the cloud.')->lines,
                seen: true,
                outlines: [Frame::of(100, 205, 200, 70)],
            )),
        );

        $this->assertSame([BlankKind::Box], $kinds(196, 150, 220), 'its upper side');
        $this->assertSame([BlankKind::Box], $kinds(284, 150, 220), 'its lower side');
        foreach ([[190, 150, 220], [196, 80, 150], [196, 90, 310]] as [$at, $from, $to]) {
            $this->assertEqualsCanonicalizing([BlankKind::Line, BlankKind::Box], $kinds($at, $from, $to));
        }
    }

    /**
     * @param  list<Frame>  $drawings
     * @param  list<TextLine>  $lines
     * @param  list<Rule>  $rules
     */
    private function marks(
        string $task,
        array $drawings = [],
        array $lines = [],
        array $rules = [],
        ?Frame $room = null,
    ): Marks {
        return new Marks(
            Size::of(600, 800),
            $rules,
            drawings: [Frame::of(90, 195, 230, 110), ...$drawings],
            lines: [TextLine::of(
                ...array_map(
                    fn (string $word, int $at): Word => new Word($word, Frame::of(72 + 50 * $at, 100, 45, 14)),
                    explode(' ', $task),
                    array_keys(explode(' ', $task)),
                ),
            ), ...$lines],
            outlines: [$room ?? Frame::of(100, 205, 200, 70)],
        );
    }
}
