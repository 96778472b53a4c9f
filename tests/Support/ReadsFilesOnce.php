<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\Conversion;
use App\Documents\Sources;
use Illuminate\Contracts\Foundation\Application;

/** For tests of what comes after a file was read: in one run of the tests the same file is read and drawn once. */
trait ReadsFilesOnce
{
    protected function setUpReadsFilesOnce(): void
    {
        $this->app?->bind(Sources::class, fn (Application $app): Sources => new Sources(
            [$app->make(RememberedSource::class)],
            [...$app->tagged(Conversion::class)],
        ));
    }
}
