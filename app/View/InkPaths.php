<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\Ink;
use OpenSlate\Json\InvalidJson;

/** A drawing as SVG paths. */
final class InkPaths
{
    /** @return list<array{d: string, width: float, colour: string, opacity: float}> */
    public static function of(string $ink): array
    {
        if ($ink === '') {
            return [];
        }
        try {
            $strokes = Ink::decode($ink)->strokes;
        } catch (InvalidJson) {
            return [];
        }
        $paths = [];
        foreach ($strokes as $stroke) {
            foreach ($stroke->paths() as $path) {
                $paths[] = $path + ['colour' => $stroke->pen->colour(), 'opacity' => $stroke->pen->opacity()];
            }
        }

        return $paths;
    }
}
