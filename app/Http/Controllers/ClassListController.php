<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ClassListPlan;
use App\Actions\KeepClassList;
use App\Documents\ClassListFile;
use App\Documents\ResultsFile;
use App\Models\SchoolClass;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use OpenSlate\ClassLists\ClassList;
use OpenSlate\ClassLists\ListedStudent;
use OpenSlate\ClassLists\ListRefused;

/** A class list from a file: looked at first, row by row; students are made of it when the teacher says so. */
final class ClassListController
{
    private const MOST_NEW = 3000; // a whole school

    private const LONGEST_LIST = 600000;

    /** The list of a class, as it is read here and elsewhere: without PINs, which stand on the slips. */
    public function file(SchoolClass $class): Response
    {
        $rows = $class->students()->orderBy('name')->pluck('name')->map(
            fn (string $name): array => [$name, $class->name],
        );
        $name = (Str::slug($class->name) ?: 'class').'.csv';

        return response(ResultsFile::csv([['Name', 'Class'], ...array_values($rows->all())]), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }

    /** What a list would make, change and leave. */
    public function preview(Request $request, #[CurrentUser('teacher')] Teacher $teacher): View
    {
        $list = $this->list($request);
        $into = $this->into($request, $list);

        return view('classes.list', [
            'plan' => ClassListPlan::of($teacher, $list, $into),
            'most' => self::MOST_NEW,
            'into' => $into,
            // The same rows in the plainest form, to be read again when they are agreed to.
            'list' => "First\tLast\tClass\n".implode("\n", array_map(
                fn (ListedStudent $one): string => implode("\t", [$one->first, $one->last, $one->class]),
                $list->students,
            )),
        ]);
    }

    public function keep(
        Request $request,
        #[CurrentUser('teacher')] Teacher $teacher,
        KeepClassList $keep,
    ): RedirectResponse {
        $list = $this->list($request);
        $plan = ClassListPlan::of($teacher, $list, $this->into($request, $list));
        if (count($plan->newStudents()) > self::MOST_NEW) {
            throw ValidationException::withMessages([
                'file' => sprintf('At most %d students can be made at once. Send the list in parts.', self::MOST_NEW),
            ])->redirectTo(route('classes.index'));
        }

        return to_route('classes.index')->with('listed', $keep($teacher, $plan, $this->anew($request)));
    }

    /** @return list<string> */
    private function anew(Request $request): array
    {
        $known = $request->input('known');
        $same = $request->input('same');

        return array_values(
            array_diff(
                array_filter(is_array($known) ? $known : [], is_string(...)),
                array_filter(is_array($same) ? $same : [], is_string(...)),
            ),
        );
    }

    private function list(Request $request): ClassList
    {
        $file = $request->file('file');
        $typed = $request->input('list');
        try {
            return match (true) {
                $file instanceof UploadedFile && $file->isValid() => ClassListFile::read($file->path()),
                is_string($typed) && strlen($typed) <= self::LONGEST_LIST => ClassListFile::text($typed),
                default => throw ListRefused::empty(),
            };
        } catch (ListRefused $refused) {
            throw ValidationException::withMessages(['file' => $refused->getMessage()])->redirectTo(
                route('classes.index'),
            );
        }
    }

    /** The class for rows that name none. */
    private function into(Request $request, ClassList $list): string
    {
        $into = $request->input('into');
        $into = is_string($into) ? trim(mb_substr($into, 0, ClassList::LONGEST_CLASS)) : '';
        $needs = array_filter($list->students, fn (ListedStudent $one): bool => $one->class === '') !== [];
        if ($needs && $into === '') {
            throw ValidationException::withMessages([
                'into' => 'The list names no class. Say which class these students come into.',
            ])->redirectTo(route('classes.index'));
        }

        return $into;
    }
}
