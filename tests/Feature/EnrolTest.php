<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Tests\TestCase;

/** Students come into a class by their names, as many as are pasted. */
final class EnrolTest extends TestCase
{
    use RefreshDatabase;

    public function test_pasted_names_are_students_each_with_a_pin_and_what_the_class_was_given(): void
    {
        [$teacher, $class] = $this->class();
        app(HandOutWorksheets::class)(
            $teacher,
            new HandoutPlan(
                'Tides',
                '',
                null,
                null,
                [
                    [
                        Worksheet::factory()
                            ->for($teacher)
                            ->withPages(new AnswerBox('b', Frame::of(10, 10, 90, 20)))
                            ->create(),
                        Mode::OwnCopy,
                    ],
                ],
                [$class],
            ),
        );
        $page = $this->post("/classes/{$class->id}/students", [
            'names' => "  Ada Brine \r\n\r\nBo O’Keel\n\tČenda Malý\n",
        ]);
        $page->assertRedirect("/classes/{$class->id}");
        $names = ['Ada Brine', 'Bo O’Keel', 'Čenda Malý'];
        $this->assertEqualsCanonicalizing($names, $class->students()->pluck('name')->all());
        $pins = session('pins');
        $this->assertSame($names, array_column($pins, 'name'));
        foreach ($class->students as $student) {
            $this->assertSame(1, $student->handouts()->count());
        }
        $shown = $this->get("/classes/{$class->id}")->assertSee('on the sign-in slips');
        foreach (array_column($pins, 'pin') as $pin) {
            $this->assertMatchesRegularExpression('/^\d{4}$/', $pin);
            $shown->assertSee("<code>{$pin}</code>", false);
        }
        $this->get("/classes/{$class->id}")->assertDontSee('on the sign-in slips');
    }

    public function test_names_are_taken_as_lists_and_spreadsheets_have_them(): void
    {
        [, $class] = $this->class();
        $this->post("/classes/{$class->id}/students", [
            'names' => "Surname\tFirst name\nPenrose\tNia\nHale\tTom",
        ])->assertSessionHasNoErrors();
        $this->post("/classes/{$class->id}/students", ['names' => "1. Brine, Ada\n2. Shaw, Viggo"]);
        $this->assertSame(
            ['Nia Penrose', 'Tom Hale', 'Ada Brine', 'Viggo Shaw'],
            Student::query()->orderBy('id')->pluck('name')->all(),
        );
    }

    public function test_a_list_leaves_as_csv_and_is_read_again_as_the_same_class(): void
    {
        $teacher = Teacher::factory()->create();
        $this->actingAs($teacher, 'teacher');
        $class = SchoolClass::factory()
            ->of($teacher)
            ->create(['name' => '6 "Tern", sea']);
        foreach (['Zoë Quill', '=SUM(1)', 'Ada, Brine'] as $name) {
            $class->students()->attach(Student::factory()->create(['name' => $name]));
        }
        $csv = $this->get(route('classes.list.file', $class))
            ->assertOk()
            ->assertHeader('cache-control', 'no-store, private');
        $this->assertSame(
            "\u{feff}Name,Class\r\n'=SUM(1),\"6 \"\"Tern\"\", sea\"\r\n".
                "\"Ada, Brine\",\"6 \"\"Tern\"\", sea\"\r\nZoë Quill,\"6 \"\"Tern\"\", sea\"\r\n",
            $csv->getContent(),
        );
        $this->post('/classes/list', [
            'file' => UploadedFile::fake()->createWithContent('list.csv', (string) $csv->getContent()),
        ])
            ->assertOk()
            ->assertDontSee('new class');
    }

    public function test_a_list_is_looked_at_first_and_made_when_it_is_agreed_to_and_again_without_doubles(): void
    {
        [, $class] = $this->class();
        $class->students()->attach(Student::factory()->create(['name' => 'Nia Penrose']));
        $class->students()->attach(Student::factory()->create(['name' => 'Stays Here']));
        $csv =
            "First,Last,Class\nNia,Penrose,{$class->name}\nTom,Hale,{$class->name}\n".
            "Ada,Brine,New Class\nAda,Brine,New Class\n";
        $file = fn () => UploadedFile::fake()->createWithContent('list.csv', $csv);
        $html = (string) $this->post('/classes/list', ['file' => $file()])
            ->assertOk()
            ->assertSee('2 students to come, and 1 new class: New Class.')
            ->assertSee('left as they are: Stays Here.')
            ->assertSee('there already')
            ->assertSee('This name is in the list before. Are they two? Left out.')
            ->getContent();
        $this->assertSame([1, 2], [SchoolClass::count(), Student::count()]);

        preg_match('#<textarea name="list"[^>]*>(.*?)</textarea>#s', $html, $list);
        $this->post('/classes/list/keep', ['list' => html_entity_decode($list[1]), 'into' => ''])
            ->assertRedirect('/classes')
            ->assertSessionHas("listed.{$class->name}.0.name", 'Tom Hale')
            ->assertSessionHas('listed.New Class.0.pin', fn (string $pin): bool => preg_match('/^\d{4}$/', $pin) === 1);
        $this->assertSame([2, 4], [SchoolClass::count(), Student::count()]);
        $this->post('/classes/list', ['file' => $file()])->assertSee('Nobody in it is to come.');
        $this->post('/classes/list/keep', ['list' => html_entity_decode($list[1])]);
        $this->assertSame([2, 4], [SchoolClass::count(), Student::count()]);
    }

    public function test_a_list_without_classes_asks_for_one_and_what_is_none_is_refused(): void
    {
        [, $class] = $this->class();
        $this->post('/classes/list', ['list' => "Nia Penrose\nTom Hale"])->assertSessionHasErrors('into');
        $this->post('/classes/list', ['list' => "Nia Penrose\nTom Hale", 'into' => $class->name])
            ->assertOk()
            ->assertSee('2 students to come.');
        foreach ([[], ['list' => ['x']], ['list' => str_repeat('x', 700000)], ['file' => 'no file']] as $sent) {
            $this->post('/classes/list', $sent)->assertSessionHasErrors('file');
        }
        $picture = UploadedFile::fake()->createWithContent('list.csv', "\x89PNG\x00\x01");
        $this->post('/classes/list', ['file' => $picture])->assertSessionHasErrors('file');
        $this->post('/classes/list/keep', [
            'list' => implode("\n", array_map(fn (int $n): string => "Ada Brine{$n}", range(1, 3001))),
            'into' => 'Huge',
        ])->assertSessionHasErrors('file');
        $this->assertSame(0, Student::count());
    }

    public function test_all_of_them_or_none(): void
    {
        [, $class] = $this->class();
        foreach (
            [
                '',
                " \n \n",
                "Ada\n".str_repeat('x', 81),
                implode("\n", array_map(fn (int $n): string => "Student {$n}", range(1, 61))),
            ] as $names
        ) {
            $this->post("/classes/{$class->id}/students", ['names' => $names])->assertSessionHasErrors('names');
        }
        $this->assertSame(0, Student::count());
    }

    /** @return array{Teacher, SchoolClass} */
    private function class(): array
    {
        $teacher = Teacher::factory()->create();
        $this->actingAs($teacher, 'teacher');

        return [$teacher, SchoolClass::factory()->of($teacher)->create()];
    }
}
