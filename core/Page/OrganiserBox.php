<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Answers\TextAnswer;

/** One box of an organiser: its name, and what is right in it. */
final readonly class OrganiserBox
{
    public const LONGEST_NAME = 120;

    /** @param  list<string>  $key  the right answers */
    public function __construct(public string $name = '', public array $key = [])
    {
    }

    public function form(): TextAnswer
    {
        return TextAnswer::lines();
    }
}
