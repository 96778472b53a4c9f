<?php

declare(strict_types=1);

namespace App\Actions;

/** What a correction would do to the copies that are out. */
final readonly class CorrectionOffer
{
    /**
     * @param  int  $pages  how many pages students see otherwise
     * @param  int  $untouched  copies in which nothing is written
     * @param  int  $written  the others
     * @param  int  $waiting  answers that would wait, because their place is gone or takes them no more
     */
    public function __construct(public int $pages, public int $untouched, public int $written, public int $waiting)
    {
    }
}
