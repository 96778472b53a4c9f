<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Account;
use App\Access\Guesses;
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

    protected $table = 'teachers';

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
        return $this->hasMany(Handout::class)->where('trial', false);
    }

    /** @return HasMany<Handout, $this> made to try worksheets, for nobody else */
    public function trials(): HasMany
    {
        return $this->hasMany(Handout::class)->where('trial', true);
    }

    /** @return HasMany<Unit, $this> in the teacher's own order */
    public function units(): HasMany
    {
        return $this->hasMany(Unit::class)->orderBy('position');
    }

    protected static function booted(): void
    {
        self::updated(
            fn (self $teacher) => $teacher->wasChanged('password') &&
                Guesses::begin(Account::ofTeacher($teacher->email)),
        );
    }

    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }
}
