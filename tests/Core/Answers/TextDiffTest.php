<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\MistakeKind;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextChange;
use OpenSlate\Answers\TextDiff;
use OpenSlate\Judging\Misspelling;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What was changed in a passage, and what kind of mistake that mends. */
final class TextDiffTest extends TestCase
{
    /** @return array<string, array{string, string, list<string>}> wrong, right, changes in words */
    public static function passages(): array
    {
        return [
            'nothing' => ['The tide is in.', 'The tide is in.', []],
            // Common practice, no source: two short sentences with four mistakes.
            'two sentences with four mistakes' => [
                'the boat comes in at nine it brings fish crabs and mail',
                'The boat comes in at nine. It brings fish, crabs and mail.',
                ['capital: the>The', 'end mark: >.', 'capital: it>It', 'comma: >,', 'end mark: >.'],
            ],
            'a misspelt word' => ['The harbor is full.', 'The harbour is full.', ['spelling: harbor>harbour']],
            'letters that changed places' => ['I recieve mail.', 'I receive mail.', ['spelling: recieve>receive']],
            'another word' => ['The crabs was big.', 'The crabs were big.', ['word: was>were']],
            'a missing word' => ['She rings bell.', 'She rings the bell.', ['word: > the']],
            'a word too many' => ['She rings the the bell.', 'She rings the bell.', ['word:  the>']],
            'an apostrophe' => ['The boats mast', "The boat's mast", ["punctuation: boats>boat's"]],
            'one end mark for another' => ['Is it high tide.', 'Is it high tide?', ['end mark: .>?']],
            'quotation marks' => ['Look, he said.', '“Look,” he said.', ['punctuation: >“', 'punctuation: >”']],
            'a space too many' => ['The  tide', 'The tide', ['spacing:   > ']],
            'a capital and a stop at one place' => [
                'in the harbour',
                'In the Harbour.',
                ['capital: in>In', 'capital: harbour>Harbour', 'end mark: >.'],
            ],
            'all of it' => ['', 'Tide', ['word: >Tide']],
        ];
    }

    /** @param  list<string>  $changes */
    #[DataProvider('passages')]
    public function test_mistakes_are_told_apart(string $wrong, string $right, array $changes): void
    {
        $this->assertSame(
            $changes,
            array_map(
                fn (TextChange $change): string => "{$change->kind->value}: {$change->from}>{$change->to}",
                TextDiff::between($wrong, $right),
            ),
        );
    }

    public function test_the_changes_of_any_two_texts_make_the_one_of_the_other(): void
    {
        mt_srand(21);
        $words = [
            'tide',
            'Tide',
            'the',
            'boat',
            'boats',
            '.',
            ',',
            ' ',
            '  ',
            "\n",
            'größe',
            '🙂',
            "don't",
            '3.5',
            '-',
            '',
        ];
        for ($round = 0; $round < 400; $round++) {
            $make = fn (): string => implode(
                mt_rand(0, 1) === 0 ? ' ' : '',
                array_map(fn (): string => $words[mt_rand(0, count($words) - 1)], range(0, mt_rand(0, 14))),
            );
            [$from, $to] = [$make(), $make()];
            $changes = TextDiff::between($from, $to);
            $this->assertSame($to, $this->applied($from, $changes, false), json_encode([$from, $to]) ?: '');
            $this->assertSame($from, $this->applied($to, $changes, true));
            $this->assertSame([], TextDiff::between($from, $from));
        }
    }

    public function test_turning_one_change_back_leaves_the_others(): void
    {
        [$wrong, $mended] = ['the tide is hihg', 'The tide is high.'];
        $changes = TextDiff::between($wrong, $mended);
        $this->assertCount(3, $changes);
        foreach ($changes as $change) {
            $turned =
                mb_substr($mended, 0, $change->after).
                $change->from.
                mb_substr($mended, $change->after + mb_strlen($change->to));
            $this->assertCount(2, TextDiff::between($wrong, $turned));
        }
    }

    public function test_planted_mistakes_are_counted_by_kind(): void
    {
        $passage = PassageAnswer::of('the tide is hihg', 'The tide is high.');
        $this->assertSame(
            [MistakeKind::Capital, MistakeKind::Spelling, MistakeKind::EndMark],
            array_map(fn (TextChange $change): MistakeKind => $change->kind, $passage->planted()),
        );
        $this->assertSame([], PassageAnswer::of('the tide', '')->planted(), 'until the right text is there');
    }

    /** @return array<string, array{string, string, int}> */
    public static function spellings(): array
    {
        return [
            // The usual examples of the measure, from memory.
            'kitten' => ['kitten', 'sitting', 3],
            'two letters swapped' => ['tiem', 'time', 1],
            'restricted: no edit between swapped letters' => ['ca', 'abc', 3],
            'nothing' => ['', 'tide', 4],
            'letters, not bytes' => ['größe', 'grösse', 2],
        ];
    }

    #[DataProvider('spellings')]
    public function test_spellings_are_so_far_apart(string $a, string $b, int $distance): void
    {
        $this->assertSame($distance, Misspelling::distance($a, $b));
        $this->assertSame($distance, Misspelling::distance($b, $a));
        $this->assertSame(0, Misspelling::distance($a, $a));
    }

    public function test_without_swaps_the_distance_is_that_of_php_itself(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 500; $round++) {
            $make = fn (): string => implode(
                '',
                array_map(fn (): string => chr(mt_rand(97, 100)), range(0, mt_rand(0, 8))),
            );
            [$a, $b] = [$make(), $make()];
            $this->assertLessThanOrEqual(levenshtein($a, $b), Misspelling::distance($a, $b));
            // A swap costs Levenshtein two.
            $this->assertGreaterThanOrEqual(levenshtein($a, $b) / 2, Misspelling::distance($a, $b));
        }
    }

    /** @param  list<TextChange>  $changes */
    private function applied(string $text, array $changes, bool $back): string
    {
        foreach (array_reverse($changes) as $change) {
            [$at, $out, $in] = $back
                ? [$change->after, $change->to, $change->from]
                : [$change->before, $change->from, $change->to];
            $this->assertSame($out, mb_substr($text, $at, mb_strlen($out)));
            $text = mb_substr($text, 0, $at).$in.mb_substr($text, $at + mb_strlen($out));
        }

        return $text;
    }
}
