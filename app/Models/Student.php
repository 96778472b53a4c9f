<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StudentFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $pin
 */
final class Student extends Authenticatable
{
    /** @use HasFactory<StudentFactory> */
    use HasFactory;

    protected $fillable = ['name', 'pin'];

    protected $hidden = ['pin', 'remember_token'];

    protected $authPasswordName = 'pin';

    /** @return BelongsToMany<SchoolClass, $this> */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'enrolments');
    }

    /** @return BelongsToMany<Handout, $this> */
    public function handouts(): BelongsToMany
    {
        return $this->belongsToMany(Handout::class, 'recipients');
    }

    /** @return HasMany<Copy, $this> */
    public function copies(): HasMany
    {
        return $this->hasMany(Copy::class);
    }

    protected function casts(): array
    {
        return ['pin' => 'hashed'];
    }
}
