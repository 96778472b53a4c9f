<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Account;
use App\Access\Guesses;
use Database\Factories\StudentFactory;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * @property int $id
 * @property string $name
 * @property string $pin
 */
final class Student extends Authenticatable
{
    /** @use HasFactory<StudentFactory> */
    use HasFactory;

    private const ROUNDS = 8;

    protected $table = 'students';

    protected $fillable = ['name', 'pin'];

    protected $hidden = ['pin', 'remember_token'];

    protected $authPasswordName = 'pin';

    /** @return BelongsToMany<SchoolClass, $this> */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'enrolments');
    }

    /** @return BelongsToMany<Handout, $this, Recipient, 'pivot'> all that they were ever given, also what is not out yet */
    public function handouts(): BelongsToMany
    {
        return $this->belongsToMany(Handout::class, 'recipients')
            ->using(Recipient::class)
            ->withPivot(Recipient::COLUMNS);
    }

    /** @return Builder<Recipient> of what they have at this moment */
    public function given(): Builder
    {
        return Recipient::query()->now()->where('recipients.student_id', $this->id);
    }

    /** @return HasMany<Copy, $this> */
    public function copies(): HasMany
    {
        return $this->hasMany(Copy::class);
    }

    /** How many pictures they have put on their copies since then. */
    public function picturesSince(DateTimeInterface $since): int
    {
        return DB::table('copy_pictures')
            ->join('copies', 'copies.id', '=', 'copy_pictures.copy_id')
            ->where('copies.student_id', $this->id)
            ->where('copy_pictures.created_at', '>=', Carbon::instance($since)->utc())
            ->count();
    }

    protected static function booted(): void
    {
        self::updated(
            fn (self $student) => $student->wasChanged('pin') && Guesses::begin(Account::ofStudent($student->id)),
        );
    }

    /** @return Attribute<never, string> */
    protected function pin(): Attribute
    {
        return Attribute::set(fn (string $pin): string => Hash::isHashed($pin) ? $pin : self::hashed($pin));
    }

    /** Four digits, by chance. */
    public static function newPin(): string
    {
        return sprintf('%04d', random_int(0, 9999));
    }

    /**
     * Four digits are guessed through in a moment, however slowly they are hashed; so they are hashed as quickly as a
     * class that comes in all at once needs it, and guessing is slowed down at the door.
     */
    public static function hashed(string $pin): string
    {
        return Hash::make($pin, [
            'rounds' => min(self::ROUNDS, (int) config('hashing.bcrypt.rounds', self::ROUNDS)),
        ]);
    }
}
