<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\BringInFile;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\JoinClass;
use App\Actions\KeepMoment;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\Kit;
use App\Models\Message;
use App\Models\PaperFile;
use App\Models\PaperSheet;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use Illuminate\Support\Facades\Route as Router;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Format\PageCodec;
use OpenSlate\Handout\Mode;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\PdfMaker;
use Tests\Support\ReadsFilesOnce;
use Tests\TestCase;

/** Whatever is sent to whatever address, it is answered, and never by an error of the program's own. */
final class OddValuesTest extends TestCase
{
    use ReadsFilesOnce;
    use RefreshDatabase;

    /** Every name that some route reads. */
    private const NAMES = [
        'also',
        'answers',
        'at',
        'base',
        'before',
        'board',
        'by',
        'called',
        'code',
        'count',
        'current',
        'degrees',
        'directions',
        'door',
        'draft',
        'due_date',
        'due_time',
        'edit',
        'ends',
        'email',
        'every',
        'everywhere',
        'file',
        'fit',
        'from',
        'have',
        'height',
        'id',
        'ids',
        'in',
        'item',
        'known',
        'language',
        'length',
        'kit',
        'landscape',
        'link',
        'mode',
        'name',
        'on',
        'once',
        'only',
        'options',
        'page',
        'pages',
        'paper',
        'password',
        'pattern',
        'pin',
        'place',
        'places',
        'points',
        'position',
        'range',
        'seen',
        'sheets',
        'show',
        'station',
        'student',
        'students',
        'take',
        'teachers',
        'theme',
        'title',
        'to',
        'unit',
        'unknown',
        'up',
        'which',
        'width',
        'window',
        'with',
        'x',
        'y',
    ];

    /** @return array<string, array{mixed}> */
    public static function values(): array
    {
        return [
            'below nothing' => ['-1'],
            'a number past all numbers' => ['99999999999999999999999999'],
            'a list' => [['x']],
            'lists within lists' => [['a' => ['b' => ['c' => ['d']]]]],
            'a null byte and half a letter' => ["a\0b\xC3"],
            'a long text' => [str_repeat('long ', 600)],
        ];
    }

    #[DataProvider('values')]
    public function test_no_route_breaks_by_it(mixed $value): void
    {
        $parameters = $this->school();
        Exceptions::fake();
        $broken = [];
        $everything = array_fill_keys(self::NAMES, $value);
        foreach ($this->routes() as $route) {
            $method = $route->methods()[0];
            $address =
                '/'.
                (string) preg_replace_callback(
                    '/\{(\w+)(?::\w+)?\??\}/',
                    fn (array $match): string => $parameters[$match[1]] ?? '1',
                    $route->uri(),
                );
            $this->app?->make('auth')->forgetGuards();
            str_starts_with($route->uri(), 'my/')
                ? $this->actingAs(Student::firstOrFail(), 'student')
                : $this->actingAs(Teacher::firstOrFail(), 'teacher');
            $isJson = is_array($value) && $method !== 'GET';
            $response = $isJson
                ? $this->json($method, $address, $everything)
                : $this->call($method, $address, $everything);
            if ($response->getStatusCode() >= 500) {
                $broken[] =
                    "{$method} {$address}: ".
                    mb_substr((string) ($response->baseResponse->exception ?? null)?->getMessage(), 0, 200);
            }
            if ($method === 'DELETE') {
                $parameters = $this->school();
            }
        }

        $this->assertSame([], $broken);
    }

    public function test_odd_numbers_and_names_in_addresses_lead_nowhere(): void
    {
        $this->school();
        foreach ($this->routes() as $route) {
            if (! str_contains($route->uri(), '{')) {
                continue;
            }
            foreach (
                ['0', '-1', '99999999999999999999', '1.5', 'x', '%00', '%C3', "1'--", str_repeat('9', 300)] as $odd
            ) {
                $this->app?->make('auth')->forgetGuards();
                str_starts_with($route->uri(), 'my/')
                    ? $this->actingAs(Student::firstOrFail(), 'student')
                    : $this->actingAs(Teacher::firstOrFail(), 'teacher');
                $address = '/'.(string) preg_replace('/\{(\w+)(?::\w+)?\??\}/', $odd, $route->uri());
                $status = $this->call($route->methods()[0], $address)->getStatusCode();
                $this->assertLessThan(500, $status, $route->methods()[0].' '.$address);
            }
        }
    }

