<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MarkByKey;
use App\Documents\ResultsFile;
use App\Exports\OneRosterZip;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\School;
use App\View\ClassResults;
use App\View\ResultsTable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Results: of a handout, student by question; of a class, student by handout. */
final class ResultsController
{
    public function show(Handout $handout, MarkByKey $byKey, School $school): View
    {
        return view('results.handout', [
            'handout' => $handout,
            'results' => ResultsTable::of($handout, $byKey, $school),
        ]);
    }

    public function file(Handout $handout, string $kind, MarkByKey $byKey, School $school): Response
    {
        return $this->asFile($handout->title, ResultsTable::of($handout, $byKey, $school)->cells(), $kind);
    }

    public function ofClass(
        SchoolClass $class,
        #[CurrentUser('teacher')] Teacher $teacher,
        MarkByKey $byKey,
        School $school,
    ): View {
        return view('results.class', [
            'class' => $class,
            'results' => ClassResults::of($class, $teacher, $byKey, $school),
        ]);
    }

    public function fileOfClass(
        SchoolClass $class,
        string $kind,
        #[CurrentUser('teacher')] Teacher $teacher,
        MarkByKey $byKey,
        School $school,
    ): Response {
        return $this->asFile($class->name, ClassResults::of($class, $teacher, $byKey, $school)->cells(), $kind);
    }

    /** As gradebooks read them. */
    public function gradebook(
        SchoolClass $class,
        #[CurrentUser('teacher')] Teacher $teacher,
        OneRosterZip $gradebook,
    ): BinaryFileResponse {
        $made = (string) tempnam(sys_get_temp_dir(), 'gradebook');
        $gradebook->write($class, $teacher, array_values(ClassResults::handouts($class, $teacher)->all()), $made);

        return response()
            ->download($made, (Str::slug("results {$class->name}") ?: 'results').'-oneroster.zip', [
                'Content-Type' => 'application/zip',
                'Cache-Control' => 'private, no-store',
            ])
            ->deleteFileAfterSend();
    }

    /** A copy does not count, or counts again. */
    public function excuse(Request $request, Copy $copy): RedirectResponse
    {
        $excused = $request->boolean('excused');
        $copy->excuse($request->integer('student'), $excused);

        return back()->with('done', $excused ? 'It does not count: excused.' : 'It counts again.');
    }

    /** @param  list<list<string|float|null>>  $cells */
    private function asFile(string $title, array $cells, string $kind): Response
    {
        $name = (Str::slug("results {$title}") ?: 'results').".{$kind}";

        return response($kind === 'csv' ? ResultsFile::csv($cells) : ResultsFile::xlsx($title, $cells), 200, [
            'Content-Type' => $kind === 'csv'
                ? 'text/csv; charset=UTF-8'
                : 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
