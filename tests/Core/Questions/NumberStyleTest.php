<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Questions\NumberStyle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NumberStyleTest extends TestCase
{
    /** @param  array<string, array{int, string}>  $readings */
    #[DataProvider('words')]
    public function test_an_l_may_be_a_figure_a_numeral_or_a_letter(string $word, array $readings): void
    {
        $this->assertSame($readings, NumberStyle::readings($word));
    }

    /** @return array<string, array{string, array<string, array{int, string}>}> */
    public static function words(): array
    {
        return [
            'an l' => ['l.', ['number' => [1, '1'], 'letter' => [12, 'l'], 'upper roman' => [1, 'I']]],
            'a bar' => ['(|)', ['number' => [1, '1'], 'upper roman' => [1, 'I']]],
            'a part' => ['la.', ['both' => [101, '1a']]],
            'a word' => ['la', []],
            'the end of one' => ['all.', []],
        ];
    }
}
