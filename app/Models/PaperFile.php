<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A scan or a photo of sheets of an item that were filled in by hand.
 *
 * @property int $id
 * @property int $handout_item_id
 * @property int|null $teacher_id who brought it in
 * @property string|null $sha256 null once its pages are read
 * @property string $name
 * @property ExportState $state
 * @property int $done how many of its pages are read
 * @property int $total
 * @property string|null $problem why it was not read
 * @property Carbon $created_at
 * @property-read HandoutItem $item
 */
final class PaperFile extends Model
{
    protected $table = 'paper_files';

    protected $attributes = ['done' => 0, 'total' => 0, 'problem' => null];

    protected $fillable = [
        'handout_item_id',
        'teacher_id',
        'sha256',
        'name',
        'state',
        'done',
        'total',
        'problem',
    ];

    /** @return BelongsTo<HandoutItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(HandoutItem::class, 'handout_item_id');
    }

    /** @return HasMany<PaperSheet, $this> */
    public function sheets(): HasMany
    {
        return $this->hasMany(PaperSheet::class);
    }

    public function goesOn(int $done, int $total): void
    {
        $this->update(['state' => ExportState::Working, 'done' => $done, 'total' => $total]);
    }

    public function isRead(): void
    {
        $this->update(['state' => ExportState::Ready, 'sha256' => null]);
    }

    public function isRefused(string $problem): void
    {
        $this->update(['state' => ExportState::Refused, 'problem' => $problem, 'sha256' => null]);
    }

    protected function casts(): array
    {
        return ['state' => ExportState::class];
    }
}
