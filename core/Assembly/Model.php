<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

/**
 * What a student has built on one page: the parts that were moved, the lowest first. Parts that are not in it are where
 * the teacher put them.
 *
 * As text, it is the JSON object {"lamp.1": [120.5, 300.2, "@harbour"], …} of Placed's lists; a model of nothing is the
 * empty text. A window that has moved something adds "near": how near, in points, a joint or a guide has to be to hold;
 * and "moved": the keys of those parts that were moved since the server last said where all are.
 */
final readonly class Model
{
    public const LONGEST = 60000;

    public const LONGEST_WORDS = 120;

    private const MOST = 2000;

    private const NEAR = 'near';

    private const MOVED = 'moved';

    /**
     * @param  array<string, Placed>  $placed  by key
     * @param  float|null  $near  where it comes from a window
     * @param  array<string, true>|null  $moved  by key, where a window says which; null may be any
     */
    private function __construct(public array $placed, public ?float $near, private ?array $moved = null)
    {
    }

    public static function empty(): self
    {
        return new self([], null);
    }

    /** @param  iterable<Placed>  $placed  the lowest first */
    public static function of(iterable $placed): self
    {
        $byKey = [];
        foreach ($placed as $one) {
            unset($byKey[$one->id]);
            $byKey[$one->id] = $one;
        }

        return new self($byKey, null);
    }

    /** @throws ModelRefused when it is no model */
    public static function parse(string $text): self
    {
        if ($text === '') {
            return self::empty();
        }
        $values = strlen($text) > self::LONGEST ? null : json_decode($text, true, 3);
        if (! is_array($values) || count($values) > self::MOST) {
            throw ModelRefused::noModel();
        }
        $near = $values[self::NEAR] ?? null;
        $moved = $values[self::MOVED] ?? null;
        unset($values[self::NEAR], $values[self::MOVED]);
        $placed = [];
        foreach ($values as $key => $list) {
            $placed[(string) $key] = self::placed((string) $key, $list);
        }

        return new self(
            $placed,
            is_int($near) || is_float($near) ? (float) $near : null,
            is_array($moved) ? array_fill_keys(array_filter($moved, is_string(...)), true) : null,
        );
    }

    /** As it is kept; without what a window has added. */
    public function text(): string
    {
        return $this->placed === []
            ? ''
            : json_encode(
                (object) array_map(fn (Placed $one): array => $one->toList(), $this->placed),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            );
    }

    /** @return list<string> hashes of the pictures that students have put on parts of their own */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->placed as $one) {
            if (preg_match('/^[0-9a-f]{64}$/D', $one->words) === 1) {
                $pictures[] = $one->words;
            }
        }

        return $pictures;
    }

    /** Whether a window says that it has moved a part, or does not say what it has moved. */
    public function hasMoved(string $key): bool
    {
        return $this->moved === null || isset($this->moved[$key]);
    }

    public function find(string $key): ?Placed
    {
        return $this->placed[$key] ?? null;
    }

    /** With one part put somewhere, on top of the others. */
    public function with(Placed $placed): self
    {
        return self::of([...array_values($this->placed), $placed]);
    }

    /** With parts put elsewhere that stay as high as they lie. */
    public function moving(Placed ...$changed): self
    {
        $all = $this->placed;
        foreach ($changed as $one) {
            $all[$one->id] = $one;
        }

        return new self($all, $this->near);
    }

    /**
     * Without what the page no longer has.
     *
     * @param  list<string>  $keys  of the parts that there are
     */
    public function only(array $keys): self
    {
        return new self(array_intersect_key($this->placed, array_flip($keys)), $this->near);
    }

    public function without(string $key): self
    {
        return new self(array_diff_key($this->placed, [$key => true]), $this->near);
    }

    /** With what was moved between two others, on top. */
    public function taking(self $before, self $after): self
    {
        $model = $this;
        foreach ($before->placed + $after->placed as $key => $one) {
            $put = $after->find((string) $key);
            $model = match (true) {
                $put === null => $model->without((string) $key),
                $put->sameAs($before->find((string) $key)) => $model,
                default => $model->with($put),
            };
        }

        return $model;
    }

    /** @return list<Placed> those that a spot holds, in one place of it or in all */
    public function in(string $spotId, ?int $cell = null): array
    {
        return array_values(
            array_filter(
                $this->placed,
                fn (Placed $one): bool => $one->held->spot === $spotId &&
                    ($cell === null || ($one->held->cell ?? 0) === $cell),
            ),
        );
    }

    private static function placed(string $key, mixed $list): Placed
    {
        if (! is_array($list) || ! array_is_list($list) || preg_match('/^[a-z0-9]{1,24}\.[1-9][0-9]?$/D', $key) !== 1) {
            throw ModelRefused::noModel();
        }
        $count = count($list);
        [$x, $y, $held, $words] = [$list[0] ?? null, $list[1] ?? null, $list[2] ?? '', $list[3] ?? ''];
        $hold = self::hold($held);
        if (
            $count > 7 ||
            ! self::isPlace($x, $y) ||
            $hold === null ||
            ! is_string($words) ||
            (strlen($words) > self::LONGEST_WORDS && mb_strlen($words) > self::LONGEST_WORDS)
        ) {
            throw ModelRefused::noModel();
        }

        return new Placed(
            $key,
            self::number($x),
            self::number($y),
            $hold,
            $words,
            $count > 4 ? self::end($list[4], $list[5] ?? null, $list[6] ?? '') : null,
        );
    }

    private static function end(mixed $x, mixed $y, mixed $held): End
    {
        $hold = self::hold($held);

        return self::isPlace($x, $y) && $hold !== null
            ? new End(self::number($x), self::number($y), $hold)
            : throw ModelRefused::noModel();
    }

    /**
     * @phpstan-assert-if-true int|float $x
     * @phpstan-assert-if-true int|float $y
     */
    private static function isPlace(mixed $x, mixed $y): bool
    {
        return (is_int($x) || is_float($x)) && (is_int($y) || is_float($y)) && abs($x) <= 30000 && abs($y) <= 30000;
    }

    private static function hold(mixed $held): ?Hold
    {
        return is_string($held) ? Hold::parse($held) : null;
    }

    private static function number(int|float $value): float
    {
        return is_int($value) ? (float) $value : round($value, 2) + 0.0;
    }
}
