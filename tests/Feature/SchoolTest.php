<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mail\PasswordLinkMail;
use App\Models\Handout;
use App\Models\PasswordLink;
use App\Models\SchoolClass;
use App\Models\SchoolSettings;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Tests\TestCase;

/** A school begins from nothing, and its teachers come and go. */
final class SchoolTest extends TestCase
{
    use RefreshDatabase;

    private const SAID = [
        'school' => 'Quay School',
        'timezone' => 'Pacific/Auckland',
        'language' => 'mi',
        'name' => 'Ms Tide',
        'email' => ' Tide@Quay.Example ',
        'password' => 'three small boats',
        'password_confirmation' => 'three small boats',
    ];

    public function test_the_first_visit_makes_the_school_and_its_first_teacher_once(): void
    {
        Artisan::call('slate:first-visit');
        $address = trim(Artisan::output());
        $this->get($address)->assertOk()->assertSee('First visit');
        $this->post("{$address}/school", ['school' => '', ...array_diff_key(self::SAID, ['school' => 1])])
            ->assertSessionHasErrors('school');
        $this->assertSame(0, Teacher::count());
        $this->post("{$address}/school", self::SAID)->assertRedirect('/shelf');

        $teacher = Teacher::sole();
        $this->assertTrue($teacher->office && $teacher->isHere());
        $this->assertSame('tide@quay.example', $teacher->email);
        $this->assertAuthenticatedAs($teacher, 'teacher');
        $school = app(School::class);
        $this->assertSame(
            ['Quay School', 'Pacific/Auckland', 'mi'],
            [$school->name, $school->timezone, $school->language],
        );
        $this->get('/school')->assertOk()->assertSee('Quay School');

        // Neither the old key nor a new one opens it again.
        $this->get($address)->assertStatus(410)->assertSee('This link is over');
        $this->post("{$address}/school", ['email' => 'other@quay.example'] + self::SAID);
        $this->assertSame(1, Teacher::count());
        Artisan::call('slate:first-visit');
        $this->assertSame('', trim(Artisan::output()));
    }

    public function test_a_new_start_prints_a_new_key_and_the_old_one_ends(): void
    {
        $keys = [];
        foreach ([1, 2] as $start) {
            Artisan::call('slate:first-visit');
            $keys[$start] = trim(Artisan::output());
        }
        $this->get($keys[1])->assertStatus(410);
        $this->get($keys[2])->assertOk();
        $this->travel(31)->days();
        $this->get($keys[2])->assertStatus(410);
    }

    public function test_a_teacher_is_invited_and_chooses_a_password_once(): void
    {
        $this->office();
        $this->post('/school/teachers', ['name' => 'Mr Ebb', 'email' => 'Ebb@quay.example'])->assertRedirect('/school');
        $address = session('link')['address'];
        $this->get('/school')->assertSee($address)->assertSee('Mr Ebb');
        $this->get('/school')->assertDontSee($address);
        $this->assertSame(0, DB::table('password_links')->where('token_hash', basename($address))->count());
        $this->post('/sign-out');

        $this->post('/sign-in', ['email' => 'ebb@quay.example', 'password' => ''])->assertSessionHasErrors();
        $this->get($address)->assertOk()->assertSee('ebb@quay.example');
        $short = ['name' => 'Mr Ebb', 'password' => 'short', 'password_confirmation' => 'short'];
        $this->post($address, $short)->assertSessionHasErrors('password');
        $other = ['name' => 'Mr Ebb', 'password' => 'a long password', 'password_confirmation' => 'another one here'];
        $this->post($address, $other)->assertSessionHasErrors('password');
        $right = ['name' => 'Mr E. Ebb', 'password' => 'a long password', 'password_confirmation' => 'a long password'];
        $this->post($address, $right)->assertRedirect('/shelf');
        $ebb = Teacher::where('name', 'Mr E. Ebb')->sole();
        $this->assertTrue($ebb->isHere() && ! $ebb->office);

        $this->post($address, ['name' => 'Somebody'] + $right);
        $this->get($address)->assertStatus(410);
        $this->assertSame('Mr E. Ebb', $ebb->refresh()->name);
        $this->get('/school')->assertForbidden();
    }

