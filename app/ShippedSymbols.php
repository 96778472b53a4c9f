<?php

declare(strict_types=1);

namespace App;

use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Colour;

/** The symbols that parts may be drawn with, from database/symbols.json. */
final class ShippedSymbols
{
    /** Where each group's symbols hold to others, as shares of width and height. */
    private const JOINTS = [
        'ends' => [[0.0, 0.5], [1.0, 0.5]],
        'sides' => [[0.5, 0.0], [1.0, 0.5], [0.5, 1.0], [0.0, 0.5]],
    ];

    /** @return array<string, list<Part>> a part of each, as it is laid, by the name of its group */
    public static function groups(): array
    {
        $file = (string) file_get_contents(dirname(__DIR__).'/database/symbols.json');
        /** @var array{groups: list<array{name: string, joints: string, symbols: list<array<string, mixed>>}>} $data */
        $data = json_decode($file, true, flags: JSON_THROW_ON_ERROR);
        $groups = [];
        foreach ($data['groups'] as ['name' => $name, 'joints' => $joints, 'symbols' => $symbols]) {
            $groups[$name] = array_map(fn (array $symbol): Part => self::part($symbol, $joints), $symbols);
        }

        return $groups;
    }

    /** @param  array<string, mixed>  $symbol */
    private static function part(array $symbol, string $joints): Part
    {
        ['name' => $name, 'width' => $width, 'height' => $height, 'drawing' => $drawing] = $symbol;

        return new Part(
            id: 'new',
            frame: Frame::of(0, 0, (float) $width, (float) $height),
            form: PartForm::Symbol,
            name: (string) $name,
            fill: Colour::white(),
            joints: array_map(
                fn (int $n, array $at): Joint => new Joint('abcd'[$n], $at[0], $at[1]),
                array_keys(self::JOINTS[$joints]),
                self::JOINTS[$joints],
            ),
            drawing: (string) $drawing,
        );
    }
}
