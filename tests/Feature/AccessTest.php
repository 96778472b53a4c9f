<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\KeepMoment;
use App\Actions\OfferLighter;
use App\Actions\PutOnClassShelf;
use App\Actions\TakeCopy;
use App\Actions\TryHandout;
use App\Documents\Recordings;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\ExportState;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\Kit;
use App\Models\Message;
use App\Models\PaperFile;
use App\Models\PaperSheet;
use App\Models\Pass;
use App\Models\PassKind;
use App\Models\SchoolClass;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\TeacherFile;
use App\Models\TeamSet;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Router;
use Illuminate\Testing\TestResponse;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Format\PageCodec;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Page\PageFile;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\Support\Recorded;
use Tests\TestCase;

/** Walks every route there is as somebody it is not for, and expects to be refused. */
final class AccessTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    /** Doors: open to whoever comes. */
    private const OPEN = [
        'home',
        'who',
        'sign-in',
        'class.code',
        'class.names',
        'class.enter',
        'families.show',
        'families.feed',
        'sign-in.code',
        'welcome',
        'pass',
        'pass.enter',
        'pass.over',
        'welcome.choose',
        'welcome.open',
        null,
    ];

    /** Rooms that show everyone only what is their own: for any teacher, or any student, and nobody else. */
    private const OWN = [
        'shelf' => 'teacher',
        'shelf.find' => 'teacher',
        'chosen.unit' => 'teacher',
        'chosen.bin' => 'teacher',
        'chosen.put-back' => 'teacher',
        'chosen.hand-out' => 'teacher',
        'chosen.board' => 'teacher',
        'chosen.package' => 'teacher',
        'packages' => 'teacher',
        'packages.store' => 'teacher',
        'worksheets.store' => 'teacher',
        'worksheets.blank' => 'teacher',
        'handouts.index' => 'teacher',
        'marking.phrases' => 'teacher',
        'classes.index' => 'teacher',
        'classes.store' => 'teacher',
        'classes.list' => 'teacher',
        'classes.list.store' => 'teacher',
        'bin.index' => 'teacher',
        'units.store' => 'teacher',
        'colleagues.index' => 'teacher',
        'account' => 'teacher',
        'account.name' => 'teacher',
        'account.password' => 'teacher',
        'account.everywhere' => 'teacher',
        'account.second.offer' => 'teacher',
        'account.second.on' => 'teacher',
        'account.second.off' => 'teacher',
        'trial.day' => 'teacher',
        'day' => 'student',
        'taking' => 'student',
        'lead' => 'student',
        'sign-out' => 'both',
    ];

    private Teacher $teacher;

    private Student $student;

    /** @var array<string, string> values for the parameters in routes */
    private array $parameters;

    /** @var array<string, string> the same, of a copy that is tried */
    private array $trial;

    /** @var array<string, string> the same, of what was taken from the shelf of the class */
    private array $shelf;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = Teacher::factory()
            ->create(['office' => true])
            ->refresh();
        $class = SchoolClass::factory()->of($this->teacher)->create();
        $this->student = Student::factory()->create()->refresh();
        $class->students()->attach($this->student);
        $leaver = Student::factory()->create();
        $class->everyone()->attach($leaver, ['left_at' => now()]);
        $colleague = Teacher::factory()->create();
        $class->teachers()->attach($colleague);
        $worksheet = app(BringInFile::class)(
            $this->teacher,
            PdfMaker::file(PdfMaker::make([['words' => 'x']])),
            'x.pdf',
        )->refresh();
        $page = $worksheet->pages()->sole();
        $original = $worksheet->original()->sole();
        $original->update(['made_from' => $original->sha256, 'choices' => ['changes' => false, 'comments' => false]]);
        $picture = $this->picture($page);
        $recording = $this->recording($page);
        $handout = app(HandOutWorksheets::class)(
            $this->teacher,
            new HandoutPlan('T', '', null, null, [[$worksheet, Mode::OwnCopy], [$worksheet, Mode::ReadOnly]], [$class]),
        );
        $copy = Copy::sole();
        $guest = Student::factory()->create(['guest' => true]);
        $handout->recipients()->attach($guest);
        $pass = Pass::create([
            'handout_id' => $handout->id,
            'kind' => PassKind::Open,
            'code' => 'TIDEPASS',
            'ends_at' => now()->addDay(),
        ]);
        $trial = app(TryHandout::class)($this->teacher, $handout, $this->student)
            ->items()
            ->where('mode', Mode::OwnCopy)
            ->sole()
            ->copies()
            ->sole();
        $others = Worksheet::factory(2)
            ->withPages()
            ->create(['teacher_id' => $this->teacher->id]);
        app(PutOnClassShelf::class)($this->teacher, $class, array_values($others->all()));
        [$shelved, $goes] = HandoutItem::where('mode', Mode::OnRequest)->get()->all();
        $taken = app(TakeCopy::class)($shelved, $this->student);
        $this->shelf = ['item' => (string) $shelved->id, 'copy' => (string) $taken->id, 'goes' => (string) $goes->id];
        $this->trial = ['copy' => (string) $trial->id, 'item' => (string) $trial->handout_item_id];
        $readOnly = HandoutItem::where(['mode' => Mode::ReadOnly, 'handout_id' => $handout->id])->sole();
        $paper = PaperFile::create(
            ['handout_item_id' => $readOnly->id, 'name' => 'scan.pdf', 'state' => ExportState::Ready],
        );
        $sheet = PaperSheet::create(
            ['paper_file_id' => $paper->id, 'position' => 1, 'sha256' => $picture, 'taken_at' => now()],
        );
        $this->parameters = [
            'paper' => (string) $paper->id,
            'sheet' => (string) $sheet->id,
            'worksheet' => (string) $worksheet->id,
            'original' => (string) $original->id,
            'number' => '1',
            'page' => (string) $page->id,
            'handout' => (string) $handout->id,
            'copy' => (string) $copy->id,
            'kind' => 'csv',
            'moment' => (string) DB::transaction(fn () => app(KeepMoment::class)($copy, MomentKind::Named, 'Now'))->id,
            'message' => (string) Message::create([
                'handout_id' => $copy->item->handout_id,
                'teacher_id' => $copy->item->handout->teacher_id,
                'words' => 'Five minutes left',
            ])->id,
            'item' => (string) $readOnly->id,
            'class' => (string) $class->id,
            'student' => (string) $this->student->id,
            'leaver' => (string) $leaver->id,
            'teacher' => (string) $colleague->id,
            'teamSet' => (string) TeamSet::create(['school_class_id' => $class->id, 'name' => 'Boats'])->id,
            'token' => 'no-such-link',
            'code' => 'NOSUCHPASS',
            'guest' => (string) $guest->id,
            'pass' => (string) $pass->id,
            'source' => (string) $page->backdrop?->source,
            'size' => 'page',
            'what' => 'page',
            'file' => $picture,
            'recording' => $recording,
            'made' => app(OfferLighter::class)($page->refresh())[0]->made->sha256,
            'comment' => (string) Comment::create([
                'copy_id' => $copy->id,
                'words' => '',
                'sound' => $picture,
            ])->id,
            'export' => (string) Export::create([
                'teacher_id' => $this->teacher->id,
                'worksheet_id' => $page->worksheet_id,
                'kind' => ExportKind::Paper,
                'choices' => ['pages' => [1]],
                'name' => 'Tides',
                'state' => ExportState::Ready,
                'sha256' => $picture,
            ])->id,
            'kit' => (string) Kit::create([
                'teacher_id' => $this->teacher->id,
                'name' => 'Boats',
                'content' => PageCodec::encode($page->current->page()),
            ])->id,
            'unit' => (string) $this->teacher->units()->create(['name' => 'Harbour', 'position' => 1])->id,
        ];
    }

    public function test_a_students_copy_is_no_trial_and_a_trial_is_no_students_copy(): void
    {
        $this->actingAs($this->teacher, 'teacher');
        $this->get("/try/{$this->parameters['copy']}")->assertForbidden();
        $this->get("/try/sheets/{$this->parameters['item']}/1/page")->assertForbidden();
        $this->delete("/try/{$this->parameters['copy']}")->assertForbidden();
        $this->actingAs($this->student, 'student');
        $this->get("/my/copies/{$this->trial['copy']}")->assertForbidden();
        $this->get("/my/sheets/{$this->trial['item']}/1/page")->assertForbidden();
    }

    public function test_every_route_refuses_guests_other_teachers_and_other_students(): void
    {
        $someone = [
            'guest' => null,
            'teacher' => Teacher::factory()->create(),
            'student' => Student::factory()->create(),
        ];
        $walked = 0;
        foreach ($this->routes() as $route) {
            foreach ($someone as $who => $person) {
                $own = self::OWN[$route->getName()] ?? null;
                if ($person !== null && ($own === $who || $own === 'both')) {
                    continue;
                }
                $this->app?->make('auth')->forgetGuards();
                $person && $this->actingAs($person, $who);
                $this->assertRefused($this->ask($route), "{$who} at {$route->methods()[0]} {$route->uri()}");
                $walked++;
            }
        }
        $this->assertGreaterThan(60, $walked);
    }

    public function test_the_same_walk_lets_the_rightful_ones_in(): void
    {
        foreach ($this->routes() as $route) {
            $this->app?->make('auth')->forgetGuards();
            str_starts_with($route->uri(), 'my/')
                ? $this->actingAs($this->student, 'student')
                : $this->actingAs($this->teacher, 'teacher');
            $response = $this->ask($route);
            // What is sent without content may be sent back, but not away.
            $this->assertTrue(
                $route->methods()[0] === 'GET'
                    ? $response->isSuccessful() || $route->getName() === 'lead' // it leads to their copy
                    : ! in_array($response->getStatusCode(), [401, 403, 404, 405, 500], true),
                "{$route->uri()} was answered {$response->getStatusCode()}",
            );
            $this->assertDoesNotMatchRegularExpression(
                '/<x-|{{/',
                (string) $response->getContent(),
                "{$route->uri()} sends what should have been drawn",
            );
        }
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($this->student, 'student')->get($this->address('my/sheets/{item}/1/thumbnail'))->assertOk();
    }

    public function test_a_student_of_the_class_sees_no_copy_but_their_own(): void
    {
        $neighbour = Student::factory()->create();
        SchoolClass::sole()->students()->attach($neighbour);
        $this->actingAs($neighbour, 'student')
            ->get("/my/copies/{$this->parameters['copy']}")
            ->assertForbidden();
    }

    public function test_nobody_has_anything_of_a_handout_before_its_time_or_after_it_was_taken_back(): void
    {
        $handout = Handout::findOrFail((int) $this->parameters['handout']);
        $items = fn () => $handout->items()->toBase();
        $recipients = fn () => DB::table('recipients')->where('handout_id', $handout->id);
        $ways = [
            'not out yet' => [
                fn () => $recipients()->update(['out_at' => now()->addMinute()]),
                fn () => $this->travel(2)->minutes(),
            ],
            'only prepared' => [
                fn () => $recipients()->update(['out_at' => null]),
                fn () => $recipients()->update(['out_at' => now()]),
            ],
            'taken back from the student' => [
                fn () => $recipients()->update(['withdrawn_at' => now()]),
                fn () => $recipients()->update(['withdrawn_at' => null]),
            ],
            'taken back, each item' => [
                fn () => $items()->update(['withdrawn_at' => now()]),
                fn () => $items()->update(['withdrawn_at' => null]),
            ],
            'put away' => [
                fn () => $handout->update(['put_away_at' => now()]),
                fn () => $handout->update(['put_away_at' => null]),
            ],
        ];
        $routes = array_filter(
            $this->routes(),
            fn (Route $route): bool => preg_match(
                '#^(my/(copies|sheets|items|read)|pictures|recordings)#',
                $route->uri(),
            ) === 1 && preg_match('#take-back|hand-in|throw-away|put-back#', $route->uri()) === 0,
        );
        $this->assertGreaterThan(4, count($routes));
        foreach ($ways as $way => [$take, $give]) {
            $take();
            $this->app?->make('auth')->forgetGuards();
            $this->actingAs($this->student, 'student');
            foreach ($routes as $route) {
                $this->assertRefused($this->ask($route), "{$way}: {$route->uri()}");
            }
            foreach (['hand-in', 'take-back'] as $move) {
                $this->post($this->address("my/copies/{copy}/{$move}"))->assertForbidden();
            }
            $this->get('/my/day')->assertOk()->assertSee('Nothing is set for you');
            $give();
            foreach ($routes as $route) {
                $status = $this->ask($route)->getStatusCode();
                $this->assertNotContains($status, [401, 403, 404], "{$way}: {$route->uri()}");
            }
        }
    }

    public function test_a_students_pin_is_only_changed_through_their_own_class(): void
    {
        $elsewhere = SchoolClass::factory()->of($this->teacher)->create();
        $this->actingAs($this->teacher, 'teacher')
            ->post("/classes/{$elsewhere->id}/students/{$this->student->id}/pin")
            ->assertNotFound();
    }

    public function test_nothing_is_changed_without_the_token_of_the_session(): void
    {
        // The framework asks for no token while it is tested; here it must.
        $this->app?->detectEnvironment(fn (): string => 'local');
        $asked = 0;
        foreach ($this->routes(true) as $route) {
            $method = $route->methods()[0];
            if ($method !== 'GET') {
                $this->actingAs($this->teacher, 'teacher')
                    ->call($method, $this->address($route->uri()))
                    ->assertStatus(419);
                $asked++;
            }
        }
        $this->assertGreaterThan(40, $asked);
    }

    public function test_answers_tell_the_browser_how_little_it_may_do(): void
    {
        foreach (['/', '/sign-in', '/shelf', '/nowhere', $this->address('backdrops/{source}/1/page')] as $url) {
            $response = $this->actingAs($this->teacher, 'teacher')->get($url);
            $policy = (string) $response->headers->get('Content-Security-Policy');
            $this->assertStringContainsString("default-src 'none'", $policy, $url);
            $this->assertMatchesRegularExpression("/script-src 'self'(;|$)/", $policy);
            $this->assertStringNotContainsString('unsafe-eval', $policy);
            $response->assertHeader('X-Content-Type-Options', 'nosniff');
        }
    }

    public function test_pictures_are_kept_by_the_browser_but_not_by_anyone_between(): void
    {
        $response = $this->actingAs($this->teacher, 'teacher')
            ->get($this->address('backdrops/{source}/1/page'))
            ->assertOk();

        $this->assertSame('image/jpeg', $response->headers->get('Content-Type'));
        foreach (['private', 'immutable', 'max-age=31536000'] as $word) {
            $this->assertStringContainsString($word, (string) $response->headers->get('Cache-Control'));
        }
        $this->get($this->address('backdrops/{source}/1/page'), [
            'If-None-Match' => (string) $response->headers->get('ETag'),
        ])->assertStatus(304);
        $this->get($this->address('backdrops/{source}/2/page'))->assertNotFound();
    }

    /** A picture that lies on the page. */
    private function picture(WorksheetPage $page): string
    {
        $file = StoredFile::where('media_type', 'image/jpeg')->firstOrFail();
        TeacherFile::give($this->teacher->id, new PageFile($file->sha256));
        $picture = new Picture('i', Frame::of(10, 10, 50, 50), $file->sha256);
        app(ApplyEdit::class)($page, $page->revision, new Place([$picture]));

        return $file->sha256;
    }

    /** A recording that lies on the page. */
    private function recording(WorksheetPage $page): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'recording');
        file_put_contents($path, Recorded::wave(0.2));
        $file = app(Recordings::class)->take($path, heard: true)->file;
        TeacherFile::give($this->teacher->id, new PageFile($file->sha256));
        $page->refresh();
        app(
            ApplyEdit::class,
        )($page, $page->revision, new Place([new Recording('v', Frame::of(10, 80, 200, 34), $file->sha256)]));

        return $file->sha256;
    }

    /** @return list<Route> */
    private function routes(bool $open = false): array
    {
        return array_values(
            array_filter(
                iterator_to_array(Router::getRoutes()),
                fn (Route $route): bool => ($open && $route->getName() !== null) ||
                    ! in_array($route->getName(), self::OPEN, true),
            ),
        );
    }

    /** @return TestResponse<Response> */
    private function ask(Route $route): TestResponse
    {
        return $this->call($route->methods()[0], $this->address($route->uri()));
    }

    private function address(string $uri): string
    {
        // In the address of a picture "page" is the number of the page, not its key.
        $parameters =
            ['page' => str_starts_with($uri, 'backdrops/') ? '1' : $this->parameters['page']] +
            (str_starts_with($uri, 'try/') ? $this->trial : []) +
            (str_starts_with($uri, 'classes/{class}/shelf') ? ['item' => $this->shelf['goes']] : []) +
            (preg_match('#shelf/\{item\}|throw-away|put-back#', $uri) === 1 ? $this->shelf : []) +
            $this->parameters;

        return '/'.
            (string) preg_replace_callback(
                '/\{(\w+)(?::\w+)?\??\}/',
                fn (array $match): string => $parameters[$match[1]],
                $uri,
            );
    }

    /** @param  TestResponse<Response>  $response */
    private function assertRefused(TestResponse $response, string $what): void
    {
        $away = in_array($response->headers->get('Location'), [route('sign-in'), route('class.code')], true);
        $this->assertTrue(
            in_array($response->getStatusCode(), [401, 403, 404], true) || $away,
            "{$what} was answered {$response->getStatusCode()}",
        );
    }
}
