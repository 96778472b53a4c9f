<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use OpenSlate\Copies\History;
use OpenSlate\Copies\MomentKind;

/**
 * A copy as it was at some time, kept as what is otherwise than at the moment before.
 *
 * @property int $id
 * @property int $copy_id
 * @property MomentKind $kind
 * @property string|null $name
 * @property int $attempt
 * @property string $changes as Copies\History writes them
 * @property int $filled
 * @property string|null $marks of a used copy, as Marking\Marks writes them
 * @property string|null $comments of a used copy: a list of place (or null), words and teacher
 * @property Carbon|null $handed_in_at
 * @property Carbon|null $returned_at
 * @property Carbon|null $looked_at
 * @property Carbon $made_at
 * @property-read Copy $copy
 */
final class Moment extends Model
{
    public const LONGEST_NAME = 100;

    /** Of one copy that a student may name. */
    public const MOST_NAMED = 50;

    private const MOST_FOR_STUDENTS = 20;

    public $timestamps = false;

    protected $fillable = [
        'copy_id',
        'kind',
        'name',
        'attempt',
        'changes',
        'filled',
        'marks',
        'comments',
        'handed_in_at',
        'returned_at',
        'looked_at',
        'made_at',
    ];

    /** @return BelongsTo<Copy, $this> */
    public function copy(): BelongsTo
    {
        return $this->belongsTo(Copy::class);
    }

    /**
     * Those of a copy that its student is shown, the latest first: not what happened to it in passing.
     *
     * @return Collection<int, self>
     */
    public static function forStudent(Copy $copy): Collection
    {
        return self::query()
            ->where('copy_id', $copy->id)
            ->where('kind', '!=', MomentKind::BeforeCorrection)
            ->latest('id')
            ->limit(self::MOST_FOR_STUDENTS)
            ->get(['id', 'kind', 'name', 'made_at']);
    }

    /** @return array<string, string> what was answered then, by place */
    public function texts(): array
    {
        return History::replayed(
            self::query()
                ->where('copy_id', $this->copy_id)
                ->where('id', '<=', $this->id)
                ->orderBy('id')
                ->pluck('changes')
                ->map(History::fromJson(...)),
        );
    }

    /**
     * What was answered at every moment of a copy, in one question.
     *
     * @return array<int, array<string, string>> text by place, by moment
     */
    public static function textsOf(Copy $copy): array
    {
        $texts = $all = [];
        foreach (self::query()->where('copy_id', $copy->id)->orderBy('id')->pluck('changes', 'id') as $id => $changes) {
            $texts = History::replayed([$texts, History::fromJson((string) $changes)]);
            $all[(int) $id] = $texts;
        }

        return $all;
    }

    protected function casts(): array
    {
        return ['kind' => MomentKind::class, 'handed_in_at' => 'datetime', 'returned_at' => 'datetime',
            'looked_at' => 'datetime', 'made_at' => 'datetime'];
    }
}
