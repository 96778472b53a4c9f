<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** Strokes of a pen, in tenths of a point from the top left of the area they are drawn in. */
final readonly class Ink
{
    public const MOST_STROKES = 2000;

    /** Of all strokes together: some pages of handwriting. */
    public const MOST_POINTS = 40000;

    private const FAR = 200000;

    /** @param  non-empty-list<Stroke>  $strokes */
    private function __construct(public array $strokes)
    {
    }

    /**
     * @param  string  $json  {"ink": [[colour, width, [x, y, dx, dy, …], [pressure, …]], …]}: the first point, then
     *                        steps
     *                        from point to point; pressures in percent, one for each point, or none
     *
     * @throws InvalidJson
     */
    public static function decode(string $json): self
    {
        $fields = Fields::parse($json);
        $strokes = [];
        $points = 0;
        foreach ($fields->lists('ink', self::MOST_STROKES) as $at => $stroke) {
            $strokes[] = $one = self::stroke($stroke, "$.ink[{$at}]");
            $points += count($one->points);
        }
        $fields->nothingElse();
        if ($strokes === [] || $points > self::MOST_POINTS) {
            throw InvalidJson::at('$.ink', 'must hold strokes, of at most '.self::MOST_POINTS.' points');
        }

        return new self($strokes);
    }

    public function encode(): string
    {
        return json_encode(
            [
                'ink' => array_map(function (Stroke $stroke): array {
                    $steps = [];
                    [$x, $y] = [0, 0];
                    foreach ($stroke->points as $point) {
                        array_push($steps, $point[0] - $x, $point[1] - $y);
                        [$x, $y] = $point;
                    }

                    return [
                        $stroke->pen->value,
                        $stroke->width,
                        $steps,
                        ...($stroke->pressures === [] ? [] : [$stroke->pressures]),
                    ];
                }, $this->strokes),
            ],
            JSON_THROW_ON_ERROR,
        );
    }

    /**
     * What two people drew on one ground: the strokes of both, without those that either rubbed out.
     *
     * @return string|null as text, each; null where it is more than one drawing may hold
     */
    public static function merged(string $was, string $theirs, string $mine): ?string
    {
        [$before, $other, $own] = array_map(self::strokes(...), [$was, $theirs, $mine]);
        $gone = self::without($before, $own);
        $strokes = [...self::without($other, $gone), ...self::without($own, $before)];
        $points = array_sum(array_map(fn (Stroke $stroke): int => count($stroke->points), $strokes));

        return match (true) {
            $strokes === [] => '',
            count($strokes) > self::MOST_STROKES || $points > self::MOST_POINTS => null,
            default => (new self($strokes))->encode(),
        };
    }

    /**
     * @return list<Stroke>
     *
     * @throws InvalidJson
     */
    private static function strokes(string $json): array
    {
        return $json === '' ? [] : self::decode($json)->strokes;
    }

    /**
     * @param  list<Stroke>  $strokes
     * @param  list<Stroke>  $others  each takes away one like it
     * @return list<Stroke>
     */
    private static function without(array $strokes, array $others): array
    {
        $left = array_count_values(array_map(serialize(...), $others));

        return array_values(array_filter($strokes, function (Stroke $stroke) use (&$left): bool {
            $is = serialize($stroke);
            $left[$is] = ($left[$is] ?? 0) - 1;

            return $left[$is] < 0;
        }));
    }

    /** @param  list<mixed>  $stroke */
    private static function stroke(array $stroke, string $path): Stroke
    {
        $pen = Pen::tryFrom(is_string($stroke[0] ?? null) ? $stroke[0] : '');
        $width = $stroke[1] ?? null;
        $steps = self::integers($stroke[2] ?? null);
        $pressures = self::integers($stroke[3] ?? []);
        $count = intdiv(count($steps ?? []), 2);
        if (
            $pen === null ||
            ! is_int($width) ||
            $width < 1 ||
            $width > 400 ||
            $count === 0 ||
            count($steps ?? []) % 2 !== 0 ||
            $pressures === null ||
            ($pressures !== [] && count($pressures) !== $count) ||
            count($stroke) > 4
        ) {
            throw InvalidJson::at($path, 'is no stroke');
        }
        $points = [];
        [$x, $y] = [0, 0];
        for ($n = 0; $n < max(1, $count); $n++) {
            $x += $steps[2 * $n] ?? 0;
            $y += $steps[2 * $n + 1] ?? 0;
            if (abs($x) > self::FAR || abs($y) > self::FAR) {
                throw InvalidJson::at($path, 'lies off the page');
            }
            $points[] = [$x, $y];
        }

        return new Stroke(
            $pen,
            $width,
            $points,
            array_map(fn (int $pressure): int => max(0, min(100, $pressure)), $pressures),
        );
    }

    /** @return list<int>|null */
    private static function integers(mixed $value): ?array
    {
        return is_array($value) && array_is_list($value) && array_filter($value, is_int(...)) === $value
            ? $value
            : null;
    }
}
