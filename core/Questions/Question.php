<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;

/** A question as it is printed on a page. */
final readonly class Question
{
    /**
     * @param  string  $number  as it is counted: "3", "3a", "IV", "B"
     * @param  Frame  $frame  round its words, drawings and blanks, in points
     * @param  list<int>  $blanks  those that belong to it, by their places among those of the page
     * @param  bool  $goesOn  whether it began in the column before or on the page before
     * @param  string|null  $of  the number of the question that it is a part of
     */
    public function __construct(
        public string $number,
        public Frame $frame,
        public array $blanks,
        public bool $goesOn = false,
        public ?string $of = null,
    ) {
    }

    public function at(Frame $frame): self
    {
        return new self($this->number, $frame, $this->blanks, $this->goesOn, $this->of);
    }
}
