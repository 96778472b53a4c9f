<?php

declare(strict_types=1);

namespace Tests\Core\Assembly;

use OpenSlate\Assembly\Hold;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HoldTest extends TestCase
{
    /** @return array<string, array{string, Hold}> */
    public static function holds(): array
    {
        return [
            'nothing' => ['', Hold::nothing()],
            'a spot' => ['@harbour', Hold::spot('harbour')],
            'the first place of a table' => ['@harbour.0', Hold::spot('harbour', 0)],
            'a place of a table' => ['@harbour.12', Hold::spot('harbour', 12)],
            'a joint' => ['foot>hull.1.deck', Hold::joint('foot', 'hull.1', 'deck')],
            'a joint, of the end of a connector' => ['>lamp.12.a', Hold::joint('', 'lamp.12', 'a')],
        ];
    }

    #[DataProvider('holds')]
    public function test_a_hold_comes_back_from_its_text(string $text, Hold $hold): void
    {
        $this->assertEquals($hold, Hold::parse($text));
        $this->assertSame($text, $hold->text());
        $this->assertSame($text === '', $hold->isNothing());
    }

    public function test_what_is_no_hold_is_none(): void
    {
        foreach (
            [
                '@',
                '@Harbour',
                '@harbour.',
                '@harbour.1234',
                'foot>hull.deck',
                '>hull.1.',
                'foot>hull.1.deck ',
                "@harbour\n",
                '<b>',
                '>hull.1.deck.top',
            ] as $text
        ) {
            $this->assertNull(Hold::parse($text), $text);
        }
    }
}
