<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** One choice of several that are printed: its words, and where it stands in the box, as shares of the box's sides. */
final readonly class Option
{
    /**
     * @param  string  $id  small letters and digits, unique in the group
     * @param  string  $words  said by screen readers, and in lists
     */
    public function __construct(
        public string $id,
        public string $words,
        public float $left,
        public float $top,
        public float $across,
        public float $down,
    ) {
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): self
    {
        $share = fn (string $name, float $least = 0): float => $fields->number($name, $least, 1);
        $option = new self(
            $fields->matching('id', '/^[a-z0-9]{1,12}$/D', 'small letters and digits'),
            $fields->text('words', Choices::LONGEST),
            $share('left'),
            $share('top'),
            $share('across', 0.002),
            $share('down', 0.002),
        );
        $fields->nothingElse();

        return $option;
    }
}