    /**
     * @return array<string, string>  values for the parameters of routes; all is made anew where something was thrown
     *                                away
     */
    private function school(): array
    {
        $teacher = Teacher::first() ?? Teacher::factory()->create(['office' => true]);
        $class = SchoolClass::first() ?? SchoolClass::factory()->of($teacher)->create();
        $student = Student::first() ?? Student::factory()->create();
        app(JoinClass::class)($class, [$student->id]);
        $worksheet = Worksheet::where('name', 'Odd')->first();
        if ($worksheet === null || $worksheet->pages()->count() === 0) {
            $worksheet = app(BringInFile::class)(
                $teacher,
                PdfMaker::file(PdfMaker::make([['words' => 'x']])),
                'odd.pdf',
            )->refresh();
        }
        $page = $worksheet->pages()->firstOrFail();
        $copy = Copy::first();
        if ($copy === null) {
            app(HandOutWorksheets::class)(
                $teacher,
                new HandoutPlan(
                    'T',
                    '',
                    null,
                    null,
                    [[$worksheet, Mode::OwnCopy], [$worksheet, Mode::ReadOnly]],
                    [$class],
                ),
            );
            $copy = Copy::firstOrFail();
        }

        $item = HandoutItem::where('mode', Mode::ReadOnly)->firstOrFail();
        $paper = PaperFile::create(
            ['handout_item_id' => $item->id, 'name' => 'scan.pdf', 'state' => ExportState::Ready],
        );

        return [
            'paper' => (string) $paper->id,
            'sheet' => (string) PaperSheet::create(
                ['paper_file_id' => $paper->id, 'position' => 1, 'sha256' => (string) $page->backdrop?->image],
            )->id,
            'worksheet' => (string) $worksheet->id,
            'number' => '1',
            'page' => (string) $page->id,
            'handout' => (string) $copy->item->handout_id,
            'copy' => (string) $copy->id,
            'kind' => 'csv',
            'moment' => (string) DB::transaction(fn () => app(KeepMoment::class)($copy, MomentKind::Named, 'Now'))->id,
            'message' => (string) Message::create([
                'handout_id' => $copy->item->handout_id,
                'teacher_id' => $copy->item->handout->teacher_id,
                'words' => 'Five minutes left',
            ])->id,
            'item' => (string) $item->id,
            'class' => (string) $class->id,
            'student' => (string) $student->id,
            'source' => (string) $page->backdrop?->source,
            'size' => 'page',
            'what' => 'page',
            'file' => (string) $page->backdrop?->image,
            'recording' => (string) $page->backdrop?->image,
            'made' => (string) $page->backdrop?->image,
            'comment' => (string) Comment::create([
                'copy_id' => $copy->id,
                'words' => '',
                'sound' => (string) $page->backdrop?->image,
            ])->id,
            'export' => (string) Export::create([
                'teacher_id' => $teacher->id,
                'worksheet_id' => $page->worksheet_id,
                'kind' => ExportKind::Paper,
                'choices' => ['pages' => [1]],
                'name' => 'Tides',
                'state' => ExportState::Ready,
                'sha256' => $page->backdrop?->image,
            ])->id,
            'kit' => (string) (
                Kit::first() ??
                Kit::create([
                    'teacher_id' => $teacher->id,
                    'name' => 'Boats',
                    'content' => PageCodec::encode($page->current->page()),
                ])
            )->id,
            'unit' => (string) (
                $teacher->units()->first() ?? $teacher->units()->create(['name' => 'Harbour', 'position' => 1])
            )->id,
        ];
    }

    /** @return list<Route> */
    private function routes(): array
    {
        return array_values(
            array_filter(
                iterator_to_array(Router::getRoutes()),
                fn (Route $route): bool => $route->uri() !== 'up' && $route->getName() !== 'sign-out',
            ),
        );
    }
}
