<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Answers\TextAnswer;

/** A cell of a table: words, or a place to fill in, perhaps with words to start from. */
final readonly class TableCell
{
    public const LONGEST = 500;

    /**
     * @param  string  $text  the words of a cell that is not to be filled in
     * @param  list<string>  $key  the right answers
     */
    public function __construct(public string $text = '', public bool $fill = false, public array $key = [])
    {
    }

    /** A cell with words of its own: nobody else fills it in. */
    public function saying(string $words): self
    {
        return new self($words);
    }

    public function form(): TextAnswer
    {
        return TextAnswer::lines();
    }
}
