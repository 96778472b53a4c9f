<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

/** What a photographed sheet is taken to be. */
enum ScanPaper: string
{
    case AsItIs = 'as-is';
    case A4 = 'a4';
    case Letter = 'letter';

    /** How far the proportions of a photographed sheet may be off those of its paper. */
    private const SLACK = 0.07;

    /** The longer side of what is on no paper that is known, in points: that of A4. */
    private const USUAL = 841.89;

    /** The nearest of the two usual ones, where one is near. */
    public static function guessed(float $across, float $down): self
    {
        $ratio = max($across, $down) / max(1e-6, min($across, $down));
        $off = ['a4' => abs($ratio / (297 / 210) - 1), 'letter' => abs($ratio / (11 / 8.5) - 1)];
        asort($off);
        $nearest = (string) array_key_first($off);

        return $off[$nearest] <= self::SLACK ? self::from($nearest) : self::AsItIs;
    }

    /**
     * @return array{float, float} width and height of the page, in points, lying as the sheet does
     */
    public function size(float $across, float $down): array
    {
        [$short, $long] = match ($this) {
            self::A4 => [595.28, 841.89], // ISO 216
            self::Letter => [612.0, 792.0],
            self::AsItIs => [self::USUAL * min($across, $down) / max(1e-6, max($across, $down)), self::USUAL],
        };

        return $across > $down ? [$long, $short] : [$short, $long];
    }
}
