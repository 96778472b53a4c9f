<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\WorksheetFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A master, or a set cut from one.
 *
 * @property int $id
 * @property int $teacher_id
 * @property int|null $master_id
 * @property int|null $original_id
 * @property string $name
 * @property WorksheetState $state
 * @property int $pages_total
 * @property string|null $cut_from
 * @property string|null $problem
 * @property bool $unlocked
 * @property Carbon $updated_at
 * @property Carbon|null $deleted_at
 * @property-read int|null $editions_count where it was counted
 * @property-read Original|null $original
 * @property-read Worksheet|null $master
 */
final class Worksheet extends Model
{
    /** @use HasFactory<WorksheetFactory> */
    use HasFactory, SoftDeletes;

    public const DAYS_IN_BIN = 30;

    protected $fillable = ['teacher_id', 'master_id', 'original_id', 'name', 'state', 'pages_total', 'cut_from', 'problem', 'unlocked'];

    /** @return BelongsTo<Teacher, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(Teacher::class);
    }

    /** @return BelongsTo<Original, $this> */
    public function original(): BelongsTo
    {
        return $this->belongsTo(Original::class);
    }

    /** @return BelongsTo<Worksheet, $this> */
    public function master(): BelongsTo
    {
        // A set keeps its lineage when its master is in the bin.
        return $this->belongsTo(self::class, 'master_id')->withTrashed();
    }

    /** @return HasMany<Worksheet, $this> */
    public function sets(): HasMany
    {
        return $this->hasMany(self::class, 'master_id');
    }

    /** @return HasMany<WorksheetPage, $this> */
    public function pages(): HasMany
    {
        return $this->hasMany(WorksheetPage::class)->orderBy('position');
    }

    /** @return HasMany<Edition, $this> */
    public function editions(): HasMany
    {
        return $this->hasMany(Edition::class);
    }

    public function leavesBinAt(): Carbon
    {
        return ($this->deleted_at ?? now())->copy()->addDays(self::DAYS_IN_BIN);
    }

    public function canBePutBack(): bool
    {
        return $this->trashed() && $this->leavesBinAt()->isFuture();
    }

    /** A worksheet from which sets were cut changes only when it is unlocked on purpose. */
    public function isLocked(): bool
    {
        return ! $this->unlocked && $this->sets()->exists();
    }

    public function isMaster(): bool
    {
        return $this->master_id === null;
    }

    protected function casts(): array
    {
        return ['state' => WorksheetState::class, 'unlocked' => 'boolean'];
    }
}
