<?php

declare(strict_types=1);

namespace OpenSlate\Parts;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;

/**
 * Where parts would come to rest in each spot, worked out before they are moved, so that a window can show it while one
 * is dragged. Settling decides, and is what this is held against in tests.
 *
 * A rest is for the middle of a part, in points: one of `seats`, the one after as many as `upTo` has values that are
 * not above its own, `by` its x or its turn round the middle of the spot, from the top and clockwise in radians; or,
 * without seats, where it is dropped, held to the rectangle `hold`. Null is no rest: the spot is full.
 *
 * @phpstan-type Rest array{
 *     seats: list<array{float, float}>, by: string, upTo: list<float>, hold: list<float>|null,
 * }
 * @phpstan-type SpotShape array{
 *     id: string, frame: list<float>, within: list<float>, hole: float|null, columns: int, rows: int,
 * }
 * @phpstan-type Table array<string, list<Rest|null>>
 */
final readonly class Rests
{
    /**
     * Of all parts that can be moved. Those of one size that go to the same places share a table.
     *
     * @return array{spots: list<SpotShape>, tables: list<Table>, of: array<string, int>} the spots, the lowest first;
     *                                                             rests by spot, in each of its cells; which table is a
     *                                                             part's, by its key, or of a stock's by its id
     */
    public static function of(Scene $scene, Model $model): array
    {
        $rests = new self($scene, $model);
        $tables = $of = $known = [];
        foreach ($scene->parts as $id => $part) {
            if ($part->locked || $part->form === PartForm::Connector) {
                continue;
            }
            for ($n = 0; $n <= $part->stock; $n++) {
                $placed = $n === 0 ? null : $model->find("{$id}.{$n}");
                if ($n > 0 && $placed === null) {
                    continue; // as of all that wait
                }
                $like = $rests->like($part, $placed);
                if (! isset($known[$like])) {
                    $known[$like] = count($tables);
                    $tables[] = $rests->table($part, $placed);
                }
                $of[$n === 0 ? (string) $id : "{$id}.{$n}"] = $known[$like];
            }
        }

        return ['spots' => array_values(array_map(self::shape(...), $scene->spots)), 'tables' => $tables, 'of' => $of];
    }

    private function __construct(private Scene $scene, private Model $model)
    {
    }

    /** @return SpotShape */
    private static function shape(Spot $spot): array
    {
        return [
            'id' => $spot->id,
            'frame' => self::list($spot->frame),
            'within' => self::list($spot->within()),
            'hole' => $spot->form === SpotForm::Ring ? $spot->hole : null,
            'columns' => $spot->form === SpotForm::Slots ? $spot->columns : 1,
            'rows' => $spot->form === SpotForm::Slots ? $spot->rows : 1,
        ];
    }

    /** @return list<float> */
    private static function list(Frame $frame): array
    {
        return [$frame->x, $frame->y, $frame->width, $frame->height];
    }

    /** The same for parts that have the same rests. */
    private function like(Part $part, ?Placed $placed): string
    {
        $taken = array_filter($this->scene->spots, fn (Spot $spot): bool => $spot->takes($part));
        $own = $placed?->held->spot === null ? '' : $placed->id;

        return implode(' ', [$part->frame->width, $part->frame->height, $own, ...array_keys($taken)]);
    }

    /** @return Table */
    private function table(Part $part, ?Placed $placed): array
    {
        $table = [];
        foreach ($this->scene->spots as $id => $spot) {
            if (! $spot->takes($part)) {
                continue;
            }
            $cells = [];
            for ($cell = 0; $cell < $spot->cells(); $cell++) {
                $others = $this->others($spot, $cell, $placed);
                $cells[] = count($others) < $spot->room() ? $this->rest($spot, $cell, $others, $part) : null;
            }
            $table[(string) $id] = $cells;
        }

        return $table;
    }

    /** @return list<Frame> where the others in it are, once the part has left */
    private function others(Spot $spot, int $cell, ?Placed $placed): array
    {
        $in = $this->model->in($spot->id, $spot->cells() > 1 ? $cell : null);
        $others = array_filter($in, fn (Placed $one): bool => $one->id !== $placed?->id);
        $frames = array_values(array_map($this->scene->frame(...), $others));

        return count($others) === count($in)
            ? $frames
            : array_map(
                fn (Frame $frame, Point $seat): Frame => self::around($seat, $frame->width, $frame->height),
                $frames,
                Seats::of($spot, $cell, $frames),
            );
    }

    /**
     * @param  list<Frame>  $others
     * @return Rest
     */
    private function rest(Spot $spot, int $cell, array $others, Part $part): array
    {
        [$width, $height] = [$part->frame->width, $part->frame->height];
        $by = match (true) {
            $spot->settle === Settle::Row => 'x',
            $spot->settle === Settle::Round && $spot->form !== SpotForm::Line => 'turn',
            default => '',
        };
        $isFree = $by === '' && ($spot->settle === Settle::Free || $spot->form === SpotForm::Line);
        if ($isFree) {
            return ['seats' => [], 'by' => '', 'upTo' => [], 'hold' => self::hold($spot, $cell, $width, $height)];
        }
        $upTo = $by === '' ? [] : array_map(fn (Frame $one): float => self::rank($spot, $by, $one), $others);
        sort($upTo);
        $seats = [];
        for ($n = 0; $n <= count($upTo); $n++) {
            $dropped = self::around(self::between($spot, $by, $upTo, $n), $width, $height);
            $all = Seats::of($spot, $cell, [...$others, $dropped]);
            $seat = $all[count($all) - 1];
            $seats[] = [round($seat->x, 2), round($seat->y, 2)];
        }

        return ['seats' => $seats, 'by' => $by, 'upTo' => $upTo, 'hold' => null];
    }

    /** By what parts of a spot are put in order. */
    private static function rank(Spot $spot, string $by, Frame $frame): float
    {
        return $by === 'x' ? $frame->centre()->x : Seats::turn($spot, $frame);
    }

    /**
     * A point that comes after so many of the others.
     *
     * @param  list<float>  $upTo
     */
    private static function between(Spot $spot, string $by, array $upTo, int $after): Point
    {
        $centre = $spot->frame->centre();
        if ($by === '' || $upTo === []) {
            return $centre;
        }
        [$first, $last, $next] = $by === 'x'
            ? [$upTo[0] - 2, $upTo[$after - 1] ?? null, $upTo[$after] ?? null]
            : [0.0, $upTo[$after - 1] ?? null, $upTo[$after] ?? 2 * M_PI];
        $value = (($last ?? $first) + ($next ?? $last ?? 0.0)) / 2;
        if ($by === 'x') {
            return new Point($value, $centre->y);
        }
        $turn = $value - Seats::HAIR;

        return new Point($centre->x + 100 * sin($turn), $centre->y - 100 * cos($turn));
    }

    /** @return list<float> left, top, right and bottom of where the middle may be; the left and the top count first */
    private static function hold(Spot $spot, int $cell, float $width, float $height): array
    {
        $within = $spot->cell($cell);

        return $spot->form === SpotForm::Line
            ? [$within->x, $within->middle(), $within->right(), $within->middle()]
            : [
                $within->x + $width / 2,
                $within->y + $height / 2,
                $within->right() - $width / 2,
                $within->bottom() - $height / 2,
            ];
    }

    private static function around(Point $middle, float $width, float $height): Frame
    {
        return Frame::of($middle->x - $width / 2, $middle->y - $height / 2, $width, $height);
    }
}
