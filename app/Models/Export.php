<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A file that a teacher has asked for, of a worksheet or of the copies of an item. It is thrown away after a day.
 *
 * @property int $id
 * @property int|null $teacher_id
 * @property int|null $worksheet_id
 * @property int|null $handout_item_id
 * @property ExportKind $kind
 * @property array<string, mixed> $choices
 * @property string $name
 * @property ExportState $state
 * @property int $done how many of its pages are there
 * @property int $total
 * @property string|null $problem why it was not made
 * @property string|null $sha256 the file, once it is made
 * @property Carbon $created_at
 * @property-read Worksheet|null $worksheet
 * @property-read HandoutItem|null $item
 * @property-read StoredFile|null $file
 */
final class Export extends Model
{
    protected $table = 'exports';

    protected $attributes = ['done' => 0, 'total' => 0, 'problem' => null, 'sha256' => null];

    protected $fillable = [
        'teacher_id',
        'worksheet_id',
        'handout_item_id',
        'kind',
        'choices',
        'name',
        'state',
        'done',
        'total',
        'problem',
        'sha256',
    ];

    /** @return BelongsTo<Worksheet, $this> */
    public function worksheet(): BelongsTo
    {
        return $this->belongsTo(Worksheet::class);
    }

    /** @return BelongsTo<HandoutItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(HandoutItem::class, 'handout_item_id');
    }

    /** @return BelongsTo<StoredFile, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'sha256');
    }

    public function fileName(): string
    {
        return (Str::slug($this->name) ?: 'worksheet').'.'.$this->kind->ending();
    }

    public function goesOn(int $done, int $total): void
    {
        $this->update(['state' => ExportState::Working, 'done' => $done, 'total' => $total]);
    }

    public function isMade(StoredFile $file): void
    {
        $this->update(['state' => ExportState::Ready, 'sha256' => $file->sha256]);
    }

    public function isRefused(string $problem): void
    {
        $this->update(['state' => ExportState::Refused, 'problem' => $problem]);
    }

    protected function casts(): array
    {
        return ['kind' => ExportKind::class, 'state' => ExportState::class, 'choices' => 'array'];
    }
}
