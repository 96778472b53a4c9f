<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\EmptyBin;
use Illuminate\Console\Command;

final class EmptyBinCommand extends Command
{
    protected $signature = 'slate:empty-bin';

    protected $description = 'Throw away for good what has lain in the bin for thirty days';

    public function handle(EmptyBin $empty): int
    {
        $count = $empty();
        $this->line("{$count} thrown away.");

        return self::SUCCESS;
    }
}
