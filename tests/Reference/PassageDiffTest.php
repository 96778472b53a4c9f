<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Answers\TextChange;
use OpenSlate\Answers\TextDiff;
use OpenSlate\Answers\TextToken;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What a passage keeps of another, against jsdiff (diff 9.0.0 from the npm registry) on the same words and marks. */
final class PassageDiffTest extends TestCase
{
    private const PASSAGE = 'The ferry leaves the old harbour at nine. It carries crabs, lobsters and mail to the '
        .'island, where the keeper waits. Nobody knows why he never comes across, but every week he sends a '
        .'letter. When the tide is low, children walk out to the wreck and look for shells. Is it far? Not for '
        .'them!';

    public function test_mistakes_that_were_planted_leave_as_much_as_jsdiff_leaves(): void
    {
        mt_srand(8);
        $texts = [];
        for ($n = 0; $n < 300; $n++) {
            $texts[] = $this->planted(self::PASSAGE, mt_rand(1, 8));
        }
        $words = fn (string $text): array => array_values(
            array_filter(
                array_map(fn (TextToken $token): string => $token->text, TextToken::all($text)),
                fn (string $word): bool => $word !== '',
            ),
        );
        $asked = json_encode(
            array_map(fn (string $text): array => [$words(self::PASSAGE), $words($text)], $texts),
            JSON_THROW_ON_ERROR,
        );
        /** @var list<int> $theirs */
        $theirs = json_decode(
            (new Process(['node', __DIR__.'/jsdiff.mjs']))->setInput($asked)->mustRun()->getOutput(),
            true,
            flags: JSON_THROW_ON_ERROR,
        );

        $same = 0;
        foreach ($texts as $index => $text) {
            $gone = array_sum(
                array_map(
                    fn (TextChange $change): int => count($words($change->from)),
                    TextDiff::between(self::PASSAGE, $text),
                ),
            );
            $kept = count($words(self::PASSAGE)) - $gone;
            $this->assertLessThanOrEqual($theirs[$index], $kept, 'the longest common subsequence cannot be longer');
            $same += (int) ($kept === $theirs[$index]);
        }
        $this->assertGreaterThan(0.97 * count($texts), $same);
    }

    private function planted(string $text, int $mistakes): string
    {
        for ($n = 0; $n < $mistakes; $n++) {
            $words = explode(' ', $text);
            $at = mt_rand(0, count($words) - 1);
            $word = $words[$at];
            $words[$at] = match (mt_rand(0, 5)) {
                0 => ctype_upper($word[0]) ? lcfirst($word) : ucfirst($word),
                1 => rtrim($word, '.,!?'),
                2 => strlen($word) > 4 ? substr($word, 0, 2).substr($word, 3) : $word,
                3 => 'really '.$word,
                4 => 'gull',
                default => strlen($word) > 3 ? $word[0].$word[2].$word[1].substr($word, 3) : $word,
            };
            $text = implode(' ', $words);
        }

        return $text;
    }
}
