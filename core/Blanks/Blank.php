<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Withers;

/** A place on a printed page that seems to be there to be filled in. */
final readonly class Blank
{
    use Withers;

    private const SURE = 0.5;

    /**
     * @param  Frame  $frame  of what is to be typed, in points
     * @param  float|null  $pitch  from one printed line to the next, in points
     * @param  int  $count  how many printed lines
     * @param  string  $label  the prompt beside it
     * @param  float  $confidence  0 to 1
     * @param  AnswerForm|null  $form  what a form field takes, as the file says
     * @param  list<JoinEnd>  $ends  of what is to be joined
     */
    public function __construct(
        public BlankKind $kind,
        public Frame $frame,
        public float $confidence,
        public ?float $pitch = null,
        public int $count = 1,
        public string $label = '',
        public ?AnswerForm $form = null,
        public array $ends = [],
    ) {
    }

    /** Whether it is surely there to be filled in; else it is but likely, and is taken by hand alone. */
    public function isSure(): bool
    {
        return $this->confidence >= self::SURE;
    }

    public function labelled(string $label): self
    {
        return $this->with(label: $label);
    }

    public function of(BlankKind $kind): self
    {
        return $this->with(kind: $kind);
    }

    public function at(Frame $frame): self
    {
        return $this->with(frame: $frame);
    }

    /** @return list<string> the words that are chosen from, of a list or of options */
    public function choices(): array
    {
        $properties = $this->form?->properties() ?? [];
        $words = array_map(
            fn (mixed $one): mixed => is_array($one) ? $one['words'] ?? null : $one,
            (array) ($properties['choices'] ?? $properties['options'] ?? []),
        );

        return array_values(array_filter($words, is_string(...)));
    }
}
