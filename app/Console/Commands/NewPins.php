<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\SchoolClass;
use Illuminate\Console\Command;

/** Gives all students of a class new PINs, and says them once. */
final class NewPins extends Command
{
    protected $signature = 'slate:pins {code : of the class}';

    protected $description = 'Give all students of a class new PINs';

    public function handle(): int
    {
        $class = SchoolClass::with('students')->where('code', $this->argument('code'))->first();
        if ($class === null) {
            $this->error('No class has this code.');

            return self::FAILURE;
        }
        foreach ($class->students as $student) {
            $pin = $class->newPin();
            $student->update(['pin' => $pin]);
            $this->line("{$pin}  {$student->name}");
        }

        return self::SUCCESS;
    }
}
