<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Copies\SeenPage;
use OpenSlate\Format\PageCodec;
use PHPUnit\Framework\TestCase;

final class SeenPageTest extends TestCase
{
    private const CELL = ['text' => '', 'fill' => true, 'key' => ['4']];

    private const BOX = [
        'id' => 'b',
        'kind' => 'box',
        'x' => 10,
        'y' => 20,
        'width' => 100,
        'height' => 20,
        'answer' => 'short',
        'key' => ['ebb'],
        'prompt' => '',
        'size' => 12,
        'cover' => false,
        'outline' => true,
    ];

    private const TABLE = [
        'id' => 't',
        'kind' => 'table',
        'x' => 10,
        'y' => 60,
        'width' => 200,
        'height' => 40,
        'columns' => [1, 1],
        'rows' => [1],
        'cells' => [self::CELL, self::CELL],
        'prompt' => '',
        'size' => 12,
        'cover' => false,
        'outline' => true,
    ];

    public function test_what_is_for_the_teacher_alone_makes_no_other_page(): void
    {
        $before = $this->fingerprint(self::BOX, self::TABLE);
        $this->assertSame($before, $this->fingerprint(['key' => ['flood', 'ebb']] + self::BOX, self::TABLE));
        $this->assertSame($before, $this->fingerprint(['points' => 3] + self::BOX, self::TABLE));
        $this->assertSame($before, $this->fingerprint(['misspelt' => 'half'] + self::BOX, self::TABLE));
        $this->assertSame($before, $this->fingerprint(['counts' => ['capitals']] + self::BOX, self::TABLE));
        $this->assertSame(
            $before,
            $this->fingerprint(self::BOX, ['cells' => [['key' => ['5']] + self::CELL, self::CELL]] + self::TABLE),
        );
    }

    public function test_said_in_another_order_it_is_the_same_page(): void
    {
        $this->assertSame($this->fingerprint(self::BOX), $this->fingerprint(array_reverse(self::BOX)));
    }

    public function test_what_students_see_or_can_do_makes_another_page(): void
    {
        $others = [
            [['x' => 11] + self::BOX, self::TABLE],
            [['prompt' => 'When?'] + self::BOX, self::TABLE],
            [['answer' => 'lines'] + self::BOX, self::TABLE],
            [self::BOX, ['cells' => [['text' => '4', 'fill' => false], self::CELL]] + self::TABLE],
            [self::TABLE, self::BOX],
            [self::BOX],
        ];
        $all = array_map(fn (array $elements): string => $this->fingerprint(...$elements), $others);
        $this->assertCount(
            count($others) + 1,
            array_unique([...$all, $this->fingerprint(self::BOX, self::TABLE)]),
        );
    }

    /** @param  array<string, mixed>  ...$elements */
    private function fingerprint(array ...$elements): string
    {
        return SeenPage::fingerprint(PageCodec::decode(json_encode([
            'version' => 1,
            'paper' => ['width' => 595, 'height' => 842, 'colour' => '#ffffff'],
            'backdrop' => null,
            'elements' => $elements,
        ], JSON_THROW_ON_ERROR)));
    }
}
