<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Code;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link that opens a student's copy of one handout without signing in, and nothing else of theirs. It is thrown away
 * when it is ended or renewed: whoever came by it is out at once.
 *
 * @property int $id
 * @property int $handout_id
 * @property PassKind $kind
 * @property int|null $school_class_id of a class pass
 * @property int|null $student_id of a personal pass
 * @property string $code
 * @property Carbon $ends_at
 * @property Handout $handout
 * @property SchoolClass|null $class
 * @property Student|null $student
 */
final class Pass extends Model
{
    protected $table = 'passes';

    protected $fillable = ['handout_id', 'kind', 'school_class_id', 'student_id', 'code', 'ends_at'];

    /** The pass of a code as it is typed or read, while it opens something. */
    public static function opened(string $code): ?self
    {
        return self::query()->live()->where('code', Code::read($code))->first();
    }

    /** @return BelongsTo<Handout, $this> */
    public function handout(): BelongsTo
    {
        return $this->belongsTo(Handout::class);
    }

    /** @return BelongsTo<SchoolClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(SchoolClass::class, 'school_class_id');
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** What people type: host and code. */
    public function shortAddress(): string
    {
        return (string) preg_replace('#^https?://#', '', route('pass', $this->code));
    }

    /** @param  Builder<Pass>  $query */
    #[Scope]
    protected function live(Builder $query): void
    {
        $query
            ->where('ends_at', '>', now())
            ->whereIn('handout_id', Handout::query()->whereNull('put_away_at')->select('id'));
    }

    protected function casts(): array
    {
        return ['kind' => PassKind::class, 'ends_at' => 'datetime'];
    }
}
