<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PutInUnit;
use App\Models\Teacher;
use App\Models\Unit;
use App\Models\Worksheet;
use App\View\Count;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;

/** The units of a shelf, in the teacher's own order, and which worksheets stand in them. */
final class UnitController
{
    public const GONE = 'That unit is not on your shelf any more. Reload the shelf and try again.';

    private const NAME = ['required', 'string', 'max:80'];

    private const SAID = ['name.*' => 'Give the unit a name of at most 80 letters.'];

    public function store(Request $request, #[CurrentUser('teacher')] Teacher $teacher): RedirectResponse
    {
        $request->validate(['name' => self::NAME], self::SAID);
        $teacher
            ->units()
            ->create([
                'name' => trim((string) $request->string('name')),
                'position' => (int) $teacher->units()->max('position') + 1,
            ]);

        return to_route('shelf');
    }

    public function rename(Request $request, Unit $unit): JsonResponse
    {
        $request->validate(['name' => self::NAME], self::SAID);
        $unit->update(['name' => trim((string) $request->string('name'))]);

        return response()->json(['name' => $unit->name]);
    }

    /** One place up or down. */
    public function move(Request $request, Unit $unit): RedirectResponse
    {
        $ids = Unit::where('teacher_id', $unit->teacher_id)->orderBy('position')->pluck('id')->all();
        $at = (int) array_search($unit->id, $ids, true);
        $to = max(0, min(count($ids) - 1, $at + ($request->string('way')->value() === 'up' ? -1 : 1)));
        array_splice($ids, $at, 1);
        array_splice($ids, $to, 0, [$unit->id]);
        DB::transaction(function () use ($ids): void {
            foreach ($ids as $index => $id) {
                Unit::whereKey($id)->update(['position' => $index + 1]);
            }
        });

        return to_route('shelf')->with('moved', $unit->id);
    }

    /** Its worksheets stay on the shelf, in no unit. */
    public function destroy(Unit $unit): RedirectResponse
    {
        $worksheets = $unit->worksheets()->shelved()->count();
        $unit->delete();

        return to_route('shelf')->with('dissolved', [
            'id' => $unit->id,
            'name' => $unit->name,
            'worksheets' => $worksheets === 0 ? null : Count::of($worksheets, 'worksheet'),
        ]);
    }

    /** Worksheets that were put into another unit since stay there. */
    public function putBack(Unit $unit): RedirectResponse
    {
        $unit->restore();

        return to_route('shelf');
    }

    /** Puts a worksheet into a unit, or into none. */
    public function assign(Request $request, Worksheet $worksheet, PutInUnit $put): Response
    {
        $request->validate(
            ['unit' => ['present', 'nullable', 'integer', self::ofTeacher($worksheet->teacher_id)]],
            ['unit.*' => self::GONE],
        );
        $put([$worksheet], $request->filled('unit') ? $request->integer('unit') : null);

        return response()->noContent();
    }

    public static function ofTeacher(int $teacher): Exists
    {
        return Rule::exists('units', 'id')->where('teacher_id', $teacher)->whereNull('deleted_at');
    }
}
