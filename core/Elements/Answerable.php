<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Answers\AnswerForm;

/** An element with places to fill in. */
interface Answerable extends Written
{
    /**
     * What each of its places takes, in reading order.
     *
     * @return array<string, AnswerForm> by the name of the place on the page: the element's id, or that and the cell
     */
    public function places(): array;

    /** @return array<string, list<string>> the right answers, by place; none where it has no key */
    public function keys(): array;

    /** The same without its right answers. */
    public function withoutKeys(): static;

    /** Whether it has to be filled in before the copy can be handed in. */
    public function isNeeded(): bool;

    /** Points for each of its places; null where it is not to be marked. */
    public function points(): ?float;
}
