<?php

declare(strict_types=1);

namespace Tests\Core\Parts;

use OpenSlate\Assembly\Model;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tray;
use OpenSlate\Page\TraySide;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use OpenSlate\Parts\Rests;
use OpenSlate\Parts\Scene;
use OpenSlate\Parts\Settling;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a window shows of where a dragged part would rest is where it comes to rest. */
final class RestsTest extends TestCase
{
    private const SEED = 41;

    #[TestWith([SpotForm::Zone, Settle::Free])]
    #[TestWith([SpotForm::Zone, Settle::Grid])]
    #[TestWith([SpotForm::Zone, Settle::Row])]
    #[TestWith([SpotForm::Zone, Settle::Stack])]
    #[TestWith([SpotForm::Slot, Settle::Stack])]
    #[TestWith([SpotForm::Slots, Settle::Stack])]
    #[TestWith([SpotForm::Ring, Settle::Round])]
    #[TestWith([SpotForm::Ring, Settle::Round, 0.5])]
    #[TestWith([SpotForm::Ring, Settle::Free])]
    #[TestWith([SpotForm::Line, Settle::Row])]
    #[TestWith([SpotForm::Line, Settle::Free])]
    public function test_parts_rest_where_it_was_worked_out_that_they_would(
        SpotForm $form,
        Settle $settle,
        float $hole = 0.0,
    ): void {
        mt_srand(self::SEED);
        $spot = new Spot(
            's',
            Frame::of(60, 50, 300, $form === SpotForm::Line ? 20 : 260),
            $form,
            settle: $settle,
            hole: $hole,
            columns: $form === SpotForm::Slots ? 3 : 1,
            rows: $form === SpotForm::Slots ? 2 : 1,
            name: 'Quay',
            titled: true,
        );
        $scene = self::scene($spot, self::part('a', 40, 20, 5), self::part('b', 30, 30, 3), self::part('c', 62, 18, 1));
        $model = Model::empty();
        $seen = 0;
        for ($n = 0; $n < 120; $n++) {
            $key = $scene->ids()[mt_rand(0, count($scene->ids()) - 1)];
            $frame = $scene->frame($scene->where($key, $model));
            // Within the spot, and now and then just beside it.
            $x = mt_rand(50, 370) - $frame->width / 2;
            $y = mt_rand(45, 315) - $frame->height / 2;
            $rests = Rests::of($scene, $model);
            $before = $model;
            $wanted = [...array_map(fn ($one) => $one->toList(), $model->placed), $key => [$x, $y]];
            $text = (string) json_encode([...$wanted, 'near' => 4, 'moved' => [$key]]);
            $settled = Settling::settle($scene, $model, Model::parse($text));
            $model = $settled->model;
            $placed = $model->find($key);
            if ($settled->said !== []) {
                $this->assertNull(self::worked($rests, $key, 's', self::cell($spot, $x, $y, $frame), $x, $y, $frame));
            }
            if ($placed?->held->spot !== 's' || $settled->said !== []) {
                continue;
            }
            $seen++;
            $middle = $scene->frame($placed)->centre();
            $worked = self::worked($rests, $key, 's', $placed->held->cell ?? 0, $x, $y, $frame);
            $this->assertNotNull($worked, $before->text());
            $said = "{$key} at {$x} {$y} of {$before->text()}";
            $this->assertEqualsWithDelta([$middle->x, $middle->y], $worked, 0.02, $said);
        }
        $this->assertGreaterThan(10, $seen);
    }

    public function test_what_a_spot_does_not_take_or_has_no_room_for_has_no_rest_there(): void
    {
        $scene = self::scene(
            self::part('a', 40, 20, 2),
            self::part('b', 40, 20, 1),
            new Spot('only', Frame::of(0, 0, 100, 100), takes: ['b']),
            new Spot('slot', Frame::of(200, 0, 100, 100), SpotForm::Slot),
        );
        $full = Model::parse('{"a.1":[230,40,"@slot"]}');
        $rests = Rests::of($scene, $full);

        $this->assertArrayNotHasKey('only', $rests['tables'][$rests['of']['a']]);
        $this->assertSame([null], $rests['tables'][$rests['of']['a']]['slot']);
        $this->assertNotNull($rests['tables'][$rests['of']['a.1']]['slot'][0], 'it may go back to where it is');
        $this->assertNotNull($rests['tables'][$rests['of']['b']]['only'][0]);
    }

    public function test_what_is_alike_is_worked_out_once(): void
    {
        $scene = self::scene(
            self::part('a', 40, 20, 30),
            self::part('b', 40, 20, 1),
            new Spot('s', Frame::of(0, 0, 100, 100)),
        );

        $this->assertCount(1, Rests::of($scene, Model::empty())['tables']);
    }

    /**
     * As a window reads it: see resources/js/copy/parts/rests.js.
     *
     * @param  array{tables: list<array<string, list<array<string, mixed>|null>>>, of: array<string, int>, ...}  $rests
     * @return array{float, float}|null
     */
    private static function worked(
        array $rests,
        string $key,
        string $spot,
        int $cell,
        float $x,
        float $y,
        Frame $frame,
    ): ?array {
        $rest = $rests['tables'][$rests['of'][$key] ?? $rests['of'][explode('.', $key)[0]]][$spot][$cell];
        if ($rest === null) {
            return null;
        }
        [$middleX, $middleY] = [$x + $frame->width / 2, $y + $frame->height / 2];
        if ($rest['hold'] !== null) {
            [$left, $top, $right, $bottom] = $rest['hold'];

            return [max($left, min($right, $middleX)), max($top, min($bottom, $middleY))];
        }
        [$sx, $sy, $width, $height] = $rests['spots'][0]['frame'];
        $turn = atan2($middleX - $sx - $width / 2, $sy + $height / 2 - $middleY) + 2 * M_PI + 0.01;
        $value = match ($rest['by']) {
            'x' => $middleX,
            'turn' => fmod($turn, 2 * M_PI),
            default => 0.0,
        };

        return $rest['seats'][count(array_filter($rest['upTo'], fn (float $one): bool => $one <= $value))];
    }

    private static function cell(Spot $spot, float $x, float $y, Frame $frame): int
    {
        $distances = array_map(function (int $cell) use ($spot, $x, $y, $frame): float {
            $centre = $spot->cell($cell)->centre();

            return hypot($centre->x - $x - $frame->width / 2, $centre->y - $y - $frame->height / 2);
        }, range(0, $spot->cells() - 1));

        return (int) array_search(min($distances), $distances, true);
    }

    private static function part(string $id, float $width, float $height, int $stock): Part
    {
        return new Part($id, Frame::of(620, 20, $width, $height), text: $id, stock: $stock);
    }

    private static function scene(Part|Spot ...$elements): Scene
    {
        return new Scene(
            new Page(
                Size::of(600, 400),
                Colour::white(),
                elements: array_values($elements),
                tray: new Tray(TraySide::Right, 150),
            ),
        );
    }
}
