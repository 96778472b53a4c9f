<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Answers\TextAnswer;

/** One box of an organiser: its name, what is to be written in it, and what is right. */
final readonly class OrganiserBox
{
    public const LONGEST_NAME = 120;

    /** Below the top of a hierarchy; more levels leave no room to write. */
    public const DEEPEST = 5;

    /**
     * @param  string  $prompt  shown while the box is empty
     * @param  list<string>  $key  the right answers
     * @param  int|null  $level  in a hierarchy, how far below the top
     */
    public function __construct(
        public string $name = '',
        public array $key = [],
        public string $prompt = '',
        public ?int $level = null,
    ) {
    }

    public function form(): TextAnswer
    {
        return TextAnswer::lines();
    }
}
