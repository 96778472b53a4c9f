<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** The teachers who keep a class together. */
final class ClassTeacherController
{
    public function add(Request $request, SchoolClass $class): RedirectResponse
    {
        $colleague = Teacher::query()->here()->find($request->integer('teacher'));
        if ($colleague === null) {
            throw ValidationException::withMessages(['teacher' => 'Choose a colleague first.']);
        }
        $class->teachers()->syncWithoutDetaching([$colleague->id]);

        return to_route('classes.show', $class)->with('done', "{$colleague->name} keeps {$class->name} with you now.");
    }

    public function remove(
        #[CurrentUser('teacher')] Teacher $self,
        SchoolClass $class,
        Teacher $teacher,
    ): RedirectResponse {
        DB::transaction(function () use ($class, $teacher): void {
            if ($class->teachers()->count() < 2) {
                throw ValidationException::withMessages(['teacher' => 'A class has at least one teacher.']);
            }
            $class->teachers()->detach($teacher);
            // Nobody could take it off any more.
            HandoutItem::query()
                ->ofShelf($class, $teacher)
                ->whereNull('off_shelf_at')
                ->update(['off_shelf_at' => now()]);
        });

        return $teacher->is($self)
            ? to_route('classes.index')->with('done', "{$class->name} is not yours any more.")
            : to_route('classes.show', $class)->with('done', "{$teacher->name} does not keep {$class->name} any more.");
    }
}
