<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Storage;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Pages are tested without a built front end; the browser tests have the real one.
        $this->withoutVite();
        Storage::fake('local');
    }

    /** In tests one session serves one person after the other. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->app?->make('session')->forget(['password_hash_teacher', 'password_hash_student']);

        return parent::actingAs($user, $guard);
    }
}
