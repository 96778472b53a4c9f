<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\Source;
use App\Documents\Sources;

/** For tests of what comes after a file was read: in one run of the tests the same file is read and drawn once. */
trait ReadsFilesOnce
{
    protected function setUpReadsFilesOnce(): void
    {
        $this->app?->when(Sources::class)
            ->needs(Source::class)
            ->give(fn (): array => [$this->app?->make(RememberedSource::class)]);
    }
}
