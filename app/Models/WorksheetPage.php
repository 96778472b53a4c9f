<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use OpenSlate\Trim\PackPage;
use OpenSlate\Trim\Role;

/**
 * A page of a worksheet; what is on it is in its revisions, of which `revision` names the one in force.
 *
 * @property int $id
 * @property int $worksheet_id
 * @property int|null $backdrop_id
 * @property int $position
 * @property int $revision
 * @property Role $role
 * @property string $role_reason
 * @property string|null $section
 * @property list<array{words: string, target: string}>|null $links printed links to the web
 * @property-read Worksheet $worksheet
 * @property-read PageRevision $current
 * @property-read Backdrop|null $backdrop
 */
final class WorksheetPage extends Model
{
    public $timestamps = false;

    protected $table = 'pages';

    protected $fillable = ['worksheet_id', 'backdrop_id', 'position', 'revision', 'role', 'role_reason', 'section', 'links'];

    /** @return BelongsTo<Worksheet, $this> */
    public function worksheet(): BelongsTo
    {
        return $this->belongsTo(Worksheet::class);
    }

    /** @return BelongsTo<Backdrop, $this> */
    public function backdrop(): BelongsTo
    {
        return $this->belongsTo(Backdrop::class);
    }

    /** @return HasMany<PageRevision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(PageRevision::class, 'page_id');
    }

    /** @return HasOne<PageRevision, $this> */
    public function current(): HasOne
    {
        // Numbers only grow and the last one is the one in force, so that many pages can be loaded with one query.
        return $this->hasOne(PageRevision::class, 'page_id')->ofMany('number', 'max');
    }

    public function packPage(): PackPage
    {
        return new PackPage($this->position, $this->role, $this->section);
    }

    protected function casts(): array
    {
        return ['role' => Role::class, 'links' => 'array'];
    }
}
