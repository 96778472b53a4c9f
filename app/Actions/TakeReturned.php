<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Copy;
use Illuminate\Support\Facades\DB;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;

/** Takes answers that came back in a file into a copy, by its teacher; what stood there is kept as a moment. */
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
        $taken = DB::transaction(function () use ($copy, $answers): int {
            $locked = Copy::query()->lockForUpdate()->findOrFail($copy->id);
            $locked->setRelation('item', $copy->item);
            $locked->refuseReturned();
            $before = $locked->written();
            $places = $copy->item->edition->placesToFill();
            $wanted = [];
            foreach ($answers as $place => [$was, $is]) {
                $form = $places->find($place)?->form;
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
            ($this->keep)($locked, MomentKind::Named, 'Before answers came from a file');
            $work = $before->save(new Draft($before->revision, self::WINDOW, $wanted))->work;
            $locked
                ->fill([
                    'work' => $work->toJson(),
                    'state' => $locked->state === CopyState::NotOpened ? CopyState::Working : $locked->state,
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
