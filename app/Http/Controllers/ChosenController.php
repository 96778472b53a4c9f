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
        $ready = $teacher->worksheets()->shelved()->where('state', WorksheetState::Ready);
        $first = self::chosen($request, $ready)->modelKeys();

        return to_route('handouts.create', ['worksheet' => array_shift($first), 'with' => implode('-', $first)]);
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
