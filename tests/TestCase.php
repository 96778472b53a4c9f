<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // Pages are tested without a built front end; the browser tests have the real one.
        $this->withoutVite();
        Storage::fake('local');
        // How much is done in one turn must not hang on how busy the machine is.
        config(['slate.files.seconds_of_a_turn' => 600]);
    }

    /**
     * What a page says, wherever its lines are broken.
     *
     * @param  TestResponse<Response>  $response
     */
    protected function assertReads(string $words, TestResponse $response): void
    {
        $text = html_entity_decode(strip_tags((string) $response->assertOk()->getContent()), ENT_QUOTES | ENT_HTML5);
        $this->assertStringContainsString($words, (string) preg_replace('/\s+/u', ' ', $text));
    }

    /** In tests one session serves one person after the other. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->app?->make('session')->forget(['password_hash_teacher', 'password_hash_student']);

        return parent::actingAs($user, $guard);
    }
}
