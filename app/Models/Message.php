<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A word of a teacher to those who are at work on a handout, or to one of them. It shows in their copies for an hour.
 *
 * @property int $id
 * @property int $handout_id
 * @property int|null $student_id null for all who have the handout
 * @property int $teacher_id
 * @property string $words
 * @property Carbon $created_at
 * @property-read Student|null $student
 */
final class Message extends Model
{
    public const UPDATED_AT = null;

    public const LONGEST = 200;

    /** So many show at once: the latest. */
    public const MOST = 3;

    private const MINUTES = 60;

    protected $table = 'messages';

    protected $fillable = ['handout_id', 'student_id', 'teacher_id', 'words'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /**
     * Those that show at this moment, the latest first.
     *
     * @param  Builder<Message>  $query
     */
    #[Scope]
    protected function shown(Builder $query, int $handout): void
    {
        $query
            ->where('handout_id', $handout)
            ->where('created_at', '>', now()->subMinutes(self::MINUTES))
            ->latest('id')
            ->limit(self::MOST);
    }

    /** @param  Builder<Message>  $query */
    #[Scope]
    protected function to(Builder $query, int $student): void
    {
        $query->where(fn (Builder $to) => $to->whereNull('student_id')->orWhere('student_id', $student));
    }
}
