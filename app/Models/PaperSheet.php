<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One page of what came back on paper.
 *
 * @property int $id
 * @property int $paper_file_id
 * @property int $position in its file, from 1
 * @property string $sha256 its picture, laid straight where its codes could be read
 * @property int|null $copy_id whose it is, by its codes
 * @property int|null $page_id which page, likewise
 * @property SheetDoubt|null $doubt why that is not known
 * @property Carbon|null $taken_at since when it is in a copy
 * @property-read PaperFile $paper
 * @property-read Copy|null $copy
 * @property-read StoredFile $file
 */
final class PaperSheet extends Model
{
    public const DAYS = 30;

    public $timestamps = false;

    protected $table = 'paper_sheets';

    protected $attributes = ['copy_id' => null, 'page_id' => null, 'doubt' => null, 'taken_at' => null];

    protected $fillable = ['paper_file_id', 'position', 'sha256', 'copy_id', 'page_id', 'doubt', 'taken_at'];

    /** @return BelongsTo<PaperFile, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(PaperFile::class, 'paper_file_id');
    }

    /** @return BelongsTo<Copy, $this> */
    public function copy(): BelongsTo
    {
        return $this->belongsTo(Copy::class);
    }

    /** @return BelongsTo<StoredFile, $this> */
    public function file(): BelongsTo
    {
        return $this->belongsTo(StoredFile::class, 'sha256');
    }

    /** "Scans of Tuesday.pdf, page 3". */
    public function name(): string
    {
        return $this->paper->total > 1 ? "{$this->paper->name}, page {$this->position}" : $this->paper->name;
    }

    protected function casts(): array
    {
        return ['doubt' => SheetDoubt::class, 'taken_at' => 'datetime'];
    }
}
