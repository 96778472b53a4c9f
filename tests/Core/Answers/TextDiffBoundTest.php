<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\TextChange;
use OpenSlate\Answers\TextDiff;
use PHPUnit\Framework\TestCase;

/**
 * Comparing texts takes time in proportion to them, whatever they are, and what it says still leads from one to the
 * other.
 */
final class TextDiffBoundTest extends TestCase
{
    public function test_texts_that_have_nothing_in_common_are_compared_in_bounded_time(): void
    {
        mt_srand(12);
        $time = function (int $words): float {
            $texts = array_map(
                fn (): string => implode(' ', array_map(fn (): string => 'w'.mt_rand(0, 100000), range(1, $words))),
                [1, 2],
            );
            $best = INF;
            for ($n = 0; $n < 3; $n++) {
                $began = hrtime(true);
                TextDiff::between(...$texts);
                $best = min($best, (hrtime(true) - $began) / 1e9);
            }

            return $best;
        };
        $time(100);

        // Four times the words would take sixteen times as long if every word were held against every other.
        $this->assertLessThan(8, $time(1000) / $time(250));
    }

    public function test_its_changes_lead_from_one_text_to_the_other_however_different_they_are(): void
    {
        mt_srand(5);
        $words = ['the', 'tide', 'comes', 'in', 'twice', 'a', 'day', 'Harbour', 'gulls,', 'boats.', 'rope', 'over'];
        foreach ([[5, 5], [40, 60], [400, 300], [900, 900], [1000, 10], [10, 1000]] as [$n, $m]) {
            $text = fn (int $length, int $odd): string => implode(
                ' ',
                array_map(
                    fn (): string => $words[mt_rand(0, 11)].(mt_rand(0, 2) === 0 ? mt_rand(0, $odd) : ''),
                    range(1, $length),
                ),
            );
            foreach ([30, 3000] as $odd) {
                [$from, $to] = [$text($n, $odd), $text($m, $odd)];
                $this->assertSame($from, $this->turnedBack($to, TextDiff::between($from, $to)), "{$n} and {$m} words");
            }
        }
    }

    public function test_of_a_passage_written_half_anew_what_was_kept_is_kept(): void
    {
        $kept = fn (int $from, int $to): string => implode(
            ' ',
            array_map(fn (int $n): string => "kept{$n}", range($from, $to)),
        );
        $new = fn (string $letter): string => implode(
            ' ',
            array_map(fn (int $n): string => "{$letter}x{$n}", range(1, 300)),
        );
        $from = "{$kept(1, 50)} {$new('a')} {$kept(51, 100)} {$new('b')} {$kept(101, 150)}";
        $to = "{$kept(1, 50)} {$new('c')} {$kept(51, 100)} {$new('d')} {$kept(101, 150)}";
        $changed = implode(
            ' ',
            array_map(
                fn (TextChange $change): string => $change->from.' '.$change->to,
                TextDiff::between($from, $to),
            ),
        );

        $this->assertStringNotContainsString('kept', $changed);
    }

    /** @param  list<TextChange>  $changes */
    private function turnedBack(string $text, array $changes): string
    {
        $letters = mb_str_split($text);
        foreach (array_reverse($changes) as $change) {
            array_splice($letters, $change->after, mb_strlen($change->to), mb_str_split($change->from));
        }

        return implode('', $letters);
    }
}