    public function test_an_invitation_ends_by_itself_and_can_be_taken_back(): void
    {
        $this->office();
        $this->post('/school/teachers', ['name' => 'Mr Ebb', 'email' => 'ebb@quay.example']);
        $address = session('link')['address'];
        $this->post('/school/teachers', ['name' => 'Again', 'email' => 'EBB@quay.example'])
            ->assertSessionHasErrors('email');
        $this->travel(PasswordLink::DAYS_INVITED)->days();
        $this->get($address)->assertStatus(410);

        $ebb = Teacher::where('email', 'ebb@quay.example')->sole();
        $this->post("/school/teachers/{$ebb->id}/link");
        $newer = session('link')['address'];
        $this->get($newer)->assertOk();
        $this->delete("/school/teachers/{$ebb->id}");
        $this->get($newer)->assertStatus(410);
        $this->assertSame(0, Teacher::where('email', 'ebb@quay.example')->count());
    }

    public function test_who_forgot_the_password_gets_a_link_and_the_old_one_counts_until_then(): void
    {
        $this->office();
        $ebb = Teacher::factory()->create(['email' => 'ebb@quay.example', 'password' => 'the old password']);
        $this->post("/school/teachers/{$ebb->id}/link");
        $address = session('link')['address'];
        $this->post('/sign-out');
        $old = ['email' => 'ebb@quay.example', 'password' => 'the old password'];
        $this->post('/sign-in', $old)->assertRedirect('/shelf');
        $this->post('/sign-out');
        $new = ['name' => $ebb->name, 'password' => 'the new password', 'password_confirmation' => 'the new password'];
        $this->post($address, $new)->assertRedirect('/shelf');
        $this->post('/sign-out');
        $this->post('/sign-in', $old)->assertSessionHasErrors('email');
        $this->post('/sign-in', ['password' => 'the new password'] + $old)->assertRedirect('/shelf');
    }

    public function test_with_a_mail_server_the_link_is_sent_and_without_one_nothing_is(): void
    {
        Mail::fake();
        $this->office();
        $this->post('/school/teachers', ['name' => 'Mr Ebb', 'email' => 'ebb@quay.example']);
        Mail::assertNothingOutgoing();
        config(['slate.mail' => true]);
        $this->post('/school/teachers', ['name' => 'Ms Flow', 'email' => 'flow@quay.example']);
        Mail::assertSent(
            PasswordLinkMail::class,
            fn (PasswordLinkMail $mail): bool => $mail->hasTo('flow@quay.example'),
        );
    }

    public function test_what_the_mail_says(): void
    {
        $teacher = Teacher::factory()->create(['name' => 'Ms O’Flow', 'joined_at' => null]);
        $address = 'https://slate.example/welcome/x?a&b';
        $text = (new PasswordLinkMail($teacher, $address, new School('Quay & Co', 'UTC')))->render();
        $this->assertStringContainsString($address, $text);
        $this->assertStringContainsString('Ms O’Flow', $text);
        $this->assertStringContainsString('invited', $text);
    }

    public function test_the_office_is_given_and_taken_but_never_from_the_last(): void
    {
        $office = $this->office();
        $ebb = Teacher::factory()->create();
        $this->put("/school/teachers/{$office->id}/office", ['office' => 0])
            ->assertSessionHasErrors("office-{$office->id}");
        $this->put("/school/teachers/{$ebb->id}/office", ['office' => 1]);
        $this->assertTrue($ebb->refresh()->office);
        $this->put("/school/teachers/{$office->id}/office", ['office' => 0])->assertSessionHasNoErrors();
        $this->assertFalse($office->refresh()->office);
    }

