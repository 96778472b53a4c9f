<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetState;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use OpenSlate\Copies\CopyState;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

final class DemoTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    public function test_the_demo_school_is_whole_and_is_loaded_once(): void
    {
        $this->seed(DemoSeeder::class);
        $this->seed(DemoSeeder::class);

        $this->assertSame(
            ['6 Curlew' => 26, '6 Heron' => 24],
            SchoolClass::withCount('students')->orderBy('name')->pluck('students_count', 'name')->all(),
        );
        $this->assertSame(
            [20, 6, 6, 4, 1, 1, 1],
            Worksheet::whereNull('master_id')->orderByDesc('pages_total')->pluck('pages_total')->all(),
        );
        $this->assertSame(0, Worksheet::where('state', '!=', WorksheetState::Ready)->count());
        foreach (CopyState::cases() as $state) {
            $this->assertGreaterThan(2, Copy::where('state', $state)->count(), $state->value);
        }
        $this->assertTrue(
            Auth::guard('teacher')->attempt([
                'email' => 'marlow@saltmarsh.example',
                'password' => DemoSeeder::PASSWORD,
            ]),
        );
        $this->assertSame(2, Teacher::count());
    }

    public function test_every_worksheet_of_the_demo_can_be_opened(): void
    {
        $this->seed(DemoSeeder::class);
        foreach (Worksheet::with('teacher')->get() as $worksheet) {
            foreach (['', '/boxes', '/parts', '/key'] as $station) {
                $this->actingAs($worksheet->teacher, 'teacher')
                    ->get("/worksheets/{$worksheet->id}{$station}")
                    ->assertOk();
            }
        }
    }
}
