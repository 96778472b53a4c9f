<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Teacher;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use OpenSlate\Access\Base32;
use OpenSlate\Access\TimedCode;
use Tests\TestCase;

/** What a teacher settles for themselves; and the code of a phone besides the password. */
final class AccountTest extends TestCase
{
    use RefreshDatabase;

    private const IN = ['email' => 'ebb@quay.example', 'password' => 'a long password'];

    private Teacher $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2026-12-01 09:00:00');
        $this->teacher = Teacher::factory()->create(self::IN);
        $this->post('/sign-in', self::IN)->assertRedirect('/shelf');
    }

    public function test_a_new_password_needs_the_old_one_and_this_session_goes_on(): void
    {
        $new = ['password' => 'another password', 'password_confirmation' => 'another password'];
        $this->put('/account/password', ['current' => 'wrong'] + $new)->assertSessionHasErrors('current');
        $this->put('/account/password', ['current' => self::IN['password'], 'password' => 'short'])
            ->assertSessionHasErrors('password');
        $this->put('/account/password', ['current' => self::IN['password']] + $new)->assertSessionHasNoErrors();
        $this->app?->make('auth')->forgetGuards();
        $this->get('/shelf')->assertOk();
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN)->assertSessionHasErrors('email');
        $this->post('/sign-in', ['password' => 'another password'] + self::IN)->assertRedirect('/shelf');
    }

    public function test_signing_out_everywhere_ends_all_sessions_but_this_one(): void
    {
        $this->get('/shelf')->assertOk();
        $other = (string) session('password_hash_teacher');
        $this->assertNotSame('', $other);
        $this->post('/account/everywhere', ['everywhere' => 'wrong'])->assertSessionHasErrors('everywhere');
        $this->post('/account/everywhere', ['everywhere' => self::IN['password']])->assertSessionHasNoErrors();
        $this->app?->make('auth')->forgetGuards();
        $this->get('/shelf')->assertOk();

        session(['password_hash_teacher' => $other]); // as it stands in a session somewhere else
        $this->app?->make('auth')->forgetGuards();
        $this->get('/shelf')->assertRedirect('/sign-in');
        $this->post('/sign-in', self::IN)->assertRedirect('/shelf');
    }

    public function test_with_a_phone_the_password_alone_leads_no_further_than_to_the_code(): void
    {
        [$code] = $this->pair();
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN)->assertRedirect('/sign-in/code');
        $this->assertGuest('teacher');
        $this->get('/shelf')->assertRedirect('/sign-in');
        $this->get('/sign-in/code')->assertOk();
        $used = $code();
        $this->post('/sign-in/code', ['shown' => $used])->assertSessionHasErrors('shown');
        $this->travel(30)->seconds();
        $this->post('/sign-in/code', ['shown' => '000000'])->assertSessionHasErrors('shown');
        $this->post('/sign-in/code', ['shown' => $code()])->assertRedirect('/shelf');
        $this->assertAuthenticatedAs($this->teacher, 'teacher');
    }

    public function test_a_code_on_paper_counts_once(): void
    {
        [, $spares] = $this->pair();
        $this->assertCount(8, array_unique($spares));
        $typed = strtoupper(str_replace('-', ' ', $spares[3]));
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN);
        $this->post('/sign-in/code', ['shown' => $typed])->assertRedirect('/shelf');
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN);
        $this->post('/sign-in/code', ['shown' => $typed])->assertSessionHasErrors('shown');
        $this->assertCount(7, $this->teacher->refresh()->second_spares);
        $this->assertStringNotContainsString($spares[0], (string) DB::table('teachers')->value('second_spares'));
    }

    public function test_guesses_at_codes_are_slowed_down(): void
    {
        $this->pair();
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN);
        for ($n = 0; $n < 5; $n++) {
            $this->post('/sign-in/code', ['shown' => "00000{$n}"])->assertSessionHasErrors('shown');
        }
        $this->post('/sign-in/code', ['shown' => '000009'])->assertSessionHasErrors(['shown' => 'There were too many '.
            'wrong tries. Wait 5 seconds, then try again.']);
    }

    public function test_half_an_entry_ends_after_a_while_and_with_a_new_password(): void
    {
        [$code] = $this->pair();
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN);
        $this->travel(11)->minutes();
        $this->get('/sign-in/code')->assertRedirect('/sign-in');
        $this->post('/sign-in/code', ['shown' => $code()])->assertRedirect('/sign-in');
        $this->post('/sign-in', self::IN);
        $this->teacher->update(['password' => 'yet another one']);
        $this->post('/sign-in/code', ['shown' => $code()])->assertRedirect('/sign-in');
        $this->assertGuest('teacher');
    }

    public function test_nothing_is_turned_on_before_the_phone_has_shown_a_code_or_without_the_password(): void
    {
        $this->post('/account/second', ['second' => 'wrong'])->assertSessionHasErrors('second');
        $this->put('/account/second', ['shown' => '000000'])->assertSessionHasErrors('shown');
        $this->post('/account/second', ['second' => self::IN['password']]);
        $this->put('/account/second', ['shown' => '000000'])->assertSessionHasErrors('shown');
        $this->assertNull($this->teacher->refresh()->second_secret);
        $this->pair();
        $this->delete('/account/second', ['second' => 'wrong'])->assertSessionHasErrors('second');
        $this->assertNotNull($this->teacher->refresh()->second_secret);
        $this->delete('/account/second', ['second' => self::IN['password']])->assertSessionHasNoErrors();
        $this->post('/sign-out');
        $this->post('/sign-in', self::IN)->assertRedirect('/shelf');
    }

    public function test_a_console_command_lets_in_who_lost_password_and_phone(): void
    {
        $this->pair();
        $new = 'yet another password';
        $with = ['email' => self::IN['email']];
        $this->artisan('slate:password', $with)
            ->expectsQuestion('New password', $new)
            ->expectsQuestion('Once more', $new)
            ->assertSuccessful();
        $this->assertNotNull($this->teacher->refresh()->second_secret);
        $this->artisan('slate:password', ['--without-phone' => true] + $with)
            ->expectsQuestion('New password', $new)
            ->expectsQuestion('Once more', $new)
            ->assertSuccessful();
        $this->post('/sign-out');
        $this->post('/sign-in', ['password' => $new] + self::IN)->assertRedirect('/shelf');
    }

    public function test_the_secret_is_not_in_the_database_as_it_is(): void
    {
        $this->pair();
        $stored = (string) DB::table('teachers')->value('second_secret');
        $this->assertStringNotContainsString((string) $this->teacher->refresh()->second_secret, $stored);
    }

    /** @return array{callable(): string, list<string>} what the phone shows now, and the codes on paper */
    private function pair(): array
    {
        $this->post('/account/second', ['second' => self::IN['password']])->assertSessionHasNoErrors();
        preg_match('/key-text">([A-Z2-7 ]+)</', (string) $this->get('/account')->getContent(), $key);
        $phone = new TimedCode(Base32::decode($key[1] ?? ''));
        $code = fn (): string => $phone->at(now()->getTimestamp());
        $this->put('/account/second', ['shown' => $code()])->assertSessionHasNoErrors();

        return [$code, session('spares')];
    }
}
