<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use OpenSlate\Handout\Times;

/**
 * Something with times of a handout in its columns.
 *
 * @property Carbon|null $out_at
 * @property Carbon|null $due_at
 * @property Carbon|null $closes_at
 */
trait HasTimes
{
    public function times(): Times
    {
        return new Times(
            $this->out_at?->toDateTimeImmutable(),
            $this->due_at?->toDateTimeImmutable(),
            $this->closes_at?->toDateTimeImmutable(),
        );
    }

    /** @return array{out_at: Carbon|null, due_at: Carbon|null, closes_at: Carbon|null} what columns say of times */
    public static function columns(Times $times): array
    {
        return [
            'out_at' => $times->out === null ? null : Carbon::instance($times->out)->utc(),
            'due_at' => $times->due === null ? null : Carbon::instance($times->due)->utc(),
            'closes_at' => $times->closes === null ? null : Carbon::instance($times->closes)->utc(),
        ];
    }
}
