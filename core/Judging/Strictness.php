<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/**
 * How closely a text has to be as its key. As usual nothing of its look counts, and the teacher looks at misspellings.
 */
final readonly class Strictness
{
    /** @param  list<TextAspect>  $counts */
    public function __construct(public array $counts = [], public Misspelt $misspelt = Misspelt::Look)
    {
    }

    /** Every letter, space and mark as in the key. */
    public static function exact(): self
    {
        return new self(TextAspect::cases(), Misspelt::Wrong);
    }

    public function counts(TextAspect $aspect): bool
    {
        return in_array($aspect, $this->counts, true);
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): self
    {
        return new self(
            $fields->isGiven('counts') ? $fields->someOf('counts', TextAspect::class) : [],
            $fields->isGiven('misspelt') ? $fields->oneOf('misspelt', Misspelt::class) : Misspelt::Look,
        );
    }

    /** @return array{counts: list<string>, misspelt: string} */
    public function properties(): array
    {
        return [
            'counts' => array_map(fn (TextAspect $aspect): string => $aspect->value, $this->counts),
            'misspelt' => $this->misspelt->value,
        ];
    }
}
