<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\PackReading;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

/** A sheet that its maker has filled in, and calls nothing: to hand it out would be the worst mistake. */
final class FilledPagesTest extends TestCase
{
    private const TASK = 'Complete the sentences with the verb in the past.';

    private const GAPS = [
        '1. The fisher (mend) ______ nets.',
        '2. We (watch) ______ gulls.',
        '3. They (sail) ______ home.',
    ];

    private const FILLED = ['1. The fisher mended nets.', '2. We watched gulls.', '3. They sailed home.'];

    public function test_a_sheet_again_with_its_gaps_filled_is_its_key(): void
    {
        $pages = [
            $this->page(1, 'Sheet 2: Verbs', [self::TASK, ...self::GAPS]),
            $this->page(2, 'Sheet 2: Verbs', [self::TASK, ...self::FILLED]),
        ];
        $reading = PackReading::of($pages);
        $this->assertSame(['student', 'key'], $this->roles($pages));
        $this->assertSame(1, $reading->verdicts[2]->repeats);
        $this->assertSame([2 => [1]], $reading->answers);
        $this->assertSame('has the tasks of page 1, and nothing is left to fill in', $reading->verdicts[2]->reason);
    }

    public function test_other_sentences_under_the_same_task_are_another_sheet(): void
    {
        $first = $this->page(1, 'Sheet 2: Verbs', [self::TASK, ...self::GAPS]);
        $second = fn (string $title, string $task, array $lines): array => $this->roles([
            $first,
            $this->page(2, $title, [$task, ...$lines]),
        ]);
        $gaps = ['4. The crew (haul) ______ ropes.', '5. Gulls (cry) ______ loudly.', '6. You (row) ______ out.'];
        $this->assertSame(['student', 'student'], $second('Sheet 2: Verbs', self::TASK, $gaps));
        $this->assertSame(['student', 'student'], $second('Sheet 2: Verbs', 'Draw what they do.', self::FILLED));
        $this->assertNotSame('key', $second('Sheet 3: Verbs', self::TASK, self::FILLED)[1], 'of another section');
        $few = ['1. The fisher (mend) ______ nets.', '2. We watched gulls.', '3. They (sail) ______ home.'];
        $this->assertSame('student', $second('Sheet 2: Verbs', self::TASK, $few)[1], 'an example is worked out');
    }

    public function test_where_lines_are_drawn_to_write_on_it_is_looked_whether_there_are_any(): void
    {
        $lines = ['1. I go to the harbour.', '2. We buy fish.', '3. He sees a boat.'];
        $done = ['1. I went to the harbour.', '2. We bought fish.', '3. He saw a boat.'];
        $task = 'Write the sentences in the past. Write them neatly.';
        $pages = [
            $this->page(1, 'Sheet 1: The past', [$task, ...$lines]),
            $this->page(2, 'Sheet 1: The past', [$task, ...$done]),
        ];
        $asked = [];
        $read = function (int $first, int $second) use ($pages, &$asked): array {
            $verdicts = PackReading::of($pages, function (array $open) use ($first, $second, &$asked): array {
                $asked = $open;

                return [1 => $first, 2 => $second];
            })->verdicts;

            return array_map(fn ($verdict): string => $verdict->role->value, array_values($verdicts));
        };

        $this->assertSame(['student', 'key'], $read(3, 0));
        $this->assertSame([1, 2], $asked);
        $this->assertSame(['student', 'student'], $read(3, 3));
        $this->assertSame(['student', 'student'], $read(3, 2), 'a line fewer is no key');
        $this->assertSame(['student', 'student'], $read(1, 0));

        $unseen = PackReading::of($pages, fn (array $open): array => [])->verdicts[2];
        $this->assertSame('unknown', $unseen->role->value);
        $this->assertSame('it may be for students, but it has the tasks of page 1', $unseen->reason);
    }

    /**
     * @param  list<PageText>  $pages
     * @return list<string>
     */
    private function roles(array $pages): array
    {
        return array_map(
            fn ($verdict): string => $verdict->role->value,
            array_values(PackReading::of($pages)->verdicts),
        );
    }

    /** @param  list<string>  $lines */
    private function page(int $number, string $title, array $lines): PageText
    {
        return new PageText($number, Size::of(595, 842), [
            $this->line($title, 80, 20),
            ...array_map(
                fn (string $line, int $at): TextLine => $this->line($line, 130 + 30 * $at, 12),
                $lines,
                array_keys($lines),
            ),
        ], null);
    }

    private function line(string $text, int $y, int $height): TextLine
    {
        $words = [];
        $x = 60;
        foreach (explode(' ', $text) as $word) {
            $words[] = new Word($word, Frame::of($x, $y, 6 * strlen($word), $height));
            $x += 6 * strlen($word) + 6;
        }

        return new TextLine($text, Frame::of(60, $y, $x - 66, $height), $words);
    }
}
