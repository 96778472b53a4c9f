<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\ClassListFile;
use Illuminate\Console\Command;
use OpenSlate\ClassLists\ListedStudent;
use OpenSlate\ClassLists\ListRefused;

/** Says whom a class list names, without keeping it. */
final class Roster extends Command
{
    protected $signature = 'slate:roster {file : Names, CSV, or a OneRoster export (ZIP)} {--json : As JSON}';

    protected $description = 'Say whom a class list names, without keeping it';

    public function handle(): int
    {
        try {
            $students = ClassListFile::read((string) $this->argument('file'))->students;
        } catch (ListRefused $refused) {
            $this->option('json')
                ? $this->line(self::json(['error' => [
                    'code' => $refused->reason,
                    'message' => $refused->getMessage(),
                ]]))
                : $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $rows = array_map(fn (ListedStudent $one): array => get_object_vars($one), $students);
        $this->option('json')
            ? $this->line(self::json(['rows' => $rows, 'error' => null]))
            : $this->table(['First name', 'Last name', 'Class', 'Trouble'], $rows);

        return self::SUCCESS;
    }

    /** @param  array<string, mixed>  $value */
    private static function json(array $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
