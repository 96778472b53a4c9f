<?php

declare(strict_types=1);

namespace App\Models;

use App\School;
use Illuminate\Database\Eloquent\Model;
use OpenSlate\Marking\MissingWork;

/**
 * What the school says of itself. One row, made at the first visit.
 *
 * @property string $name
 * @property string $timezone
 * @property string $language
 * @property string $missing_work how what was not handed in counts
 */
final class SchoolSettings extends Model
{
    protected $table = 'schools';

    protected $fillable = ['name', 'timezone', 'language', 'missing_work'];

    /**
     * Until somebody has said anything, and while the database does not answer, by what the machine was set up with.
     */
    public static function school(): School
    {
        $said = rescue(fn (): ?self => self::query()->first(), report: false);

        return $said === null
            ? new School((string) config('slate.school.name'), (string) config('slate.school.timezone'))
            : new School(
                $said->name,
                $said->timezone,
                $said->language,
                MissingWork::tryFrom($said->missing_work) ?? MissingWork::Zero,
            );
    }

    protected static function booted(): void
    {
        self::saved(fn () => app()->forgetInstance(School::class));
    }
}
