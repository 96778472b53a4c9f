<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Geometry\Frame;

/** A place to answer: to type, tick, choose, mend, draw or put a picture. */
final readonly class AnswerBox implements Answerable
{
    use Laid;

    public const LONGEST_PROMPT = 200;

    public const LONGEST_HELP = 500;

    public const MOST_POINTS = 100.0;

    public const MOST_KEYS = 40;

    public AnswerForm $form;

    /**
     * @param  AnswerForm|null  $form  null is a short text
     * @param  string  $prompt  said to the student, and shown while the box is empty unless it is printed there
     * @param  float  $size  of the typed text, in points
     * @param  bool  $cover  hides what is printed below it in the paper's colour
     * @param  bool  $outline  shows a faint edge
     * @param  string  $help  shown to the student on asking
     * @param  list<string>  $key  the right answers, as the form keeps them
     * @param  bool  $printed  the prompt is on the page already, so that it is only said
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        ?AnswerForm $form = null,
        public string $prompt = '',
        public float $size = TextSize::NORMAL,
        public bool $cover = false,
        public bool $outline = true,
        public Font $font = Font::Plain,
        public TextAlign $align = TextAlign::Left,
        public string $help = '',
        public bool $needed = false,
        public ?float $points = null,
        public array $key = [],
        public TextFit $fit = TextFit::Scroll,
        public bool $printed = false,
        public ?string $group = null,
        public bool $locked = false,
    ) {
        $this->form = $form ?? TextAnswer::short();
    }

    /** What is shown in the box while it is empty. */
    public function shownPrompt(): string
    {
        return $this->printed ? '' : $this->prompt;
    }

    /** The same box with another prompt, which is not printed. */
    public function asking(string $prompt): self
    {
        return $this->with(prompt: $prompt, printed: false);
    }

    /**
     * With these right answers; of a passage, the right text itself is the key.
     *
     * @param  list<string>  $answers  as the teacher gives them
     *
     * @throws AnswerRefused when one could never be given
     */
    public function keyed(array $answers): self
    {
        return $this->form instanceof PassageAnswer
            ? $this->with(form: $this->form->corrected($answers[0] ?? ''))
            : $this->with(key: $this->form->key($answers));
    }

    public function enlarged(float $factor): static
    {
        $form = $this->form instanceof TextAnswer ? $this->form->enlarged($factor) : $this->form;

        return $this->with(form: $form, size: TextSize::times($this->size, $factor));
    }

    public function kind(): ElementKind
    {
        return ElementKind::Box;
    }

    public function places(): array
    {
        return [$this->id => $this->form];
    }

    public function keys(): array
    {
        $key = $this->form instanceof PassageAnswer && $this->form->right !== '' ? [$this->form->right] : $this->key;

        return $key === [] ? [] : [$this->id => $key];
    }

    public function withoutKeys(): static
    {
        return $this->keyed([]);
    }

    public function isNeeded(): bool
    {
        return $this->needed;
    }

    public function points(): ?float
    {
        return $this->points;
    }
}
