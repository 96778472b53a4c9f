<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a teacher says of a place of a copy, of a spot on one of its pages, or of the whole; or draws on a page.
 *
 * @property int $id
 * @property int $copy_id
 * @property string|null $place null where it is of no place
 * @property int|null $page of a spot, or of a drawing, from 1 (of a page that a correction took away, its id below 0);
 *                          with no place and no page it is of the whole
 * @property float|null $x of a spot, in points from the top left of the page
 * @property float|null $y
 * @property string|null $ink a drawing over the page, as Answers\Ink writes it
 * @property string|null $sound SHA-256 of what the teacher said aloud
 * @property string $words
 * @property int|null $teacher_id
 * @property-read Copy $copy
 */
final class Comment extends Model
{
    public const LONGEST = 2000;

    /** On one copy. */
    public const MOST = 300;

    /** Of one, when its copy is kept in the history. */
    public const KEPT = ['place', 'page', 'x', 'y', 'ink', 'sound', 'words', 'teacher_id'];

    protected $fillable = ['copy_id', ...self::KEPT];

    public function isOfWhole(): bool
    {
        return $this->place === null && $this->page === null;
    }

    /** @return BelongsTo<Copy, $this> */
    public function copy(): BelongsTo
    {
        return $this->belongsTo(Copy::class);
    }
}
