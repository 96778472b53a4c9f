<?php

declare(strict_types=1);

namespace OpenSlate\Assembly;

/**
 * What holds a part where it is: a spot, one place of a spot, the joint of another part, or nothing.
 *
 * As text "@spot", "@spot.3" for one place of a table, "own>lamp.2.a" for a joint of its own on a joint of another
 * part, ">lamp.2.a" for an end of a connector, which has no joints; nothing is "".
 */
final readonly class Hold
{
    private const TEXT =
        '/^(?:@([a-z0-9]{1,24})(?:\.(\d{1,3}))?|([a-z0-9]{0,12})>([a-z0-9]{1,24}\.\d{1,2})\.([a-z0-9]{1,12}))$/D';

    /**
     * @param  string|null  $spot  id of the spot
     * @param  int|null  $cell  which place of it, from 0
     * @param  string  $own  the part's own joint
     * @param  string|null  $part  the other part
     * @param  string  $joint  its joint
     */
    private function __construct(
        public ?string $spot = null,
        public ?int $cell = null,
        public string $own = '',
        public ?string $part = null,
        public string $joint = '',
    ) {
    }

    public static function nothing(): self
    {
        return new self;
    }

    public static function spot(string $id, ?int $cell = null): self
    {
        return new self(spot: $id, cell: $cell);
    }

    /** @param  string  $own  none at the end of a connector */
    public static function joint(string $own, string $part, string $joint): self
    {
        return new self(own: $own, part: $part, joint: $joint);
    }

    /** Null where the text is none. */
    public static function parse(string $text): ?self
    {
        if ($text === '') {
            return new self;
        }
        if (preg_match(self::TEXT, $text, $names, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        [, $spot, $cell, $own, $part, $joint] = $names;

        return $spot !== null
            ? self::spot($spot, $cell === null ? null : (int) $cell)
            : self::joint((string) $own, (string) $part, (string) $joint);
    }

    public function text(): string
    {
        return match (true) {
            $this->spot !== null => "@{$this->spot}".($this->cell === null ? '' : ".{$this->cell}"),
            $this->part !== null => "{$this->own}>{$this->part}.{$this->joint}",
            default => '',
        };
    }

    public function isNothing(): bool
    {
        return $this->spot === null && $this->part === null;
    }
}
