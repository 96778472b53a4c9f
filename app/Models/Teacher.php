<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\TeacherFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 */
final class Teacher extends Authenticatable
{
    /** @use HasFactory<TeacherFactory> */
    use HasFactory;

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasMany<Worksheet, $this> */
    public function worksheets(): HasMany
    {
        return $this->hasMany(Worksheet::class);
    }

    /** @return HasMany<SchoolClass, $this> */
    public function classes(): HasMany
    {
        return $this->hasMany(SchoolClass::class);
    }

    /** @return HasMany<Handout, $this> */
    public function handouts(): HasMany
    {
        return $this->hasMany(Handout::class);
    }

    /** @return HasMany<Unit, $this> in the teacher's own order */
    public function units(): HasMany
    {
        return $this->hasMany(Unit::class)->orderBy('position');
    }

    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
