<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Documents\Dictionary;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Misspelt;
use OpenSlate\Judging\OwnWords;
use OpenSlate\Judging\Strictness;
use OpenSlate\Judging\TextJudge;
use OpenSlate\Judging\Verdict;
use PHPUnit\Framework\TestCase;

/**
 * Answers with verdicts that were written down beforehand (tests/answers/words.txt): what is right is never called
 * wrong, and what is wrong hardly ever right.
 */
final class TextAnswersTest extends TestCase
{
    public function test_there_are_enough_of_them(): void
    {
        $answers = self::answers();

        $this->assertGreaterThanOrEqual(300, count($answers));
        $this->assertGreaterThanOrEqual(100, count(array_filter($answers, fn (array $one): bool => $one[2])));
    }

    public function test_no_right_one_is_called_wrong_and_hardly_a_wrong_one_right(): void
    {
        foreach ([Misspelt::Right, Misspelt::Half, Misspelt::Look] as $misspelt) {
            [$deniedRight, $grantedWrong] = $this->mistakes($misspelt);

            $this->assertSame([], $deniedRight, "right ones called wrong, misspelt: {$misspelt->value}");
            $wrong = count(array_filter(self::answers(), fn (array $one): bool => ! $one[2]));
            $this->assertLessThanOrEqual(0.01 * $wrong, count($grantedWrong), implode("\n", $grantedWrong));
        }
    }

    public function test_most_are_judged_and_do_not_wait(): void
    {
        $waiting = array_filter(
            self::answers(),
            fn (array $one): bool => self::judged($one[0], $one[1], Misspelt::Right)->verdict === Verdict::Unjudged,
        );

        $this->assertLessThan(0.06 * count(self::answers()), count($waiting), implode("\n", array_map(
            fn (array $one): string => implode(' | ', $one[0])." <- {$one[1]}",
            $waiting,
        )));
    }

    /** @return array{list<string>, list<string>} right ones called wrong, wrong ones called right or half right */
    private function mistakes(Misspelt $misspelt): array
    {
        $denied = $granted = [];
        foreach (self::answers() as [$key, $given, $isRight]) {
            $verdict = self::judged($key, $given, $misspelt)->verdict;
            if ($isRight && $verdict === Verdict::Wrong) {
                $denied[] = "{$key[0]} <- {$given}";
            } elseif (! $isRight && ($verdict === Verdict::Right || $verdict === Verdict::Part)) {
                $granted[] = "{$key[0]} <- {$given}";
            }
        }

        return [$denied, $granted];
    }

    /** @param  non-empty-list<string>  $key */
    private static function judged(array $key, string $given, Misspelt $misspelt): Judgement
    {
        static $dictionary = null;
        $dictionary ??= new Dictionary(
            ['/usr/share/dict/british-english-large', '/usr/share/dict/american-english-large'],
            sys_get_temp_dir(),
        );

        return TextJudge::of($key, $given, new Strictness([], $misspelt), OwnWords::of($key, $dictionary));
    }

    /** @return list<array{non-empty-list<string>, string, bool}> key, answer, whether it is right */
    private static function answers(): array
    {
        $answers = [];
        $key = [''];
        foreach (file(__DIR__.'/../answers/words.txt', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$sign, $rest] = [$line[0] ?? '', trim(substr($line, 1))];
            if ($sign === '=') {
                $key = array_map(trim(...), explode('|', $rest));
            } elseif ($sign === '+' || $sign === '-') {
                foreach (explode(';', $rest) as $given) {
                    $answers[] = [$key, trim($given), $sign === '+'];
                }
            }
        }

        return $answers;
    }
}
