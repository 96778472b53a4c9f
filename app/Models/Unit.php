<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A topic or stretch of teaching, under which worksheets stand on the shelf. Its worksheets stay there when it is
 * thrown away, and are back in it when it is put back.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $name
 * @property int $position
 */
final class Unit extends Model
{
    use SoftDeletes;

    protected $table = 'units';

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
