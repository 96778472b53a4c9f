<?php

declare(strict_types=1);

namespace Database\Seeders;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;

/** Four pages of parts to move: a sort, a model with joints, rings, and an organiser of the student's own. */
final class HarbourModels
{
    /** The page of a sort, of which each card counts. */
    public const SORT = 1;

    public const NAME = 'Build the harbour';

    /** Where students have dropped parts so far, by page: some are right, some half done. */
    public const WORK = [
        [
            1 => [
                'limpet.1' => [40, 160],
                'crab.1' => [230, 160],
                'kelp.1' => [420, 160],
                'wrack.1' => [240, 200],
                'snail.1' => [50, 220],
            ],
            2 => ['mast.1' => [229, 88], 'main.1' => [148, 132], 'jib.1' => [242, 142]],
            3 => ['rowing.1' => [290, 150], 'rowing.2' => [340, 220], 'sail.1' => [285, 70]],
        ],
        [1 => ['limpet.1' => [230, 160], 'crab.1' => [240, 200]], 2 => ['mast.1' => [229, 88]]],
        [4 => ['idea.1' => [80, 120], 'idea.2' => [330, 120], 'pool.1' => [60, 90]]],
    ];

    /** The right models, as a teacher drops the parts; the organiser is everybody's own. */
    public const KEYS = [
        1 => [
            'limpet.1' => [40, 160],
            'barnacle.1' => [40, 200],
            'snail.1' => [40, 240],
            'crab.1' => [230, 160],
            'wrack.1' => [230, 200],
            'anemone.1' => [230, 240],
            'kelp.1' => [420, 160],
            'starfish.1' => [420, 200],
        ],
        2 => ['mast.1' => [229, 88], 'main.1' => [149, 137], 'jib.1' => [241, 144], 'flag.1' => [236, 76]],
        3 => [
            'rowing.1' => [275, 111],
            'rowing.2' => [353, 246],
            'rowing.3' => [197, 246],
            'sail.1' => [275, 25],
            'sail.2' => [437, 142],
            'sail.3' => [375, 332],
            'sail.4' => [175, 332],
            'sail.5' => [114, 142],
        ],
    ];

    public static function tray(int $page): Tray
    {
        return new Tray($page === 3 ? TraySide::Bottom : TraySide::Right, $page === 3 ? 80.0 : 140.0);
    }

    /** @return list<Element> */
    public static function elements(int $page): array
    {
        return match ($page) {
            1 => self::shore(),
            2 => self::boat(),
            3 => self::anchorage(),
            default => self::organiser(),
        };
    }

    /** @return list<Element> */
    private static function shore(): array
    {
        $zones = [];
        foreach (
            ['Splash zone' => '#f2ddb0', 'Middle shore' => '#bcd9c8', 'Low shore' => '#a9c8d8'] as $name => $colour
        ) {
            $x = 24.0 + (186 * count($zones)) / 2;
            $zones[] = new Spot('zone'.count($zones), Frame::of($x, 120, 176, 270), name: $name, dashed: true);
            $zones[] = new Label('label'.count($zones), Frame::of($x, 96, 176, 22), $name, 15, true);
        }
        $tiles = [];
        foreach (['limpet', 'crab', 'kelp', 'wrack', 'anemone', 'barnacle', 'snail', 'starfish'] as $n => $animal) {
            $tiles[] = new Part(
                $animal,
                Frame::of(610, 20 + 48 * $n, 100, 38),
                PartForm::Rounded,
                $animal,
                size: 15,
                colour: Colour::of('#1e5b52'),
                fill: Colour::of('#e2f0ea'),
            );
        }

        return [
            new Label(
                'task',
                Frame::of(24, 24, 540, 54),
                "Who lives where on our shore?\nMove each one to its zone.",
                17,
                true,
            ),
            ...$zones,
            ...$tiles,
        ];
    }

