<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Format\ElementCodec;

/** A tool of a station: what is chosen first, and then drawn or pressed on the page. */
final readonly class Tool
{
    /**
     * @param  string  $name  by which scripts and tests know it
     * @param  string  $words  on its button
     * @param  string  $key  that chooses it
     * @param  string  $does  in the list of keys, after "draw a"
     * @param  array<string, mixed>|null  $new  what it lays, as the page format has it, of the size that it has when it
     *                                          is pressed only; null where something else is asked for first
     * @param  bool  $isBeside  whether it may be laid in the tray, too
     * @param  float  $even  height to width where the sides are even
     * @param  bool  $slants  whether it matters where drawing begins
     */
    private function __construct(
        public string $name,
        public string $words,
        public string $key,
        public string $does,
        public ?array $new,
        public bool $isBeside = false,
        public float $even = 1.0,
        public bool $slants = false,
    ) {
    }

    public static function laying(
        string $name,
        string $words,
        string $key,
        string $does,
        Element $new,
        float $even = 1.0,
        bool $slants = false,
    ): self {
        $properties = array_diff_key(ElementCodec::whole($new), array_flip(['id', 'x', 'y', 'group', 'locked']));

        return new self(
            name: $name,
            words: $words,
            key: $key,
            does: $does,
            new: $properties,
            isBeside: $new instanceof Part,
            even: $even,
            slants: $slants,
        );
    }

    /** @param  array<string, mixed>|null  $new */
    public static function other(string $name, string $words, string $key, string $does, ?array $new = null): self
    {
        return new self($name, $words, $key, $does, $new);
    }

    /**
     * The same, for something whose source is asked for before it is laid, and which could not be made without.
     *
     * @param  array<string, mixed>  $properties  in place of those of what it was made like
     */
    public function asking(array $properties): self
    {
        return new self(
            name: $this->name,
            words: $this->words,
            key: $this->key,
            does: $this->does,
            new: [...(array) $this->new, ...$properties],
            isBeside: $this->isBeside,
            even: $this->even,
            slants: $this->slants,
        );
    }
}
