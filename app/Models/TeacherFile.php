<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Page\PageFile;

/**
 * A file, or one printed page of it, that a teacher was given: by bringing it in, by taking a colleague's worksheet, by
 * clipping it. Only what they were given can be laid on their pages and seen there.
 *
 * @property int $teacher_id
 * @property string $sha256
 * @property int $page 0 for the whole file
 */
final class TeacherFile extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;

    protected $table = 'teacher_files';

    protected $fillable = ['teacher_id', 'sha256', 'page'];

    public static function give(int $teacherId, PageFile ...$files): void
    {
        self::query()->insertOrIgnore(
            array_map(
                fn (PageFile $file): array => [
                    'teacher_id' => $teacherId,
                    'sha256' => $file->sha256,
                    'page' => $file->page,
                ],
                array_values($files),
            ),
        );
    }

    /** Whether they were given all of these. */
    public static function has(int $teacherId, PageFile ...$files): bool
    {
        if ($files === []) {
            return true;
        }
        $given = self::query()
            ->toBase()
            ->where('teacher_id', $teacherId)
            ->whereIn('sha256', array_map(fn (PageFile $file): string => $file->sha256, $files))
            ->get(['sha256', 'page'])
            ->mapToGroups(fn (object $row): array => [$row->sha256 => (int) $row->page]);

        return array_filter(
            $files,
            fn (PageFile $file): bool => array_intersect([0, $file->page], $given->get($file->sha256)?->all() ?? []) ===
                [],
        ) === [];
    }
}
