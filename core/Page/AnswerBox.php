<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Geometry\Frame;

/** A place to type. */
final readonly class AnswerBox implements Element
{
    public const LONGEST_PROMPT = 200;

    /**
     * @param  string  $prompt  said to the student, and shown while the box is empty
     * @param  float  $size  of the typed text, in points
     * @param  bool  $cover  hides what is printed below it in the paper's colour
     * @param  bool  $outline  shows a faint edge
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public AnswerForm $answer = AnswerForm::Short,
        public string $prompt = '',
        public float $size = TextSize::NORMAL,
        public bool $cover = false,
        public bool $outline = true,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function kind(): ElementKind
    {
        return ElementKind::Box;
    }

    public function frame(): Frame
    {
        return $this->frame;
    }

    public function framed(Frame $frame): static
    {
        return new self($this->id, $frame, $this->answer, $this->prompt, $this->size, $this->cover, $this->outline);
    }

    public function identified(string $id): static
    {
        return new self($id, $this->frame, $this->answer, $this->prompt, $this->size, $this->cover, $this->outline);
    }
}
