<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Support\Carbon;
use OpenSlate\Handout\Mode;

/**
 * One worksheet within a handout.
 *
 * @property int $id
 * @property int $handout_id
 * @property int $edition_id
 * @property int $position
 * @property Mode $mode
 * @property int|null $corrected_from the edition that its copies had before the last correction
 * @property int $markings how many times somebody marked by hand
 * @property string|null $fresh_at at which time of a school day its copies are fresh
 * @property Carbon|null $fresh_until the last day on which they are
 * @property Carbon|null $freshened_on the last day on which they were
 * @property Carbon|null $withdrawn_at since when students do not have it any more; the work is kept
 * @property-read Handout $handout
 * @property-read Edition $edition
 */
final class HandoutItem extends Model
{
    public $timestamps = false;

    protected $table = 'handout_items';

    protected $fillable = ['handout_id', 'edition_id', 'position', 'mode', 'points', 'withdrawn_at', 'off_shelf_at'];

    /** @return BelongsTo<Handout, $this> */
    public function handout(): BelongsTo
    {
        return $this->belongsTo(Handout::class);
    }

    /** @return BelongsTo<Edition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(Edition::class);
    }

    /** @return HasMany<Copy, $this> but for those that their students threw away */
    public function copies(): HasMany
    {
        return $this->hasMany(Copy::class)->whereNull('thrown_at');
    }

    /** @return HasMany<PaperFile, $this> scans and photos of its sheets that came back */
    public function papers(): HasMany
    {
        return $this->hasMany(PaperFile::class);
    }

    /** @return HasManyThrough<PaperSheet, PaperFile, $this> the pages in them */
    public function sheets(): HasManyThrough
    {
        return $this->hasManyThrough(PaperSheet::class, PaperFile::class);
    }

    /** @return BelongsToMany<Student, $this> for whom alone it is; nobody where it is for all who have the handout */
    public function chosen(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'item_students');
    }

    /**
     * What one student has of a handout.
     *
     * @param  Builder<HandoutItem>  $query
     */
    #[Scope]
    protected function for(Builder $query, Student $student): void
    {
        $query
            ->whereNull('handout_items.withdrawn_at')
            ->where(fn (Builder $item) => $item
                ->whereDoesntHave('chosen')
                ->orWhereHas('chosen', fn (Builder $chosen) => $chosen->whereKey($student->id)));
    }

    /**
     * What a teacher has put on the shelf of a class.
     *
     * @param  Builder<HandoutItem>  $query
     */
    #[Scope]
    protected function ofShelf(Builder $query, SchoolClass $class, Teacher $teacher): void
    {
        $query->whereHas(
            'handout',
            fn (Builder $handout) => $handout->where(['teacher_id' => $teacher->id, 'shelf_of' => $class->id]),
        );
    }

    /**
     * What a class sees on its shelf.
     *
     * @param  Builder<HandoutItem>  $query
     */
    #[Scope]
    protected function onShelf(Builder $query): void
    {
        $query->whereNull('off_shelf_at')->with(['edition.worksheet.unit']);
    }

    protected function casts(): array
    {
        return [
            'mode' => Mode::class,
            'withdrawn_at' => 'datetime',
            'off_shelf_at' => 'datetime',
            'fresh_until' => 'date',
            'freshened_on' => 'date',
        ];
    }
}
