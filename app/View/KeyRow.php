<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Table;
use OpenSlate\Judging\Misspelt;
use OpenSlate\Judging\Strictness;
use OpenSlate\Judging\TextAspect;

/** A place of a page with its right answers, as the Key station lists it. */
final readonly class KeyRow
{
    /**
     * @param  string  $name  of the place on its page
     * @param  string  $tag  of its element, such as "A2"
     * @param  string|null  $cell  where it is in its element, if that has several places: "2, 3" or "4"
     * @param  list<string>  $key  the right answers
     * @param  bool  $first  whether it is the first place of its element, where its points are said
     */
    public function __construct(
        public Answerable $element,
        public AnswerForm $form,
        public string $name,
        public string $tag,
        public ?string $cell,
        public array $key,
        public bool $first,
    ) {
    }

    /** @return list<self> of one element, in reading order */
    public static function allOf(Answerable $element, string $tag): array
    {
        $keys = $element->keys();
        $rows = [];
        foreach ($element->places() as $name => $form) {
            $name = (string) $name;
            $cell = $element instanceof AnswerBox ? null : str_replace('-', ', ', explode('.', $name, 2)[1]);
            $rows[] = new self($element, $form, $name, $tag, $cell, $keys[$name] ?? [], $rows === []);
        }

        return $rows;
    }

    /** Its tag and its cell. */
    public function short(): string
    {
        return $this->cell === null ? $this->tag : "{$this->tag} {$this->cell}";
    }

    /** The same for those who do not see it. */
    public function said(): string
    {
        $kind = $this->element instanceof Table ? 'cell' : 'box';

        return $this->cell === null ? $this->tag : "{$this->tag}, {$kind} {$this->cell}";
    }

    /** What it asks; nothing for a cell of something that has no prompt. */
    public function words(): string
    {
        $asks = $this->element instanceof AnswerBox || ($this->element->prompt ?? '') !== '';

        return $asks ? ElementWords::of($this->element) : '';
    }

    /** What is to be done, while nothing is right yet. */
    public function hint(): string
    {
        return match (true) {
            $this->form instanceof NumberAnswer => 'Right number, such as 3.5 or 3.5 ± 0.1',
            ! $this->form instanceof ChoiceAnswer => 'Right answer; others as right below it',
            $this->key !== [] => '',
            $this->form->many => 'Choose all that are right.',
            default => 'Choose what is right.',
        };
    }

    /** How closely words are held against the key; null where no words are. */
    public function strictness(): ?Strictness
    {
        return $this->form instanceof TextAnswer ? $this->form->strictness : null;
    }

    /** The same in words: "How closely: capital letters count; misspelt is half right". */
    public function held(): string
    {
        $strictness = $this->strictness() ?? new Strictness;
        $counts = array_map(fn (TextAspect $aspect): string => $aspect->words(), $strictness->counts);
        $words = array_filter([
            $counts === [] ? '' : implode(', ', $counts).' count',
            $strictness->misspelt === Misspelt::Look ? '' : "misspelt is {$strictness->misspelt->words()}",
        ]);

        return 'How closely'.($words === [] ? '' : ': '.implode('; ', $words));
    }

    public function isRight(string $answer): bool
    {
        return in_array($answer, $this->key, true);
    }
}
