<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Length;
use OpenSlate\Paper\PaperSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Paper sizes against their standards, contrast against WCAG 2.2. The figures are copied from memory of the standards.
 */
final class PaperStandardsTest extends TestCase
{
    public function test_a_sizes_halve_as_iso_216_says(): void
    {
        // ISO 216: each size is the one before cut in half, rounded down to the millimetre.
        [$width, $height] = [297, 420];
        foreach ([PaperSize::A3, PaperSize::A4, PaperSize::A5] as $paper) {
            [$w, $h] = $paper->points();
            $this->assertEqualsWithDelta($width, Length::toMillimetres($w), 1e-6, $paper->value);
            $this->assertEqualsWithDelta($height, Length::toMillimetres($h), 1e-6, $paper->value);
            [$width, $height] = [intdiv($height, 2), $width];
        }
    }

    /** @return array<string, array{PaperSize, float, float}> */
    public static function points(): array
    {
        return [
            'Letter, ANSI/ASME Y14.1 A' => [PaperSize::Letter, 612, 792],
            'Legal' => [PaperSize::Legal, 612, 1008],
            'Tabloid, ANSI/ASME Y14.1 B' => [PaperSize::Tabloid, 792, 1224],
            'A4, ISO 216' => [PaperSize::A4, 595.276, 841.89],
            'B5, ISO 216' => [PaperSize::B5, 498.898, 708.661],
        ];
    }

    #[DataProvider('points')]
    public function test_sizes_in_points(PaperSize $paper, float $width, float $height): void
    {
        [$w, $h] = $paper->points();
        $this->assertEqualsWithDelta($width, $w, 0.001);
        $this->assertEqualsWithDelta($height, $h, 0.001);
    }

    public function test_contrast_is_as_wcag_2_2_defines_it(): void
    {
        // WCAG 2.2, "contrast ratio": from 1:1 to 21:1, the latter for black on white.
        $this->assertEqualsWithDelta(21.0, Colour::of('#000000')->contrastWith(Colour::white()), 0.001);
        $this->assertEqualsWithDelta(1.0, Colour::of('#abcdef')->contrastWith(Colour::of('#ABCDEF')), 1e-9);
        // Grey #767676 is the lightest that passes 4.5:1 on white, #777777 just fails (common practice, no source).
        $this->assertGreaterThanOrEqual(4.5, Colour::of('#767676')->contrastWith(Colour::white()));
        $this->assertLessThan(4.5, Colour::of('#777777')->contrastWith(Colour::white()));
    }

    /** @return array<string, array{string, string}> */
    public static function pairs(): array
    {
        return [
            'text on paper' => ['#26343b', '#f7f4ec'],
            'soft text on paper' => ['#43555e', '#f7f4ec'],
            'soft text on the table' => ['#43555e', '#e6e1d4'],
            'white on sea' => ['#ffffff', '#1e7b6d'],
            'paper on slate' => ['#f7f4ec', '#26343b'],
            'brick on its wash' => ['#a93a2c', '#fae5e1'],
            'box counts on the table' => ['#8a5706', '#e6e1d4'],
            'typed words on white' => ['#0c2f6b', '#ffffff'],
        ];
    }

    #[DataProvider('pairs')]
    public function test_our_own_colours_can_be_read(string $words, string $ground): void
    {
        // WCAG 2.2, 1.4.3: 4.5:1 for text. The colours are those of resources/css/_variables.scss.
        $this->assertGreaterThanOrEqual(4.5, Colour::of($words)->contrastWith(Colour::of($ground)));
    }
}
