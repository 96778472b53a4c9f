<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\Pictures;
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

/** Puts a student's picture in a place of their copy; one for a part is only taken in, and laid with the next move. */
final class PutPicture
{
    public function __construct(private Pictures $pictures, private SaveWork $save, private School $school)
    {
    }

    /**
     * @param  string  $name  of the place
     * @param  string  $path  of the file that was sent
     * @param  int  $base  the copy's revision that the window last saw
     * @param  string  $window  the window's own name
     * @param  int  $page  the page of the edition that the student is on
     * @return array{StoredFile, Saved|null} the picture, and what was saved with it
     *
     * @throws InvalidJson where no such place takes a picture
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
        $most = (int) config('slate.pictures.most_a_day');
        if ($student->picturesSince($this->school->local(now())->startOfDay()) >= $most) {
            throw FileRefused::tooManyPictures($most);
        }
        [$file] = $this->pictures->take($path);
        $copy->givePicture($file);
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
        if ($place === null || ! in_array($place->form->kind(), [AnswerKind::Picture, AnswerKind::Model], true)) {
            throw InvalidJson::at('place', 'is no place for a picture');
        }

        return $place;
    }
}
