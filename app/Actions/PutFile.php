<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\Pictures;
use App\Documents\Recordings;
use App\Models\Copy;
use App\Models\StoredFile;
use App\Models\Student;
use App\School;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Place;
use OpenSlate\Copies\Saved;
use OpenSlate\Json\InvalidJson;

/**
 * Puts a student's picture or recording in a place of their copy; a picture for a part is only taken in, and laid with
 * the next move.
 */
final class PutFile
{
    public function __construct(
        private Pictures $pictures,
        private Recordings $recordings,
        private SaveWork $save,
        private School $school,
    ) {
    }

    /**
     * @param  string  $name  of the place
     * @param  string  $path  of the file that was sent
     * @param  int  $base  the copy's revision that the window last saw
     * @param  string  $window  the window's own name
     * @param  int  $page  the page of the edition that the student is on
     * @return array{StoredFile, Saved|null} what is kept, and what was saved with it
     *
     * @throws InvalidJson where no such place takes a file
     * @throws FileRefused
     * @throws CopyRefused when the copy is handed in, or the time for it is over
     */
    public function __invoke(
        Copy $copy,
        Student $student,
        string $name,
        string $path,
        int $base,
        string $window,
        int $page,
    ): array {
        $places = $copy->item->edition->placesToFill();
        $place = $this->place($places->find($name));
        $copy->refuseAfterClosing();
        $copy->standing()->written();
        $most = (int) config('slate.answers.most_files_a_day');
        if ($student->filesSince($this->school->local(now())->startOfDay()) >= $most) {
            throw FileRefused::tooManyFiles($most);
        }
        $file =
            $place->form->kind()->isHeard()
                ? $this->recordings->take($path, heard: true)->file
                : $this->pictures->take($path)[0];
        $copy->giveFile($file);
        if ($place->form->kind() === AnswerKind::Model) {
            return [$file, null];
        }

        $draft = new Draft($base, $window, [$place->id => $file->sha256]);

        return [
            $file,
            ($this->save)($copy, $copy->isShared() ? $draft->by($student->id) : $draft, $places, $page),
        ];
    }

    private function place(?Place $place): Place
    {
        $kind = $place?->form->kind();

        return $place !== null && ($kind?->isFile() || $kind === AnswerKind::Model)
            ? $place
            : throw InvalidJson::at('place', 'is no place for a file');
    }
}
