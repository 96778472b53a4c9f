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
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * @property int $id
 * @property string $name
 * @property bool $guest who came by an open pass and is of no class
 * @property string $pin encrypted with the key of the program, which is not in the database. A hash would hide nothing:
 *                       ten thousand PINs are tried through in minutes, however slowly they are hashed; and a slip that
 *                       is lost could only be replaced by another PIN. Guessing is slowed down at the door.
 */
final class Student extends Authenticatable
{
    /** @use HasFactory<StudentFactory> */
    use HasFactory;

    protected $table = 'students';

    protected $fillable = ['name', 'pin', 'guest'];

    protected $attributes = ['guest' => false];

    /** The handout to which they have come by a pass: then nothing else of theirs is open to them. */
    private ?int $only = null;

    protected $hidden = ['pin', 'remember_token'];

    protected $authPasswordName = 'pin';

    /** @return BelongsToMany<SchoolClass, $this> in which they are or ever were */
    public function allClasses(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'enrolments');
    }

    /** @return BelongsToMany<SchoolClass, $this> in which they are */
    public function classes(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'enrolments')
            ->wherePivotNull('left_at')
            ->whereNull('school_classes.put_away_at');
    }

    /** @return BelongsToMany<Handout, $this, Recipient, 'pivot'> all that they were ever given, also what is not out yet */
    public function handouts(): BelongsToMany
    {
        $handouts = $this->belongsToMany(Handout::class, 'recipients')
            ->using(Recipient::class)
            ->withPivot(Recipient::COLUMNS);

        return $this->only === null ? $handouts : $handouts->wherePivot('handout_id', $this->only);
    }

    /** @return Builder<Recipient> of what they have at this moment */
    public function given(): Builder
    {
        return Recipient::query()
            ->now()
            ->where('recipients.student_id', $this->id)
            ->when($this->only !== null, fn (Builder $given) => $given->where('recipients.handout_id', $this->only));
    }

    /** @param  int  $handoutId  0 for nothing at all */
    public function comeFor(int $handoutId): void
    {
        $this->only = $handoutId;
    }

    /** Whether the pass by which they came opens nothing any more. */
    public function isShutOut(): bool
    {
        return $this->only === 0;
    }

    public function mayOpen(int $handoutId): bool
    {
        return $this->only === null || $this->only === $handoutId;
    }

    /** @return HasMany<Copy, $this> that are theirs alone */
    public function copies(): HasMany
    {
        return $this->hasMany(Copy::class);
    }

    /** How many pictures they have put on their copies since then. */
    public function filesSince(DateTimeInterface $since): int
    {
        return DB::table('copy_files')
            ->join('copies', 'copies.id', '=', 'copy_files.copy_id')
            ->whereIn('copies.id', Copy::query()->ownedBy($this->id)->select('copies.id'))
            ->where('copy_files.created_at', '>=', Carbon::instance($since)->utc())
            ->count();
    }

    protected function casts(): array
    {
        return ['guest' => 'boolean'];
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
        return Attribute::set(self::sealed(...));
    }

    /** A PIN as it is stored. */
    public static function sealed(string $pin): string
    {
        return Crypt::encryptString($pin);
    }

    public function isPin(string $typed): bool
    {
        return Hash::isHashed($this->pin)
            ? Hash::check($typed, $this->pin)
            : $typed !== '' && hash_equals((string) $this->shownPin(), $typed);
    }

    /** The PIN for a slip; nothing where it is from before PINs could be shown, or where nobody can read it any more. */
    public function shownPin(): ?string
    {
        return Hash::isHashed($this->pin)
            ? null
            : rescue(fn (): string => Crypt::decryptString($this->pin), report: false);
    }
}
