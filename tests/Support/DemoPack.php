<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\BringInFile;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Filesystem\Filesystem;

/**
 * The pack of the demo, brought in: its 20 pages are drawn and read once for all tests of a process, and laid in the
 * empty database of each later test as they were.
 */
final class DemoPack
{
    /** @var array<string, list<array<string, mixed>>>|null rows by table */
    private static ?array $rows = null;

    private static string $files = '';

    private static int $teacher = 0;

    public static function of(Teacher $teacher): Worksheet
    {
        if (self::$rows === null) {
            $pack = app(BringInFile::class)($teacher, database_path('demo/working-harbour-pack.pdf'), 'harbour.pdf');
            self::remember($teacher);

            return $pack->refresh();
        }
        // Within the test's transaction, which is never committed: the tables may come in any order.
        DB::statement('PRAGMA defer_foreign_keys = ON');
        foreach (self::$rows as $table => $rows) {
            foreach ($rows as $row) {
                if (($row['teacher_id'] ?? null) === self::$teacher) {
                    $row['teacher_id'] = $teacher->id;
                }
                DB::table($table)->insert($row);
            }
        }
        (new Filesystem)->mirror(self::$files, Storage::disk('local')->path(''));

        return $teacher->worksheets()->sole();
    }

    private static function remember(Teacher $teacher): void
    {
        self::$teacher = $teacher->id;
        self::$files = sys_get_temp_dir().'/slate-pack-'.bin2hex(random_bytes(6));
        $files = new Filesystem;
        $files->mirror(Storage::disk('local')->path(''), self::$files);
        register_shutdown_function(fn () => $files->remove(self::$files));
        self::$rows = [];
        foreach (array_diff(Schema::getTableListing(schemaQualified: false), ['migrations', 'teachers']) as $table) {
            $rows = DB::table($table)->get()->map(fn (object $row): array => (array) $row)->all();
            if ($rows !== []) {
                self::$rows[$table] = array_values($rows);
            }
        }
    }
}
