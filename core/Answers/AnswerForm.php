<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/**
 * What a student may put in one place, and what may stand in its key.
 *
 * Whatever its kind, an answer is kept as text: the words, "yes" for a tick, the ids of chosen options, strokes as
 * JSON, the SHA-256 of a picture. Nothing there is the empty text.
 */
interface AnswerForm
{
    public function kind(): AnswerKind;

    /** As it is when a place is first given the kind. */
    public static function start(AnswerKind $kind): self;

    /**
     * Reads the fields that the kind has in JSON, beside its name.
     *
     * @throws InvalidJson
     */
    public static function decode(AnswerKind $kind, Fields $fields): self;

    /** @return array<string, mixed> those fields, also those that are as usual */
    public function properties(): array;

    /**
     * What a student sent, as it is kept.
     *
     * @throws AnswerRefused when it is no such answer
     */
    public function tidy(string $answer): string;

    /** What a student is told, at its place, whose answer could not be kept, and what to do about it. */
    public function unsaved(): string;

    public function isFilled(string $answer): bool;

    /** As how many places it is counted. */
    public function counts(): int;

    /** How many of those an answer fills. */
    public function filled(string $answer): int;

    /** Whether places of this kind that follow one another are counted as one, filled when one of them is. */
    public function countsTogether(): bool;

    /** An answer as somebody reads it; nothing where it is no words. */
    public function read(string $answer): string;

    /**
     * The right answers, as they are kept.
     *
     * @param  list<string>  $answers  as the teacher gives them
     * @return list<string>
     *
     * @throws AnswerRefused when one could never be given
     */
    public function key(array $answers): array;

    /**
     * Holds an answer, as it is kept, against the right ones.
     *
     * @param  list<string>  $key  as they are kept; where there are none only a person can judge
     * @param  Lexicon  $words  words that are no misspellings of others
     */
    public function judge(array $key, string $answer, Lexicon $words): Judgement;

    /**
     * The right answers as somebody reads them; nothing where they have no words.
     *
     * @param  list<string>  $key  as they are kept
     */
    public function keyWords(array $key): string;

    /**
     * What is the same of two answers that are as good as each other; an answer that nothing else is like is its own.
     */
    public function likeness(string $answer): string;

    /**
     * What two people made of one answer at the same time, with nothing of either lost.
     *
     * @param  string  $was  from which both began
     * @return string|null null where only one of them can stand
     */
    public function merged(string $was, string $theirs, string $mine): ?string;
}
