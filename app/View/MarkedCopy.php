<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Comment;
use App\Models\Copy;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\Marks;
use OpenSlate\Marking\Points;
use OpenSlate\Marking\Scheme;

/**
 * A copy with what was written on it when it was marked: for the teacher, or for its student once it is handed back.
 */
final readonly class MarkedCopy
{
    /**
     * @param  array<string, MarkedQuestion>  $questions
     * @param  array<string, list<Comment>>  $comments  by place; those on the whole by the empty text
     * @param  list<Comment>  $remarks  on pages
     */
    private function __construct(
        public Marks $marks,
        public Points $full,
        private array $questions,
        private array $comments,
        private array $remarks,
        private bool $withAnswers,
        public bool $withMarks,
    ) {
    }

    /**
     * @param  bool  $withAnswers  whether the right answers are shown beside
     * @param  bool  $withMarks  whether marks and comments are
     */
    public static function of(Copy $copy, Scheme $scheme, bool $withAnswers, bool $withMarks = true): self
    {
        $copy->loadMissing(['handMarks', 'comments']);
        $comments = [];
        foreach ($withMarks ? $copy->comments : [] as $comment) {
            if ($comment->page === null) {
                $comments[$comment->place ?? ''][] = $comment;
            }
        }

        return new self(
            $copy->marks($scheme),
            $scheme->total(),
            MarkedQuestion::all($copy->item->edition, $scheme),
            $comments,
            array_values($withMarks ? $copy->comments->whereNotNull('page')->all() : []),
            $withAnswers,
            $withMarks,
        );
    }

    /**
     * @param  int  $number  of the page, from 1
     * @return list<PlaceMark> in reading order
     */
    public function on(int $number): array
    {
        $on = [];
        foreach ($this->questions as $id => $question) {
            $mark = $this->marks->find($id);
            if ($mark !== null && $question->place->place->page() === $number) {
                $on[] = new PlaceMark(
                    $id,
                    $question->words,
                    $question->frame,
                    $mark,
                    $question->place->full,
                    $this->comments[$id] ?? [],
                    $this->right($question, $mark),
                    $this->withMarks,
                );
            }
        }

        return $on;
    }

    /** The right answer: beside what is not right, and, so that nothing says what is, beside all where no marks show. */
    private function right(MarkedQuestion $question, Mark $mark): string
    {
        return $this->isAsked($question, $mark) ? $question->key() : '';
    }

    private function isAsked(MarkedQuestion $question, Mark $mark): bool
    {
        return $this->withAnswers &&
            (! $this->withMarks || $mark->points->isLessThan($question->place->full));
    }

    /**
     * The right model of a page's parts, to be seen beside the student's own.
     *
     * @return array<string, string> by its place, as texts are; nothing where it is not shown
     */
    public function rightModel(int $number): array
    {
        foreach ($this->questions as $id => $question) {
            $mark = $this->marks->find($id);
            $right = $question->place->rightModel();
            if ($right !== null && $mark !== null && $question->place->place->page() === $number) {
                return $this->isAsked($question, $mark) ? [$id => $right] : [];
            }
        }

        return [];
    }

    /**
     * What was written on a page beside its places.
     *
     * @return list<Comment>
     */
    public function written(int $number): array
    {
        return array_values(array_filter(
            $this->remarks,
            fn (Comment $comment): bool => $comment->page === $number,
        ));
    }

    /** @return list<Comment> of the whole */
    public function whole(): array
    {
        return $this->comments[''] ?? [];
    }

    /**
     * "8 of 10 points".
     *
     * @param  Points|null  $instead  of one of those who share it, where they have others
     */
    public function total(?Points $instead = null): string
    {
        $points = $instead ?? $this->marks->total();

        return "{$points->words()} of {$this->full->named()}";
    }
}
