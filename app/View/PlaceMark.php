<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Comment;
use OpenSlate\Geometry\Frame;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\Points;

/** What a teacher has written at one place of a page: the mark, and comments. */
final readonly class PlaceMark
{
    /**
     * @param  string  $place  its id in the edition
     * @param  string  $name  what it asks
     * @param  list<Comment>  $comments
     * @param  string  $right  the right answer, where it is shown; else nothing
     * @param  bool  $isMarked  whether the mark is shown
     */
    public function __construct(
        public string $place,
        public string $name,
        public Frame $frame,
        public Mark $mark,
        public Points $full,
        public array $comments,
        public string $right = '',
        public bool $isMarked = true,
    ) {
    }

    /** A sign of its own for each verdict. */
    public function sign(): string
    {
        return match ($this->mark->verdict) {
            Verdict::Right => '✓',
            Verdict::Part => '(✓)',
            Verdict::Wrong => '✗',
            Verdict::Unjudged => '?',
        };
    }

    public function points(): string
    {
        return $this->mark->waits() ? '' : $this->mark->points->words();
    }

    /** For those who do not see it. */
    public function said(): string
    {
        if (! $this->isMarked) {
            return $this->name;
        }
        // A question that ends with a mark of its own takes no colon.
        $name = preg_match('/[.?!]$/', $this->name) === 1 ? $this->name : "{$this->name}:";
        $points = $this->mark->waits() ? '' : ", {$this->mark->points->words()} of {$this->full->named()}";

        return "{$name} ".MarkingWords::verdict($this->mark->verdict).$points;
    }

    /** Whether it stands so far right that what is said has to end there. */
    public function isAtEnd(float $pageWidth): bool
    {
        return $this->frame->right() > $pageWidth * 0.6;
    }

    /** Where it stands: at the right end of the place, from the left or from the right edge of the page. */
    public function at(float $pageWidth): string
    {
        $right = max(4.0, $pageWidth - $this->frame->right() - 24.0);

        return "--x:{$this->frame->right()};--r:{$right};--y:{$this->frame->y};--h:{$this->frame->height}";
    }
}
