<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use InvalidArgumentException;

/**
 * Lines that a part is drawn with: path data as SVG 2 (9.3) has it, in percent of the part's width and height, so that
 * it is drawn at any size. Of that language it takes the commands in capitals that a drawing needs, each written out,
 * and arcs that are not turned.
 */
final readonly class Drawing
{
    public const LONGEST = 600;

    /** What each command is followed by: x and y in percent, widths and heights, and what is not measured. */
    private const COMMANDS = [
        'M' => ['x', 'y'],
        'L' => ['x', 'y'],
        'H' => ['x'],
        'V' => ['y'],
        'Q' => ['x', 'y', 'x', 'y'],
        'C' => ['x', 'y', 'x', 'y', 'x', 'y'],
        'A' => ['w', 'h', 'turn', 'flag', 'flag', 'x', 'y'],
        'Z' => [],
    ];

    /** @param  list<array{string, list<float>}>  $steps  a command, and its numbers */
    private function __construct(private array $steps)
    {
    }

    /** @throws InvalidArgumentException when it is no drawing */
    public static function parse(string $data): self
    {
        $number = '-?\d{1,3}(?:\.\d{1,4})?';
        if (
            strlen($data) > self::LONGEST ||
            preg_match("/^M(?:[MLHVQCAZ]|{$number}|[ ,])*$/D", $data) !== 1 ||
            preg_match_all('/([A-Z])([^A-Z]*)/', $data, $found, PREG_SET_ORDER) === 0
        ) {
            throw new InvalidArgumentException('A drawing is SVG path data in percent, which begins with M.');
        }
        $steps = [];
        foreach ($found as [, $command, $rest]) {
            preg_match_all("/{$number}/", $rest, $numbers);
            $steps[] = [$command, self::checked($command, array_map(floatval(...), $numbers[0]))];
        }

        return new self($steps);
    }

    /** As path data from a point, at a size; in points. */
    public function at(float $left, float $top, float $width, float $height): string
    {
        $data = '';
        foreach ($this->steps as [$command, $numbers]) {
            $placed = array_map(
                fn (string $of, float $number): float => round(
                    match ($of) {
                        'x' => $left + ($number * $width) / 100,
                        'y' => $top + ($number * $height) / 100,
                        'w' => ($number * $width) / 100,
                        'h' => ($number * $height) / 100,
                        default => $number,
                    },
                    2,
                ),
                self::COMMANDS[$command],
                $numbers,
            );
            $data .= $command.implode(' ', $placed);
        }

        return $data;
    }

    /**
     * @param  list<float>  $numbers
     * @return list<float>
     */
    private static function checked(string $command, array $numbers): array
    {
        $wanted = self::COMMANDS[$command];
        $fits = count($numbers) === count($wanted);
        foreach ($fits ? $wanted : [] as $index => $of) {
            $number = $numbers[$index];
            $fits = $fits && match ($of) {
                'turn' => $number === 0.0,
                'flag' => $number === 0.0 || $number === 1.0,
                default => $number >= 0.0 && $number <= 100.0,
            };
        }

        return $fits ? $numbers : throw new InvalidArgumentException(
            "A drawing has {$command} with numbers that it cannot have.",
        );
    }
}
