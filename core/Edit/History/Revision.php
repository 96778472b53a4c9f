<?php

declare(strict_types=1);

namespace OpenSlate\Edit\History;

/**
 * A page's numbered states, and where undo and redo lead from each.
 *
 * Numbers only grow: an undo is a new revision with the content of an older one, so that history is never rewritten
 * and a window that has not seen the undo is stale like any other.
 */
final readonly class Revision
{
    /**
     * @param  int|null  $undoTo  the revision whose content an undo brings back
     * @param  int|null  $redoTo  the revision whose content a redo brings back
     */
    public function __construct(public int $number, public ?int $undoTo = null, public ?int $redoTo = null)
    {
    }

    public static function first(): self
    {
        return new self(1);
    }

    /** After an edit there is nothing left to redo. */
    public function edited(): self
    {
        return new self($this->number + 1, $this->number);
    }

    /** @param  self  $target  the revision that undoTo names */
    public function undone(self $target): self
    {
        return new self($this->number + 1, $target->undoTo, $this->number);
    }

    /** @param  self  $target  the revision that redoTo names */
    public function redone(self $target): self
    {
        return new self($this->number + 1, $target->undoTo, $target->redoTo);
    }
}
