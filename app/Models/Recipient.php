<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\Pivot;
use Illuminate\Support\Carbon;

/**
 * A student who was given a handout, and the times that come of all that was said for the handout, the classes and the
 * student; setting times writes them down.
 *
 * @property int $handout_id
 * @property int $student_id
 * @property Carbon|null $extended_to until when this student alone has more time
 * @property Carbon|null $withdrawn_at since when they do not have it any more; their work is kept
 */
final class Recipient extends Pivot
{
    use HasTimes;

    public const COLUMNS = ['out_at', 'due_at', 'closes_at', 'extended_to', 'withdrawn_at'];

    public $timestamps = false;

    protected $table = 'recipients';

    /** @return BelongsTo<Handout, $this> */
    public function handout(): BelongsTo
    {
        return $this->belongsTo(Handout::class);
    }

    /**
     * Those who have it at this moment: it is out, and nobody took it back.
     *
     * @param  Builder<Recipient>  $query
     */
    #[Scope]
    protected function now(Builder $query): void
    {
        $query
            ->where('recipients.out_at', '<=', now())
            ->whereNull('recipients.withdrawn_at')
            ->whereIn('recipients.handout_id', Handout::query()->whereNull('put_away_at')->select('id'));
    }

    protected function casts(): array
    {
        return array_fill_keys(self::COLUMNS, 'datetime');
    }
}
