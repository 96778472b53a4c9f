<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A sheet of paper, as a teacher says which page of whose copy it is. */
final readonly class ChosenSheet
{
    /**
     * @param  int  $copy  0 where that was not said
     * @param  int  $page  its number in the edition; 0 where that was not said
     * @param  string  $was  the SHA-256 of the picture that the copy had of that page when they looked
     */
    public function __construct(public int $sheet, public int $copy, public int $page, public string $was)
    {
    }
}
