<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use OpenSlate\Marking\Mark;
use OpenSlate\Marking\Points;

/**
 * What a teacher gave one place of one copy, whatever the key says.
 *
 * @property int $id
 * @property int $copy_id
 * @property string $place
 * @property int|null $points in ten-thousandths; null where it is to be looked at again
 * @property int|null $teacher_id
 * @property int $marking the marking of the item in which it was made
 * @property Carbon $made_at
 * @property-read Teacher|null $teacher
 */
final class HandMark extends Model
{
    public $timestamps = false;

    protected $fillable = ['copy_id', 'place', 'points', 'teacher_id', 'marking', 'made_at'];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @param  Points  $full  what the place is worth */
    public function mark(Points $full): Mark
    {
        return $this->points === null ? Mark::putOff() : Mark::byHand(Points::kept($this->points), $full);
    }

    protected function casts(): array
    {
        return ['made_at' => 'datetime'];
    }
}
