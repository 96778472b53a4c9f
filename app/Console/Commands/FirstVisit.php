<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\PasswordLink;
use App\Models\Teacher;
use Illuminate\Console\Command;

/** Where there is no teacher yet: makes the link behind which the first one opens the school. */
final class FirstVisit extends Command
{
    private const DAYS = 30;

    protected $signature = 'slate:first-visit';

    protected $description = 'Print the link for the first visit, while there is no teacher';

    public function handle(): int
    {
        if (Teacher::query()->doesntExist()) {
            $this->line(route('welcome', PasswordLink::renew(null, self::DAYS)));
        }

        return self::SUCCESS;
    }
}