    /** @return list<Element> */
    private static function boat(): array
    {
        $wood = Colour::of('#7a5230');

        return [
            new Label(
                'task',
                Frame::of(24, 24, 540, 54),
                "Rig the boat.\nParts hold at their joints. A rope has two ends.",
                17,
                true,
            ),
            new Spot(
                'yard',
                Frame::of(60, 70, 480, 330),
                name: 'boatyard',
                settle: Settle::Free,
                outline: false,
                large: true,
            ),
            new Part(
                id: 'hull',
                frame: Frame::of(110, 310, 260, 56),
                form: PartForm::Rounded,
                text: 'hull',
                size: 15,
                colour: $wood,
                fill: Colour::of('#e7cfae'),
                joints: [new Joint('stern', 0.02, 0.1), new Joint('deck', 0.48, 0.0), new Joint('bow', 0.98, 0.1)],
            ),
            new Part(
                'mast',
                Frame::of(620, 20, 12, 220),
                name: 'mast',
                colour: $wood,
                fill: Colour::of('#c99b63'),
                joints: [
                    new Joint('foot', 0.5, 1.0),
                    new Joint('left', 0.0, 0.55),
                    new Joint('right', 1.0, 0.5),
                    new Joint('top', 0.5, 0.0),
                ],
            ),
            new Part(
                id: 'main',
                frame: Frame::of(645, 20, 80, 120),
                form: PartForm::Triangle,
                text: 'main',
                name: 'main sail',
                size: 13,
                fill: Colour::of('#ffffff'),
                joints: [new Joint('luff', 1.0, 0.6)],
            ),
            new Part(
                id: 'jib',
                frame: Frame::of(650, 155, 70, 90),
                form: PartForm::Triangle,
                text: 'jib',
                name: 'jib',
                size: 13,
                fill: Colour::of('#ffffff'),
                joints: [new Joint('luff', 0.0, 0.6)],
            ),
            new Part(
                'flag',
                Frame::of(650, 260, 46, 24),
                PartForm::Arrow,
                '',
                'flag',
                fill: Colour::of('#b9770e'),
                joints: [new Joint('hoist', 0.0, 0.5)],
            ),
            new Part('rope', Frame::of(620, 300, 90, 8), PartForm::Connector, name: 'rope', weight: 2.5, stock: 2),
        ];
    }

    /** @return list<Element> */
    private static function anchorage(): array
    {
        $ring = fn (string $id, string $name, float $radius): Spot => new Spot(
            id: $id,
            frame: Frame::of(297.5 - $radius, 215 - $radius, 2 * $radius, 2 * $radius),
            form: SpotForm::Ring,
            name: $name,
            takes: [],
            most: null,
            settle: Settle::Round,
            outline: true,
            dashed: true,
            titled: true,
        );

        return [
            new Label(
                'task',
                Frame::of(24, 24, 250, 54),
                "Three rowing boats lie on the inner ring,\nfive sailing boats on the outer.",
                15,
                true,
            ),
            $ring('outer', 'outer ring', 170),
            $ring('inner', 'inner ring', 90),
            new Part(
                id: 'light',
                frame: Frame::of(272.5, 190, 50, 50),
                form: PartForm::Polygon,
                text: 'light',
                size: 13,
                bold: true,
                fill: Colour::of('#f6d98a'),
                sides: 8,
                locked: true,
            ),
            new Part(
                id: 'rowing',
                frame: Frame::of(60, 440, 46, 28),
                form: PartForm::Ellipse,
                text: 'row',
                name: 'rowing boat',
                size: 12,
                fill: Colour::of('#dbeef5'),
                stock: 4,
            ),
            new Part(
                id: 'sail',
                frame: Frame::of(180, 434, 44, 40),
                form: PartForm::Triangle,
                text: '',
                name: 'sailing boat',
                size: 12,
                fill: Colour::of('#ffffff'),
                stock: 6,
            ),
        ];
    }

    /** @return list<Element> */
    private static function organiser(): array
    {
        $clear = fn (string $id, PartForm $form, float $y, string $colour): Part => new Part(
            id: $id,
            frame: Frame::of(620, $y, 100, 62),
            form: $form,
            text: '',
            name: $id,
            fill: Colour::of($colour),
            opacity: 0.5,
            stock: 5,
        );

        return [
            new Label(
                'task',
                Frame::of(24, 24, 540, 36),
                'Make your own: a rock pool when the tide goes out',
                17,
                true,
            ),
            $clear('pool', PartForm::Ellipse, 16, '#3f8fb0'),
            $clear('rock', PartForm::Polygon, 88, '#b9770e'),
            $clear('band', PartForm::Rounded, 160, '#1e7b6d'),
            new Part(
                id: 'idea',
                frame: Frame::of(620, 236, 100, 40),
                form: PartForm::Rectangle,
                text: 'your words',
                name: 'card',
                size: 13,
                fill: Colour::of('#fffdf5'),
                stock: 5,
                own: true,
                joints: [
                    new Joint('a', 0.0, 0.5),
                    new Joint('b', 1.0, 0.5),
                    new Joint('c', 0.5, 0.0),
                    new Joint('d', 0.5, 1.0),
                ],
            ),
            new Part(
                id: 'says',
                frame: Frame::of(620, 292, 100, 52),
                form: PartForm::Callout,
                text: 'says',
                name: 'speech',
                size: 13,
                fill: Colour::of('#ffffff'),
                stock: 5,
                own: true,
            ),
            new Part('line', Frame::of(625, 350, 90, 8), PartForm::Connector, name: 'line', weight: 3, stock: 5),
            new Part('find', Frame::of(645, 364, 50, 50), PartForm::Picture, name: 'picture card', stock: 4, own: true),
        ];
    }
}
