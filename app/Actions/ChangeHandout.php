<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use App\Models\HandoutRevision;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Handout\Terms;

/** Changes what a handout says if nobody else has done so since, and steps back and forward. All of it, or nothing. */
final class ChangeHandout
{
    public function __construct(private HandoutTerms $terms)
    {
    }

    /**
     * @param  int  $base  the revision that the window last saw
     * @param  Closure(Terms): Terms  $change
     *
     * @throws StaleHandout
     */
    public function __invoke(Handout $handout, int $base, Closure $change): Handout
    {
        return $this->next(
            $handout,
            $base,
            fn (Revision $now, Terms $is): array => [$now->edited(), $change($is)],
        );
    }

    /** @throws StaleHandout */
    public function undo(Handout $handout, int $base): Handout
    {
        return $this->next($handout, $base, function (Revision $now, Terms $is, array $joined) use (
            $handout,
        ): array {
            $target = self::find($handout, $now->undoTo);

            return [$now->undone($target->revision()), $target->terms()->joinedBy($joined)];
        });
    }

    /** @throws StaleHandout */
    public function redo(Handout $handout, int $base): Handout
    {
        return $this->next($handout, $base, function (Revision $now, Terms $is, array $joined) use (
            $handout,
        ): array {
            $target = self::find($handout, $now->redoTo);

            return [$now->redone($target->revision()), $target->terms()->joinedBy($joined)];
        });
    }

    /**
     * Who joined a class since the last change is told to each step: they keep what they have.
     *
     * @param  Closure(Revision, Terms, list<int>): array{Revision, Terms}  $step
     */
    private function next(Handout $handout, int $base, Closure $step): Handout
    {
        return DB::transaction(function () use ($handout, $base, $step): Handout {
            $locked = Handout::query()->lockForUpdate()->findOrFail($handout->id);
            if ($locked->revision !== $base) {
                throw new StaleHandout;
            }
            $is = $this->terms->read($locked);
            $now =
                HandoutRevision::where('handout_id', $locked->id)->where('number', $base)->first() ??
                HandoutRevision::record($locked->id, new Revision($base), $is);
            $joined = array_values(array_diff($is->students, $now->terms()->students));
            [$revision, $to] = $step($now->revision(), $is, $joined);
            if ($to == $is) {
                return $locked; // A change that changes nothing is no step to take back.
            }
            $this->terms->write($locked, $to);
            $locked->update(['revision' => $revision->number]);
            HandoutRevision::record($locked->id, $revision, $this->terms->read($locked));

            return $locked;
        });
    }

    /** @throws StaleHandout where there is nothing to step to: another window has done it already */
    private static function find(Handout $handout, ?int $number): HandoutRevision
    {
        return HandoutRevision::where('handout_id', $handout->id)->where('number', $number)->first() ??
            throw new StaleHandout;
    }
}
