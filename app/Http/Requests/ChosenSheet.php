<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A sheet of paper, as a teacher says which page of whose copy it is. */
final readonly class ChosenSheet
{
    /**
     * @param  int  $copy  0 where that was not said
     * @param  int  $page  its number in the edition; 0 where that was not said
     */
    public function __construct(public int $sheet, public int $copy, public int $page)
    {
    }
}
