<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\MendingOffer;
use App\Actions\OfferMending;
use App\Models\Worksheet;

/** What a worksheet and what was cut from it have to say to each other about changes. */
final readonly class MendingNotice
{
    /**
     * @param  int  $behind  pages elsewhere that could take what has changed here
     * @param  int  $ahead  pages here that could take what has changed in the master
     */
    private function __construct(public int $behind, public int $ahead, public ?Worksheet $master)
    {
    }

    public static function of(Worksheet $worksheet): self
    {
        $master = $worksheet->master?->trashed() === false ? $worksheet->master : null;

        return new self(
            $worksheet->behind()->count() + count(OfferMending::ofPieces($worksheet)),
            $master === null
                ? 0
                : $master->behind()->where('pages.worksheet_id', $worksheet->id)->count() +
                    count(
                        array_filter(
                            OfferMending::ofPieces($master),
                            fn (MendingOffer $one): bool => $one->page->worksheet_id === $worksheet->id,
                        ),
                    ),
            $master,
        );
    }
}
