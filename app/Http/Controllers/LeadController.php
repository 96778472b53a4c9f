<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\Student;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use OpenSlate\Handout\Mode;

/**
 * Where a link on a page leads that names another worksheet: to the student's own copy of it, or to where they may read
 * it, and take a copy from the shelf of their class.
 */
final class LeadController
{
    public function __invoke(#[CurrentUser('student')] Student $student, int $worksheet): RedirectResponse|Response
    {
        $items = HandoutItem::query()
            ->for($student)
            ->whereIn('handout_id', $student->given()->select('recipients.handout_id'))
            ->whereHas('edition', fn (Builder $edition) => $edition->where('worksheet_id', $worksheet));
        $copy = Copy::query()
            ->ownedBy($student->id)
            ->whereNull('thrown_at')
            ->whereIn('handout_item_id', (clone $items)->select('handout_items.id'))
            ->latest('id')
            ->first();
        if ($copy instanceof Copy) {
            return to_route('copies.show', $copy);
        }
        $read = $items
            ->whereIn('mode', [Mode::ReadOnly, Mode::OnRequest])
            ->whereNull('off_shelf_at')
            ->latest('id')
            ->first();

        return $read === null
            ? response()->view('student.not-given', status: 404)
            : to_route('readings.show', $read);
    }
}
