<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HandoutItem;
use App\View\EditionWords;
use Illuminate\Contracts\View\View;

/** An item that students only read. */
final class ReadingController
{
    public function __invoke(HandoutItem $item): View
    {
        $item->load(['edition.revisions', 'handout']);

        return view('student.reading', ['item' => $item, 'printed' => EditionWords::of($item->edition)]);
    }
}
