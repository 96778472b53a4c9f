<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeCopy;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\Student;
use App\View\ClassShelf;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use OpenSlate\Handout\Mode;

/** The shelf of a student's class: read, take a copy, throw one away that was taken by mistake. */
final class TakingController
{
    public function show(#[CurrentUser('student')] Student $student): View
    {
        $items = HandoutItem::query()
            ->onShelf()
            ->where('mode', Mode::OnRequest)
            ->whereIn('handout_id', $student->given()->select('recipients.handout_id'))
            ->get();
        $copies = $student
            ->copies()
            ->whereHas('item', fn ($item) => $item
                ->where('mode', Mode::OnRequest)
                ->whereIn('handout_id', $student->given()->select('recipients.handout_id')))
            ->with('item.edition')
            ->get();

        return view('student.shelf', [
            'units' => ClassShelf::byUnit($items),
            'copies' => $copies->whereNull('thrown_at')->keyBy('handout_item_id'),
            // Of what is off the shelf, and was taken before.
            'older' => $copies->whereNull('thrown_at')->whereNotIn('handout_item_id', $items->modelKeys()),
            'thrown' => $copies->whereNotNull('thrown_at'),
        ]);
    }

    public function take(
        #[CurrentUser('student')] Student $student,
        HandoutItem $item,
        TakeCopy $take,
    ): RedirectResponse {
        return to_route('copies.show', $take($item, $student));
    }

    public function throwAway(Copy $copy): RedirectResponse
    {
        $copy->update(['thrown_at' => now()]);

        return to_route('taking')->with(
            'done',
            "Your copy of “{$copy->item->edition->name}” is thrown away. You can put it back below.",
        );
    }

    public function putBack(Copy $copy): RedirectResponse
    {
        $copy->update(['thrown_at' => null]);

        return to_route('copies.show', $copy);
    }
}