    public function test_who_leaves_hands_all_they_have_to_a_colleague_and_is_out_everywhere(): void
    {
        $this->office();
        $ebb = Teacher::factory()->create(['email' => 'ebb@quay.example', 'password' => 'a long password']);
        $flow = Teacher::factory()->create();
        $theirs = Worksheet::factory()->create(['teacher_id' => $ebb->id]);
        $binned = Worksheet::factory()->create(['teacher_id' => $ebb->id, 'deleted_at' => now()]);
        $units = [
            $flow->units()->create(['name' => 'Shore', 'position' => 3]),
            $ebb->units()->create(['name' => 'Sea', 'position' => 1]),
        ];
        $class = SchoolClass::factory()->of($ebb)->create();
        $both = SchoolClass::factory()->of($ebb)->create();
        $both->teachers()->attach($flow);
        $handout = Handout::create(['teacher_id' => $ebb->id, 'title' => 'Tides', 'directions' => '']);

        $this->post("/school/teachers/{$ebb->id}/leave", ['to' => $ebb->id])->assertSessionHasErrors("to-{$ebb->id}");
        $this->assertNull($ebb->refresh()->left_at);
        $this->post("/school/teachers/{$ebb->id}/leave", ['to' => $flow->id])->assertSessionHasNoErrors();

        $this->assertNotNull($ebb->refresh()->left_at);
        foreach ([$theirs, Worksheet::withTrashed()->find($binned->id), $handout, $units[1]] as $what) {
            $this->assertSame($flow->id, $what?->refresh()->teacher_id);
        }
        $this->assertSame(['Shore', 'Sea'], $flow->units()->pluck('name')->all());
        $this->assertEqualsCanonicalizing([$class->id, $both->id], $flow->classes()->pluck('school_classes.id')->all());
        $this->assertSame(0, $ebb->classes()->count());
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => 'ebb@quay.example', 'password' => 'a long password'])
            ->assertSessionHasErrors('email');
    }

    public function test_the_last_of_the_office_cannot_leave_and_who_left_comes_back_with_a_link(): void
    {
        $office = $this->office();
        $ebb = Teacher::factory()->create();
        $this->post("/school/teachers/{$office->id}/leave", ['to' => $ebb->id])
            ->assertSessionHasErrors("office-{$office->id}");
        $this->post("/school/teachers/{$ebb->id}/leave", ['to' => $office->id]);
        $this->post("/school/teachers/{$ebb->id}/link")->assertSessionHasErrors('list');
        $this->post("/school/teachers/{$ebb->id}/come-back")->assertSessionHasNoErrors();
        $this->get(session('link')['address'])->assertOk();
        $this->assertTrue($ebb->refresh()->isHere());
    }

    public function test_a_session_of_who_left_ends_at_once(): void
    {
        $ebb = Teacher::factory()->create(['email' => 'ebb@quay.example', 'password' => 'a long password']);
        $flow = Teacher::factory()->create();
        $this->post('/sign-in', ['email' => 'ebb@quay.example', 'password' => 'a long password']);
        $this->get('/shelf')->assertOk();
        app(\App\Actions\LeaveSchool::class)($ebb, $flow);
        $this->app?->make('auth')->forgetGuards();
        $this->get('/shelf')->assertRedirect('/sign-in');
    }

    public function test_times_are_shown_by_the_clock_that_the_office_says(): void
    {
        $this->office();
        Carbon::setTestNow('2026-12-01 23:30:00');
        $settings = ['school' => 'Quay School', 'timezone' => 'Asia/Kathmandu', 'language' => 'ne'];
        $this->put('/school', $settings)->assertSessionHasNoErrors();
        $this->assertSame('Wednesday 2 December, 05:15', app(School::class)->said(now()));
        $this->assertSame(1, SchoolSettings::count());
        foreach (['timezone' => 'Mars/Olympus', 'language' => 'tlh', 'school' => ''] as $field => $wrong) {
            $this->put('/school', [$field => $wrong] + $settings)->assertSessionHasErrors($field);
        }
    }

    private function office(): Teacher
    {
        $teacher = Teacher::factory()->create(['office' => true])->refresh();
        $this->actingAs($teacher, 'teacher');

        return $teacher;
    }
}
