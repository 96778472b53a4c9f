<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use OpenSlate\Handout\Mode;

/**
 * One worksheet within a handout.
 *
 * @property int $id
 * @property int $handout_id
 * @property int $edition_id
 * @property int $position
 * @property Mode $mode
 * @property Carbon|null $withdrawn_at since when students do not have it any more; the work is kept
 * @property-read Handout $handout
 * @property-read Edition $edition
 */
final class HandoutItem extends Model
{
    public $timestamps = false;

    protected $table = 'handout_items';

    protected $fillable = ['handout_id', 'edition_id', 'position', 'mode', 'withdrawn_at'];

    /** @return BelongsTo<Handout, $this> */
    public function handout(): BelongsTo
    {
        return $this->belongsTo(Handout::class);
    }

    /** @return BelongsTo<Edition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(Edition::class);
    }

    /** @return HasMany<Copy, $this> */
    public function copies(): HasMany
    {
        return $this->hasMany(Copy::class);
    }

    protected function casts(): array
    {
        return ['mode' => Mode::class, 'withdrawn_at' => 'datetime'];
    }
}
