<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A link with which one teacher chooses a password, once: who was invited, who forgot theirs, or, where there is no
 * teacher yet, the first of the school. Only its hash is kept: what is in the database opens nothing.
 *
 * @property int|null $teacher_id null for the first teacher of the school
 * @property Carbon $ends_at
 */
final class PasswordLink extends Model
{
    public const DAYS_INVITED = 7;

    public const DAYS_FORGOTTEN = 1;

    protected $table = 'password_links';

    protected $fillable = ['teacher_id', 'token_hash', 'ends_at'];

    /**
     * A new link; those from before open nothing any more.
     *
     * @return string what stands in its address
     */
    public static function renew(?Teacher $teacher, int $days): string
    {
        $token = Str::random(32);
        DB::transaction(function () use ($teacher, $token, $days): void {
            self::where('teacher_id', $teacher?->id)->delete();
            self::create([
                'teacher_id' => $teacher?->id,
                'token_hash' => hash('sha256', $token),
                'ends_at' => now()->addDays($days),
            ]);
        });

        return $token;
    }

    /** The link, while it opens something. */
    public static function opened(string $token): ?self
    {
        return self::where('token_hash', hash('sha256', $token))
            ->where('ends_at', '>', now())
            ->where(fn (Builder $link) => $link
                ->whereHas('teacher', fn (Builder $teacher) => $teacher->whereNull('left_at'))
                ->orWhere(fn (Builder $link) => $link
                    ->whereNull('teacher_id')
                    ->whereNotExists(Teacher::query()->selectRaw('1'))))
            ->first();
    }

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    protected function casts(): array
    {
        return ['ends_at' => 'datetime'];
    }
}
