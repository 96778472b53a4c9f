<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Tilt;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TiltTest extends TestCase
{
    private const MIDDLE = [300.0, 400.0];

    #[TestWith([0.05])]
    #[TestWith([-0.03])]
    #[TestWith([0.0])]
    public function test_words_that_are_laid_askew_and_set_upright_stand_where_they_stood(float $tilt): void
    {
        $line = TextLine::of(
            new Word('low', Frame::of(50, 100, 40, 12)),
            new Word('water', Frame::of(95, 100, 60, 12)),
        );
        $there = Tilt::upright(Tilt::lying([$line], $tilt, self::MIDDLE), $tilt, self::MIDDLE);

        foreach ($line->words as $at => $word) {
            $back = $there[0]->words[$at];
            $this->assertSame($word->text, $back->text);
            $this->assertEqualsWithDelta(
                [$word->frame->x, $word->frame->y, $word->frame->width, $word->frame->height],
                [$back->frame->x, $back->frame->y, $back->frame->width, $back->frame->height],
                0.05,
            );
        }
    }

    public function test_a_word_that_lies_askew_has_a_frame_round_all_of_it(): void
    {
        $line = TextLine::of(new Word('water', Frame::of(270, 394, 60, 12)));
        $frame = Tilt::lying([$line], 0.1, self::MIDDLE)[0]->frame;

        // In the middle of the page it stays there, and is higher by a tenth of its length.
        $this->assertEqualsWithDelta([300.0, 400.0], [$frame->centre()->x, $frame->centre()->y], 0.01);
        $this->assertEqualsWithDelta(12 * cos(0.1) + 60 * sin(0.1), $frame->height, 0.01);
    }
}
