<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a teacher says of a place of a copy, or of the whole.
 *
 * @property int $id
 * @property int $copy_id
 * @property string|null $place null where it is of the whole
 * @property string $words
 * @property int|null $teacher_id
 * @property-read Copy $copy
 */
final class Comment extends Model
{
    public const LONGEST = 2000;

    /** On one copy. */
    public const MOST = 300;

    protected $fillable = ['copy_id', 'place', 'words', 'teacher_id'];

    /** @return BelongsTo<Copy, $this> */
    public function copy(): BelongsTo
    {
        return $this->belongsTo(Copy::class);
    }
}
