<?php

declare(strict_types=1);

namespace App\Exports;

use App\Actions\MarkByKey;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Export;
use App\Models\HandoutItem;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\View\AnswerWords;
use App\View\EditionWords;
use App\View\MarkedCopy;
use App\View\PlaceMark;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/**
 * All that a student has done for a teacher: each copy as a PDF to be looked at, and as JSON (RFC 8259) to be read by
 * others, with the pictures and recordings that they put on it.
 */
final class StudentZip
{
    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    private const ENDINGS = ['image/jpeg' => 'jpg', 'image/png' => 'png', 'audio/mp4' => 'm4a', 'video/mp4' => 'mp4'];

    public function __construct(private CopiesPdf $pdf, private MarkByKey $byKey, private FileStore $files)
    {
    }

    /**
     * @param  string  $folder  to work in
     * @return string where the ZIP is
     *
     * @throws FileRefused
     */
    public function make(Export $export, string $folder): string
    {
        $student = Student::query()->whereKey($export->choices['student'] ?? 0)->first();
        $teacher = Teacher::query()->whereKey($export->teacher_id)->first();
        if ($student === null || $teacher === null) {
            throw FileRefused::missing();
        }
        $copies = self::copies($student, $teacher);
        $zip = new ZipArchive;
        $zip->open("{$folder}/work.zip", ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $names = new FileNames;
        $list = [];
        foreach ($copies as $at => $copy) {
            $export->goesOn($at, $copies->count());
            mkdir("{$folder}/{$at}", 0700);
            $name = $names->of("{$copy->item->handout->title}, {$copy->item->edition->name}");
            $zip->addFile($this->pdf->one($copy->item, $copy->id, "{$folder}/{$at}"), "{$name}.pdf");
            $zip->addFromString("{$name}.json", json_encode($this->told($copy, $zip), self::JSON));
            $list[] = ['file' => $name, 'handout' => $copy->item->handout->title];
        }
        $zip->addFromString('student.json', json_encode(['name' => $student->name, 'copies' => $list], self::JSON));
        $zip->close() || throw FileRefused::notWritten();

        return "{$folder}/work.zip";
    }

    /** @return Collection<int, Copy> those of handouts that the teacher watches, the earliest first */
    public static function copies(Student $student, Teacher $teacher): Collection
    {
        return Copy::with(['item.edition.revisions', 'item.handout', 'student', 'students'])
            ->where(fn (Builder $theirs) => $theirs
                ->where('student_id', $student->id)
                ->orWhereHas('students', fn (Builder $of) => $of->whereKey($student->id)))
            ->whereNull('thrown_at')
            ->whereHas('item.handout', fn (Builder $handout) => $handout->watchedBy($teacher)->where('trial', false))
            ->orderBy('id')
            ->get()
            ->toBase();
    }

    /** @return array<string, mixed> */
    private function told(Copy $copy, ZipArchive $zip): array
    {
        $scheme = ($this->byKey)($copy->item);
        $marked = MarkedCopy::of($copy->refresh(), $scheme, false);
        $times = fn (?DateTimeInterface $at): ?string => $at?->format(DateTimeInterface::ATOM);

        return [
            'handout' => $copy->item->handout->title,
            'worksheet' => $copy->item->edition->name,
            'of' => $copy->people()->pluck('name')->all(),
            'state' => $copy->state->value,
            'changed' => $times($copy->changed_at),
            'handedIn' => $times($copy->handed_in_at),
            'handedBack' => $times($copy->returned_at),
            'points' => $marked->full->isNone() ? null : $marked->total(),
            'comments' => array_map(fn (Comment $one): string => $one->words, $marked->whole()),
            'answers' => $this->answers($copy->item, $copy, $marked),
            'files' => $this->own($copy, $zip),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function answers(HandoutItem $item, Copy $copy, MarkedCopy $marked): array
    {
        $printed = EditionWords::of($item->edition);
        $work = $copy->written();
        $places = $item->edition->placesToFill();
        $answers = [];
        foreach ($item->edition->frozenPages() as $index => $page) {
            $marks = array_column(
                array_map(fn (PlaceMark $mark): array => [$mark->place, $mark], $marked->on($index + 1)),
                1,
                0,
            );
            $words = array_column(
                AnswerWords::of($page, $index + 1, $work, $printed->asked($page, $printed->on($page))),
                null,
                2,
            );
            foreach ($work->texts() as $id => $kept) {
                $place = $places->find($id);
                if ($place !== null && $kept !== '' && $place->page() === $index + 1) {
                    $mark = $marks[$id] ?? null;
                    $answers[] = [
                        'page' => $index + 1,
                        'place' => $place->name(),
                        'asked' => $words[$id][0] ?? null,
                        'answer' => $words[$id][1] ?? null,
                        'kept' => $kept,
                        'points' => $mark === null || $mark->mark->waits() ? null : $mark->points(),
                        'comments' => array_map(fn (Comment $one): string => $one->words, $mark->comments ?? []),
                    ];
                }
            }
        }

        return $answers;
    }

    /** @return array<string, string> where the pictures and recordings are that they put on it, by what answers name */
    private function own(Copy $copy, ZipArchive $zip): array
    {
        $own = [];
        $named = DB::table('copy_files')->where('copy_id', $copy->id)->pluck('sha256')->all();
        foreach (StoredFile::findMany($named) as $file) {
            if (in_array($file->sha256, $copy->written()->texts(), true)) {
                $own[$file->sha256] = "files/{$file->sha256}.".(self::ENDINGS[$file->media_type] ?? 'bin');
                $zip->addFile($this->files->path($file->sha256), $own[$file->sha256]);
            }
        }

        return $own;
    }
}
