<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** What kind of answer a place takes. */
enum AnswerKind: string
{
    case Short = 'short';
    case Lines = 'lines';
    case Number = 'number';
    case Tick = 'tick';
    case Choice = 'choice';

    /** One of several words, from a list that drops down. */
    case List = 'list';

    /** Supplied sentences to be mended. */
    case Passage = 'passage';

    case Drawing = 'drawing';
    case Picture = 'picture';
    case Spoken = 'spoken';

    /** Where the parts of a page are; no box takes it. */
    case Model = 'model';

    /** @return class-string<AnswerForm> what has its fields, and says what an answer of it may be */
    public function form(): string
    {
        return match ($this) {
            self::Short, self::Lines => TextAnswer::class,
            self::Number => NumberAnswer::class,
            self::Tick => TickAnswer::class,
            self::Choice => ChoiceAnswer::class,
            self::List => ListAnswer::class,
            self::Passage => PassageAnswer::class,
            self::Drawing => DrawingAnswer::class,
            self::Picture => PictureAnswer::class,
            self::Spoken => SpokenAnswer::class,
            self::Model => ModelAnswer::class,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Short => 'short text',
            self::Lines => 'several lines',
            self::Number => 'number',
            self::Tick => 'tick',
            self::Choice => 'choice',
            self::List => 'drop-down list',
            self::Passage => 'passage to correct',
            self::Drawing => 'drawing area',
            self::Picture => 'place for a picture',
            self::Spoken => 'spoken answer',
            self::Model => 'parts',
        };
    }

    /** @return list<self> those that a box may be given; the parts of a page are no box */
    public static function ofBoxes(): array
    {
        return array_filter(self::cases(), fn (self $kind): bool => $kind !== self::Model);
    }

    /** Whether an answer is words, which stay readable in another kind of place. */
    public function isWords(): bool
    {
        return in_array($this, [self::Short, self::Lines, self::Number, self::List, self::Passage], true);
    }

    /** Whether an answer is a file of its own, which the student sends by itself. */
    public function isFile(): bool
    {
        return $this === self::Picture || $this === self::Spoken;
    }

    /** Whether an answer is something to be seen, and has no words. */
    public function isSeen(): bool
    {
        return $this === self::Drawing || $this === self::Picture || $this === self::Model;
    }

    /** Whether an answer is something to be heard. */
    public function isHeard(): bool
    {
        return $this === self::Spoken;
    }

    /** Whether right answers can be given; what cannot have any only a person can mark. */
    public function canBeKeyed(): bool
    {
        return $this !== self::Drawing && ! $this->isFile();
    }
}
