<?php

declare(strict_types=1);

namespace OpenSlate\Json;

use BackedEnum;
use Throwable;

/**
 * Reads the fields of one decoded JSON object by type, and names the path of whatever is missing, odd or unknown.
 */
final class Fields
{
    /** @var array<array-key, true> */
    private array $read = [];

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private readonly array $values, private readonly string $path)
    {
    }

    /** @throws InvalidJson when the value is no JSON object */
    public static function of(mixed $value, string $path = '$'): self
    {
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw InvalidJson::at($path, 'must be an object');
        }

        return new self($value, $path);
    }

    /** @throws InvalidJson when the text is not JSON, or its value no object */
    public static function parse(string $json): self
    {
        $value = json_decode($json, true, 32);
        if (json_last_error() !== JSON_ERROR_NONE) {
            throw InvalidJson::at('$', 'is not JSON ('.json_last_error_msg().')');
        }

        return self::of($value);
    }

    public function has(string $name): bool
    {
        return array_key_exists($name, $this->values);
    }

    /** Whether it is there and not null: most of what may be left out may also be said to be nothing. */
    public function isGiven(string $name): bool
    {
        if (isset($this->values[$name])) {
            return true;
        }
        $this->read[$name] = true;

        return false;
    }

    public function isNull(string $name): bool
    {
        return $this->value($name) === null;
    }

    public function number(string $name, float $min = -100000.0, float $max = 100000.0): float
    {
        $this->read[$name] = true;
        $value = $this->values[$name] ?? null;
        if (! is_float($value) && ! is_int($value)) {
            throw $this->missingOr($name, 'must be a number');
        }
        if ($value < $min || $value > $max) {
            throw $this->wrong($name, "must lie between {$min} and {$max}");
        }

        return (float) $value;
    }

    public function integer(string $name, int $min, int $max = PHP_INT_MAX): int
    {
        $this->read[$name] = true;
        $value = $this->values[$name] ?? null;
        if (! is_int($value)) {
            throw $this->missingOr($name, 'must be a whole number');
        }
        if ($value < $min || $value > $max) {
            throw $this->wrong($name, "must lie between {$min} and {$max}");
        }

        return $value;
    }

    public function text(string $name, int $longest): string
    {
        $this->read[$name] = true;
        $value = $this->values[$name] ?? null;
        if (! is_string($value)) {
            throw $this->missingOr($name, 'must be text');
        }
        if (strlen($value) > $longest && mb_strlen($value) > $longest) {
            throw $this->wrong($name, "must be at most {$longest} characters long");
        }

        return $value;
    }

    public function matching(string $name, string $pattern, string $what): string
    {
        $value = $this->text($name, 1000);
        if (preg_match($pattern, $value) !== 1) {
            throw $this->wrong($name, "must be {$what}");
        }

        return $value;
    }

    public function flag(string $name): bool
    {
        $this->read[$name] = true;
        $value = $this->values[$name] ?? null;
        if (! is_bool($value)) {
            throw $this->missingOr($name, 'must be true or false');
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum  one of strings
     * @return T
     */
    public function oneOf(string $name, string $enum): BackedEnum
    {
        $value = $this->value($name);
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case !== null) {
            return $case;
        }
        $allowed = implode(', ', array_map(fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));

        throw $this->wrong($name, "must be one of {$allowed}");
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum  one of strings
     * @return list<T> each once, in their own order
     */
    public function someOf(string $name, string $enum): array
    {
        $given = $this->texts($name, count($enum::cases()));
        $allowed = array_map(fn (BackedEnum $case): string => (string) $case->value, $enum::cases());
        if (array_diff($given, $allowed) !== []) {
            throw $this->wrong($name, 'must be among '.implode(', ', $allowed));
        }

        return array_values(
            array_filter($enum::cases(), fn (BackedEnum $case): bool => in_array($case->value, $given, true)),
        );
    }

    public function object(string $name): self
    {
        return self::of($this->value($name), $this->pathOf($name));
    }

    /** @return list<int> */
    public function integers(string $name, int $most): array
    {
        return array_map(
            fn (mixed $item): int => is_int($item) ? $item : throw $this->wrong($name, 'must be whole numbers'),
            $this->items($name, $most),
        );
    }

    /** @return list<self> */
    public function objects(string $name, int $most): array
    {
        $path = $this->pathOf($name);
        $objects = [];
        foreach ($this->items($name, $most) as $at => $item) {
            $objects[] = self::of($item, "{$path}[{$at}]");
        }

        return $objects;
    }

    /** @return list<list<mixed>> lists as they stand; what is in them is for the caller to check */
    public function lists(string $name, int $most): array
    {
        return array_map(
            fn (mixed $item): array => is_array($item) && array_is_list($item)
                ? $item
                : throw $this->wrong($name, 'must hold lists'),
            $this->items($name, $most),
        );
    }

    /** @return list<float> */
    public function numbers(string $name, int $most, float $min, float $max): array
    {
        return array_map(
            fn (mixed $item): float => (is_int($item) || is_float($item)) && $item >= $min && $item <= $max
                ? (float) $item
                : throw $this->wrong($name, "must be numbers between {$min} and {$max}"),
            $this->items($name, $most),
        );
    }

    /** @return list<string> */
    public function texts(string $name, int $most, int $longest = 100): array
    {
        $texts = [];
        foreach ($this->items($name, $most) as $at => $item) {
            if (! is_string($item) || mb_strlen($item) > $longest) {
                throw InvalidJson::at(
                    $this->pathOf($name)."[{$at}]",
                    "must be text of at most {$longest} characters",
                );
            }
            $texts[] = $item;
        }

        return $texts;
    }

    /** @return array<array-key, mixed> every value as it stands; what is in them is for the caller to check */
    public function all(): array
    {
        return $this->values;
    }

    /** @return list<array-key> */
    public function names(): array
    {
        return array_keys($this->values);
    }

    /** Refuses fields that nobody asked for: a misspelt name must not be dropped in silence. */
    public function nothingElse(): void
    {
        foreach (array_diff_key($this->values, $this->read) as $name => $value) {
            throw $this->wrong((string) $name, 'is not known');
        }
    }

    public function wrong(string $name, Throwable|string $problem): InvalidJson
    {
        return InvalidJson::at($this->pathOf($name), $problem);
    }

    private function value(string $name): mixed
    {
        if (! $this->has($name)) {
            throw $this->wrong($name, 'is missing');
        }
        $this->read[$name] = true;

        return $this->values[$name];
    }

    /** The readers that a page calls thousands of times look for what is missing only once something is wrong. */
    private function missingOr(string $name, string $problem): InvalidJson
    {
        return $this->wrong($name, $this->has($name) ? $problem : 'is missing');
    }

    /** @return list<mixed> */
    private function items(string $name, int $most): array
    {
        $items = $this->value($name);
        if (! is_array($items) || ! array_is_list($items)) {
            throw $this->wrong($name, 'must be a list');
        }
        if (count($items) > $most) {
            throw $this->wrong($name, "must hold at most {$most}");
        }

        return $items;
    }

    private function pathOf(string $name): string
    {
        return "{$this->path}.{$name}";
    }
}
