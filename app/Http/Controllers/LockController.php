<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Worksheet;
use Illuminate\Http\RedirectResponse;

/** A master locks by itself when a set is cut from it; it is unlocked, and locked again, on purpose. */
final class LockController
{
    public function unlock(Worksheet $worksheet): RedirectResponse
    {
        $worksheet->update(['unlocked' => true]);

        return back();
    }

    public function lock(Worksheet $worksheet): RedirectResponse
    {
        $worksheet->update(['unlocked' => false]);

        return back();
    }
}
