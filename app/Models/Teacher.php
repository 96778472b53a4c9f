<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Account;
use App\Access\Guesses;
use Database\Factories\TeacherFactory;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OpenSlate\Access\Base32;
use OpenSlate\Access\TimedCode;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property bool $office whether they look after the school's people and settings
 * @property Carbon|null $joined_at null while they are only invited
 * @property Carbon|null $left_at
 * @property string|null $second_secret of the second factor, in base32; null while they have none
 * @property int $second_step the last 30 seconds of which a code was used
 * @property list<string> $second_spares hashes of the codes on paper that are left
 * @property Collection<int, SchoolClass> $classes
 */
final class Teacher extends Authenticatable
{
    /** @use HasFactory<TeacherFactory> */
    use HasFactory;

    public const SHORTEST_PASSWORD = 10;

    public const LONGEST_PASSWORD = 200;

    private const SPARE_CODES = 8;

    protected $table = 'teachers';

    protected $fillable = [
        'name',
        'email',
        'password',
        'office',
        'joined_at',
        'left_at',
        'second_secret',
        'second_step',
        'second_spares',
    ];

    protected $hidden = ['password', 'remember_token', 'second_secret', 'second_spares'];

    protected $attributes = ['office' => false, 'second_step' => 0, 'second_spares' => '[]'];

    /** @return HasMany<Worksheet, $this> */
    public function worksheets(): HasMany
    {
        return $this->hasMany(Worksheet::class);
    }

    /** @return BelongsToMany<SchoolClass, $this> their classes of this year, also those they keep together with others */
    public function classes(): BelongsToMany
    {
        return $this->allClasses()->whereNull('school_classes.put_away_at');
    }

    /** @return BelongsToMany<SchoolClass, $this> also those that are put away */
    public function allClasses(): BelongsToMany
    {
        return $this->belongsToMany(SchoolClass::class, 'class_teachers');
    }

    /** @return HasMany<PasswordLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(PasswordLink::class);
    }

    public function isHere(): bool
    {
        return $this->joined_at !== null && $this->left_at === null;
    }

    /**
     * Who is invited is not here yet, and who left is not any more.
     *
     * @param  Builder<Teacher>  $query
     */
    #[Scope]
    protected function here(Builder $query): void
    {
        $query->whereNotNull('joined_at')->whereNull('left_at');
    }

    /** @return HasMany<Handout, $this> what they set, and not what is on the shelves of classes */
    public function handouts(): HasMany
    {
        return $this->hasMany(Handout::class)->where('trial', false)->whereNull('shelf_of');
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

    /**
     * From now on a code is asked for after the password.
     *
     * @param  string  $secret  in base 32
     * @param  int  $step  of which a code was shown: it counts no second time
     * @return list<string> codes on paper, each for once, for whoever has lost the phone
     */
    public function beginSecondFactor(string $secret, int $step): array
    {
        $spares = array_map(
            fn (): string => strtolower(implode('-', str_split(Base32::encode(random_bytes(5)), 4))),
            range(1, self::SPARE_CODES),
        );
        $this->update([
            'second_secret' => $secret,
            'second_step' => $step,
            'second_spares' => array_map(self::spare(...), $spares),
        ]);

        return $spares;
    }

    public function endSecondFactor(): void
    {
        $this->update(['second_secret' => null, 'second_step' => 0, 'second_spares' => []]);
    }

    /** Takes a code of the phone, or one on paper. Each counts once, however many arrive together. */
    public function takeCode(string $code): bool
    {
        return DB::transaction(function () use ($code): bool {
            $now = self::lockForUpdate()->findOrFail($this->id);
            $step = (new TimedCode(Base32::decode((string) $now->second_secret)))->step(
                $code,
                now()->getTimestamp(),
                $now->second_step,
            );
            $spares = $now->second_spares;
            $left = array_values(array_diff($spares, [self::spare($code)]));
            if ($now->second_secret === null || ($step === null && count($left) === count($spares))) {
                return false;
            }

            return $now->update($step === null ? ['second_spares' => $left] : ['second_step' => $step]);
        });
    }

    /** They have 40 bits by chance, and are asked for behind a password: a quick hash is enough. */
    private static function spare(string $code): string
    {
        return hash('sha256', (string) preg_replace('/[^a-z2-7]/', '', strtolower($code)));
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
        return [
            'password' => 'hashed',
            'office' => 'boolean',
            'joined_at' => 'datetime',
            'left_at' => 'datetime',
            'second_secret' => 'encrypted',
            'second_step' => 'integer',
            'second_spares' => 'json',
        ];
    }
}
