<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Teams of a class that were made together, such as "Boats" or "Reading partners".
 *
 * @property int $id
 * @property int $school_class_id
 * @property string $name
 * @property Collection<int, Team> $teams
 */
final class TeamSet extends Model
{
    protected $table = 'team_sets';

    protected $fillable = ['school_class_id', 'name'];

    /** @return BelongsTo<SchoolClass, $this> */
    public function class(): BelongsTo
    {
        return $this->belongsTo(SchoolClass::class, 'school_class_id');
    }

    /** @return HasMany<Team, $this> in their order */
    public function teams(): HasMany
    {
        return $this->hasMany(Team::class)->orderBy('position');
    }
}
