<?php

declare(strict_types=1);

namespace App\Actions;

use App\Database\DiskSync;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\HandMark;
use App\Models\HandoutItem;
use App\Models\Moment;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Judging\Verdict;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\Marks;
use OpenSlate\Marking\Scheme;

/**
 * Clean copies in place of used ones. A used one stays in the history of its copy, with its marks and comments, and can
 * be returned to. All of them in one; taken back while nobody has begun.
 */
final class GiveFreshCopies
{
    public function __construct(private MarkByKey $byKey, private KeepMoment $keep)
    {
    }

    /**
     * @param  list<int>  $copies  of the item; what nobody has begun is fresh already
     * @param  bool  $keepsRight  whether what is right stays in them, so that only the rest is done again
     * @return list<int> the copies that are fresh now
     */
    public function __invoke(HandoutItem $item, array $copies, bool $keepsRight = false): array
    {
        $scheme = ($this->byKey)($item);
        $fresh = DB::transaction(function () use ($item, $copies, $scheme, $keepsRight): array {
            $used = $item
                ->copies()
                ->whereKey($copies)
                ->where(fn ($copy) => $copy
                    ->where('state', '!=', CopyState::NotOpened)
                    ->orWhereNotNull('returned_at'))
                ->with(['handMarks', 'comments'])
                ->lockForUpdate()
                ->get();
            $used->each(fn (Copy $copy) => $this->renew($copy, $scheme, $keepsRight));

            return $this->cleared($used);
        });
        DiskSync::of(DB::connection())?->__invoke();

        return $fresh;
    }

    /**
     * Another attempt, which a student begins by themselves. The one before stays, with what it earned.
     *
     * @throws CopyRefused when it is not handed in, the time is over, or there were as many as there may be
     */
    public function another(Copy $copy): void
    {
        $scheme = ($this->byKey)($copy->item);
        DB::transaction(function () use ($copy, $scheme): void {
            $locked = Copy::query()
                ->with(['handMarks', 'comments', 'moments:id,copy_id,kind'])
                ->lockForUpdate()
                ->findOrFail($copy->id);
            $attempts = $copy->item->handout->attemptsOf();
            $isDone = $locked->state === CopyState::HandedIn || $locked->isReturned();
            match (true) {
                $copy->times()->isClosed(now()->toDateTimeImmutable()) => throw CopyRefused::closed(),
                ! $isDone => throw CopyRefused::notHandedIn(),
                ! $attempts->allowsMoreThan($locked->attemptsDone()) => throw CopyRefused::noMoreAttempts(),
                default => null,
            };
            $this->renew($locked, $scheme, false, MomentKind::Attempt);
            $locked->stands($locked->standing()->opened())->save();
            $this->cleared(new Collection([$locked]));
        });
        DiskSync::of(DB::connection())?->__invoke();
    }

    /**
     * Gives used copies back in place of fresh ones on which nothing was done.
     *
     * @return int how many
     */
    public function takeBack(HandoutItem $item): int
    {
        $taken = DB::transaction(function () use ($item): int {
            $copies = $item->copies()->lockForUpdate()->get();
            $taken = 0;
            foreach ($copies as $copy) {
                $last = Moment::query()->where('copy_id', $copy->id)->latest('id')->first();
                $isFresh = $last?->kind === MomentKind::Used && $copy->state !== CopyState::HandedIn;
                if ($isFresh && $this->isUntouched($copy)) {
                    $this->giveUsedBack($copy, $last);
                    $taken++;
                }
            }

            return $taken;
        });
        DiskSync::of(DB::connection())?->__invoke();

        return $taken;
    }

    /** Nothing was written in it since it came: what it began with does not count. */
    private function isUntouched(Copy $copy): bool
    {
        return $copy->written()->revision === $copy->written()->since;
    }

    private function renew(
        Copy $copy,
        Scheme $scheme,
        bool $keepsRight,
        MomentKind $kind = MomentKind::Used,
    ): void {
        $marks = $copy->marks($scheme);
        ($this->keep)($copy, $kind)->update([
            'marks' => $marks->toJson(),
            'comments' => json_encode(
                $copy->comments->map->only(Comment::KEPT)->all(),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
        ]);
        $kept = $keepsRight ? self::right($copy, $marks) : [];
        $copy
            ->fill([
                'work' => $copy->written()->anew($kept)->toJson(),
                'state' => CopyState::NotOpened,
                'filled' => 0,
                'page' => 1,
                'version' => $copy->version + 1,
                'handed_in_at' => null,
                'changed_at' => null,
            ])
            ->forceFill([
                'attempt' => $copy->attempt + 1,
                'returned_at' => null,
                'looked_at' => null,
                'judged' => null,
                'judged_for' => null,
            ]);
        $copy->filled = $copy->written()->filled($copy->placesToFill()[0]);
        $copy->save();
    }

    /** @return array<string, string> the answers that are right, by place; also what is not marked */
    private static function right(Copy $copy, Marks $marks): array
    {
        return array_filter(
            $copy->written()->texts(),
            fn (string $place): bool => ($marks->find($place)->verdict ?? Verdict::Right) === Verdict::Right,
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param  Collection<int, Copy>  $used
     * @return list<int>
     */
    private function cleared(Collection $used): array
    {
        $ids = array_values(array_map(intval(...), $used->modelKeys()));
        HandMark::query()->whereIn('copy_id', $ids)->delete();
        Comment::query()->whereIn('copy_id', $ids)->delete();

        return $ids;
    }

    private function giveUsedBack(Copy $copy, Moment $used): void
    {
        $marks = $used->marks === null ? Marks::none() : Marks::fromJson($used->marks);
        $copy
            ->fill([
                'work' => $copy->written()->anew($used->texts())->toJson(),
                'state' => $used->handed_in_at === null ? CopyState::Working : CopyState::HandedIn,
                'filled' => $used->filled,
                'version' => $copy->version + 1,
                'handed_in_at' => $used->handed_in_at,
                'changed_at' => $used->made_at,
            ])
            ->forceFill([
                'attempt' => $used->attempt,
                'returned_at' => $used->returned_at,
                'looked_at' => $used->looked_at,
                'judged' => null,
                'judged_for' => null,
            ])
            ->save();
        foreach (array_filter($marks->all(), fn (Mark $mark): bool => $mark->byHand) as $place => $mark) {
            HandMark::create([
                'copy_id' => $copy->id,
                'place' => $place,
                'points' => $mark->waits() ? null : $mark->points->tenThousandths,
                'teacher_id' => null,
                'marking' => 0,
                'made_at' => now(),
            ]);
        }
        foreach ((array) json_decode($used->comments ?? '[]', true) as $comment) {
            Comment::create(['copy_id' => $copy->id] + (array) $comment);
        }
        $used->delete();
    }
}
