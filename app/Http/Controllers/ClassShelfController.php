<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PutOnClassShelf;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\View\ClassShelf;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What a teacher has put on the shelf of a class. */
final class ClassShelfController
{
    private const MOST_AT_ONCE = 40;

    public function show(#[CurrentUser('teacher')] Teacher $teacher, SchoolClass $class): View
    {
        // Of a colleague who left there may be a second shelf.
        $items = HandoutItem::query()->onShelf()->ofShelf($class, $teacher)->withCount('copies')->get();

        return view('classes.shelf', [
            'class' => $class,
            'units' => ClassShelf::byUnit($items),
            'worksheets' => $teacher
                ->worksheets()
                ->shelved()
                ->with('unit')
                ->whereHas('pages')
                ->orderBy('name')
                ->get()
                ->groupBy(fn ($worksheet): string => $worksheet->unit->name ?? ''),
        ]);
    }

    public function store(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        SchoolClass $class,
        PutOnClassShelf $put,
    ): RedirectResponse {
        $ids = array_filter((array) $request->input('worksheets'), is_numeric(...));
        $worksheets = $teacher->worksheets()->shelved()->whereHas('pages')->findMany(array_map(intval(...), $ids));
        if ($worksheets->isEmpty() || count($ids) > self::MOST_AT_ONCE) {
            throw ValidationException::withMessages([
                'worksheets' => 'Choose the worksheets first, at most '.self::MOST_AT_ONCE.' at once.',
            ]);
        }
        $put($teacher, $class, array_values($worksheets->all()));

        return to_route('class-shelf', $class)->with('done', "{$class->name} sees it on its shelf now.");
    }

    public function destroy(SchoolClass $class, HandoutItem $item): RedirectResponse
    {
        abort_unless($item->handout->shelf_of === $class->id, 404);
        $item->update(['off_shelf_at' => now()]);

        return to_route('class-shelf', $class)->with(
            'done',
            "“{$item->edition->name}” is off the shelf. Copies that were taken stay with their students.",
        );
    }
}
