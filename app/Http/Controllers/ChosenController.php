<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PutInUnit;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use App\View\Count;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What is done with several worksheets of a shelf together: all of them, or none. */
final class ChosenController
{
    private const MOST = 300;

    public function unit(Request $request, #[CurrentUser('teacher')] Teacher $teacher, PutInUnit $put): RedirectResponse
    {
        $request->validate(
            ['unit' => ['nullable', 'integer', UnitController::ofTeacher($teacher->id)]],
            ['unit.*' => UnitController::GONE],
        );
        $chosen = self::chosen($request, $teacher->worksheets()->shelved());
        $put($chosen, $request->filled('unit') ? $request->integer('unit') : null);

        return to_route('shelf');
    }

    public function bin(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $chosen = self::chosen($request, $teacher->worksheets()->shelved());
        DB::transaction(fn () => $chosen->each(fn (Worksheet $worksheet) => $worksheet->delete()));

        return to_route('shelf')->with('binned', [
            'ids' => $chosen->modelKeys(),
            'name' => $chosen->count() === 1 ? $chosen->sole()->name : Count::of($chosen->count(), 'worksheet'),
        ]);
    }

    public function putBack(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $chosen = self::chosen($request, $teacher->worksheets()->onlyTrashed());
        DB::transaction(fn () => $chosen->each(fn (Worksheet $worksheet) => $worksheet->restore()));

        return to_route('shelf');
    }

    public function handOut(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $ids = self::ready($request, $teacher)->modelKeys();

        return to_route('handouts.create', ['worksheet' => array_shift($ids), 'with' => implode('-', $ids)]);
    }

    public function package(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        return to_route('packages', ['of' => implode('-', self::ready($request, $teacher)->modelKeys())]);
    }

    public function board(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $chosen = self::ready($request, $teacher);
        // A board changes where it is opened; it may be an option of another, but that one is made from something else.
        $from = $chosen->firstWhere('board', null) ?? throw ValidationException::withMessages([
            'worksheets' => 'All that you chose are choice boards. Tick a worksheet from which the new board is made.',
        ]);

        return to_route('boards.edit', [
            'worksheet' => $from,
            'with' => implode('-', $chosen->except([$from->id])->modelKeys()),
        ]);
    }

    /** @return Collection<int, Worksheet> */
    public static function ready(Request $request, Teacher $teacher): Collection
    {
        return self::chosen($request, $teacher->worksheets()->shelved()->where('state', WorksheetState::Ready));
    }

    /**
     * @param  HasMany<Worksheet, Teacher>  $among
     * @return Collection<int, Worksheet> in the order of the shelf
     *
     * @throws ValidationException
     */
    private static function chosen(Request $request, HasMany $among): Collection
    {
        $request->validate(
            [
                'worksheets' => ['required', 'array', 'max:'.self::MOST],
                'worksheets.*' => ['required', 'integer', 'distinct'],
            ],
            ['worksheets*' => 'Choose worksheets first: tick the boxes before their pictures.'],
        );
        $ids = array_map(intval(...), $request->array('worksheets'));
        $chosen = $among->whereKey($ids)->latest('updated_at')->latest('id')->get();
        if ($chosen->count() !== count($ids)) {
            throw ValidationException::withMessages([
                'worksheets' => 'Something that you chose is not on your shelf any more, or is not ready. Nothing was '
                    .'changed: reload the shelf, and choose again.',
            ]);
        }

        return $chosen;
    }
}
