<?php

declare(strict_types=1);

namespace Tests\Core;

use OpenSlate\Answers\Ink;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Edit\Elements\Move;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\PackReading;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tags;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Twice the input takes about twice the time: nobody holds the program up with something large but allowed. */
final class GrowthTest extends TestCase
{
    private const RUNS = 7;

    private const MOST_RUNS = 40;

    /** Twice, and room for the logarithm of sorting, for memory, and for a busy machine. */
    private const MOST = 3.4;

    /** @return array<string, array{int, callable(int): (callable(): mixed)}> a size, and what makes work of a size */
    public static function work(): array
    {
        $page = fn (int $elements): Page => new Page(
            Size::of(600, 800),
            Colour::white(),
            null,
            array_map(
                fn (int $n): AnswerBox => new AnswerBox(
                    "b{$n}",
                    Frame::of(10 + ($n % 20) * 25, 10 + intdiv($n, 20) * 25, 22, 18),
                    TextAnswer::short(),
                ),
                range(0, $elements - 1),
            ),
        );

        return [
            'reading a page' => [
                250,
                function (int $n) use ($page): callable {
                    $json = PageCodec::encode($page($n));

                    return fn () => PageCodec::decode($json);
                },
            ],
            'writing a page' => [250, fn (int $n): callable => fn () => PageCodec::encode($page($n))],
            'tags in reading order' => [250, fn (int $n): callable => fn () => Tags::of($page($n))],
            'moving everything' => [
                250,
                function (int $n) use ($page): callable {
                    $all = $page($n);

                    return fn () => (new Move(
                        Selection::of(array_map(fn (int $k): string => "b{$k}", range(0, $n - 1))),
                        1,
                        1,
                    ))->apply($all);
                },
            ],
            'a drawing' => [
                1000,
                function (int $n): callable {
                    $ink = (string) json_encode([
                        'ink' => array_map(
                            fn (int $k): array => ['dark', 14, [$k, $k, 1, 1, 2, 2, 3, 3]],
                            range(1, $n),
                        ),
                    ]);

                    return fn () => Ink::decode($ink)->encode();
                },
            ],
            'a copy with all answers saved' => [
                1000,
                function (int $n) use ($page): callable {
                    $places = Places::of(array_map(fn (): Page => $page(500), range(1, max(1, intdiv($n, 500)))));
                    $answers = [];
                    foreach ($places->all() as $place) {
                        $answers[$place->id] = 'The tide comes in.';
                    }
                    $json = $places->toJson();

                    return fn () => Work::none()
                        ->save(
                            Draft::decode(
                                ['base' => 0, 'window' => 'wind', 'answers' => $answers],
                                Places::fromJson($json),
                            ),
                        )
                        ->work->toJson();
                },
            ],
            'the pages of a pack' => [
                150,
                function (int $n): callable {
                    $texts = array_map(function (int $number): PageText {
                        $line = fn (string $text, float $y): TextLine => new TextLine(
                            $text,
                            Frame::of(50, $y, 300, 12),
                            array_map(
                                fn (string $word, int $at): Word => new Word(
                                    $word,
                                    Frame::of(50 + 40 * $at, $y, 38, 12),
                                ),
                                explode(' ', $text),
                                array_keys(explode(' ', $text)),
                            ),
                        );

                        return new PageText($number, Size::of(600, 800), [
                            $line('Day '.(intdiv($number, 3) + 1), 40),
                            ...array_map(
                                fn (int $k): TextLine => $line(
                                    "Question {$k} of page {$number} asks how high the water stands",
                                    80 + 20 * $k,
                                ),
                                range(1, 12),
                            ),
                            $line("{$number}", 780),
                        ]);
                    }, range(1, $n));

                    return fn () => PackReading::of($texts);
                },
            ],
            'a range of pages' => [
                2000,
                fn (int $n): callable => fn () => PageRange::parse(implode(',', range(1, $n)), $n),
            ],
        ];
    }

    /** @param  callable(int): (callable(): mixed)  $make */
    #[DataProvider('work')]
    public function test_twice_as_much_takes_twice_as_long(int $size, callable $make): void
    {
        [$once, $twice] = [$make($size), $make(2 * $size)];
        $times = [INF, INF];
        // The least of some runs is what the work takes; where others use the same memory, it takes more runs to see
        // it.
        for ($n = 0; $n < self::RUNS || ($n < self::MOST_RUNS && $times[1] / $times[0] >= self::MOST); $n++) {
            foreach ([$once, $twice] as $which => $work) {
                $began = self::processorTime();
                $work();
                $times[$which] = min($times[$which], self::processorTime() - $began);
            }
        }

        $this->assertLessThan(
            self::MOST,
            $times[1] / $times[0],
            sprintf('%.1f ms, then %.1f ms', $times[0] * 1e3, $times[1] * 1e3),
        );
    }

    /** Of this process, in seconds: what else the machine does meanwhile does not count. */
    private static function processorTime(): float
    {
        $used = (array) getrusage();

        return $used['ru_utime.tv_sec'] +
            $used['ru_stime.tv_sec'] +
            ($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec']) / 1e6;
    }
}
