<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A topic or stretch of teaching, under which worksheets stand on the shelf.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $name
 * @property int $position
 */
final class Unit extends Model
{
    protected $fillable = ['teacher_id', 'name', 'position'];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @return HasMany<Worksheet, $this> */
    public function worksheets(): HasMany
    {
        return $this->hasMany(Worksheet::class);
    }
}
