<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CorrectCopies;
use App\Models\HandoutItem;
use Illuminate\Http\RedirectResponse;

/** A mended worksheet is given to the copies that are out. */
final class CorrectionController
{
    public function store(HandoutItem $item, CorrectCopies $correct): RedirectResponse
    {
        $item->load('edition.revisions');
        $correct($item);

        return back()->with('done', $item->mode->hasCopies()
            ? 'All copies have the worksheet as it is now. Every answer is kept.'
            : 'Students read the worksheet as it is now.');
    }

    public function destroy(HandoutItem $item, CorrectCopies $correct): RedirectResponse
    {
        $item->load('edition.revisions');

        return back()->with('done', $correct->takeBack($item)
            ? 'Students have the worksheet as it was handed out before. Every answer is kept.'
            : 'There is no correction to take back.');
    }
}
