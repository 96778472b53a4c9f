<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Hash;

/** Looks whether anybody of the demo still has the password or the PIN that everybody can read in the README. */
final class PublishedPasswords extends Command
{
    protected $signature = 'slate:published-passwords';

    protected $description = 'Fail when anybody of the demo still has the password or PIN that is published';

    public function handle(): int
    {
        $todo = [];
        foreach (Teacher::with('classes.students')->whereIn('email', DemoSeeder::TEACHERS)->get() as $teacher) {
            if (Hash::check(DemoSeeder::PASSWORD, $teacher->password)) {
                $todo[] = "php artisan slate:password {$teacher->email}";
            }
            $open = $teacher->classes->filter(
                fn (SchoolClass $class): bool => $class->students->contains(
                    fn (Student $student): bool => $student->isPin(DemoSeeder::PIN),
                ),
            );
            array_push(
                $todo,
                ...$open
                    ->map(fn (SchoolClass $class): string => "php artisan slate:pins {$class->code}")
                    ->values()
                    ->all(),
            );
        }
        if ($todo === []) {
            return self::SUCCESS;
        }
        $this->error(
            'The demo is loaded with passwords that everybody can read. Change them before others can reach it:',
        );
        foreach ($todo as $command) {
            $this->line("  {$command}");
        }
        $this->line('Or start without --host, for this machine alone; or with a data folder of its own and --empty.');

        return self::FAILURE;
    }
}
