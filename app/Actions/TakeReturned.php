<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use App\Models\StoredFile;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Copies\Place;
use OpenSlate\Copies\Places;

/**
 * Takes into a copy what came back of it, by its teacher: answers in a file, pages on paper. What stood there is kept
 * as a moment.
 */
final class TakeReturned
{
    private const WINDOW = 'fromfile';

    public function __construct(private KeepMoment $keep)
    {
    }

    /**
     * @param  array<string, array{string, string}>  $answers  by place: what stood there when the teacher looked, and
     *                                                          what is to stand there
     * @return int how many were taken; where something else was written meanwhile, it stays
     *
     * @throws CopyRefused when the copy is handed back
     */
    public function __invoke(Copy $copy, array $answers): int
    {
        $places = $copy->item->edition->placesToFill();

        return $this->take($copy, $places, $places->find(...), $answers, 'Before answers came from a file', false);
    }

    /**
     * Pages that came back on paper.
     *
     * @param  array<int, array{string, StoredFile}>  $pages  by number: the picture that the copy had of it when the
     *                                                        teacher looked, and that which it is to have
     * @param  bool  $handsIn  whether the copy is handed in with them
     * @return int how many were taken
     *
     * @throws CopyRefused when the copy is handed back
     */
    public function paper(Copy $copy, array $pages, bool $handsIn): int
    {
        $at = $answers = [];
        foreach ($pages as $number => [$was, $picture]) {
            $copy->giveFile($picture);
            $at[OnPaper::on($number)->id] = OnPaper::on($number);
            $answers[OnPaper::on($number)->id] = [$was, $picture->sha256];
        }

        return $this->take(
            $copy,
            $copy->item->edition->placesToFill(),
            fn (string $place): ?Place => $at[$place] ?? null,
            $answers,
            'Before pages came on paper',
            $handsIn,
        );
    }

    /**
     * @param  Closure(string): ?Place  $at
     * @param  array<string, array{string, string}>  $answers
     */
    private function take(Copy $copy, Places $places, Closure $at, array $answers, string $named, bool $handsIn): int
    {
        $taken = DB::transaction(function () use ($copy, $places, $at, $answers, $named, $handsIn): int {
            $locked = Copy::query()->lockForUpdate()->findOrFail($copy->id);
            $locked->refuseReturned();
            $before = $locked->written();
            $wanted = [];
            foreach ($answers as $place => [$was, $is]) {
                $form = $at($place)?->form;
                try {
                    if ($form !== null && $before->text($place) === $was) {
                        $wanted[$place] = $form->tidy($is);
                    }
                } catch (AnswerRefused) {
                    // It is as it was shown, or it is not taken.
                }
            }
            if ($wanted === []) {
                return 0;
            }
            ($this->keep)($locked, MomentKind::Named, $named);
            $work = $before->save(new Draft($before->revision, self::WINDOW, $wanted))->work;
            $standing = $locked->standing()->opened();
            $locked
                ->stands($handsIn ? $standing->handedIn(now()->toDateTimeImmutable()) : $standing)
                ->fill([
                    'work' => $work->toJson(),
                    'filled' => $work->filled($places),
                    'version' => $locked->version + 1,
                    'changed_at' => now(),
                ])
                ->save();

            return count($wanted);
        });
        DiskSync::of(DB::connection())?->__invoke();

        return $taken;
    }
}
