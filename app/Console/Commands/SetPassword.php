<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Teacher;
use Illuminate\Console\Command;

/** Gives a teacher a new password, which ends the sessions that were begun with the old one. */
final class SetPassword extends Command
{
    protected $signature = 'slate:password {email} {--stdin : read it from standard input, in one line}
        {--without-phone : and let them in without the code of a phone that is lost}';

    protected $description = 'Give a teacher a new password';

    public function handle(): int
    {
        $teacher = Teacher::where('email', $this->argument('email'))->first();
        if ($teacher === null) {
            $this->error('No teacher has this e-mail address.');

            return self::FAILURE;
        }
        $password = $this->option('stdin')
            ? rtrim((string) fgets(STDIN), "\r\n")
            : (string) $this->secret('New password');
        if (mb_strlen($password) < Teacher::SHORTEST_PASSWORD) {
            $this->error('A password has at least '.Teacher::SHORTEST_PASSWORD.' letters.');

            return self::FAILURE;
        }
        if (! $this->option('stdin') && $this->secret('Once more') !== $password) {
            $this->error('The two are not the same. Nothing was changed.');

            return self::FAILURE;
        }
        $teacher->update(['password' => $password]);
        $this->option('without-phone') && $teacher->endSecondFactor();
        $this->info("{$teacher->name} has the new password.");

        return self::SUCCESS;
    }
}
