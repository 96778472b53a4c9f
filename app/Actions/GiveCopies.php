<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Handout;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;
use OpenSlate\Handout\Mode;

/** Gives students a handout: a row for each student and copy, and nothing of the pages. Whoever has it keeps it. */
final class GiveCopies
{
    private const ROWS_AT_ONCE = 500;

    public function __construct(private SetTimes $times, private ShareCopies $share)
    {
    }

    /** @param  list<int>  $studentIds */
    public function __invoke(Handout $handout, array $studentIds): void
    {
        $own = $handout->items()->where('mode', Mode::OwnCopy)->with('chosen:id')->get();
        foreach (array_chunk($studentIds, self::ROWS_AT_ONCE) as $some) {
            DB::table('recipients')->insertOrIgnore(
                array_map(fn (int $student): array => ['handout_id' => $handout->id, 'student_id' => $student], $some),
            );
            foreach ($own as $item) {
                $only = $item->chosen->modelKeys();
                DB::table('copies')->insertOrIgnore(
                    array_map(
                        fn (int $student): array => [
                            'handout_item_id' => $item->id,
                            'student_id' => $student,
                            'state' => CopyState::NotOpened->value,
                        ],
                        $only === [] ? $some : array_values(array_intersect($some, $only)),
                    ),
                );
            }
        }
        $shared = $handout->items()->whereIn('mode', [Mode::TeamCopy, Mode::ClassCopy]);
        foreach ($shared->with('chosen:id')->get() as $item) {
            $only = $item->chosen->modelKeys();
            ($this->share)($item, $only === [] ? $studentIds : array_values(array_intersect($studentIds, $only)));
        }
        ($this->times)($handout, $studentIds);
    }
}
