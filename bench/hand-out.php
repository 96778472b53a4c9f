<?php

// Handing out five pages to 150 students, against the bare inserts it needs.

declare(strict_types=1);

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\StoredFile;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Hand', 'email' => 'hand@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'All', 'code' => 'BENCH1']);
    for ($n = 0; $n < 150; $n++) {
        $class->students()->attach(Student::create(['name' => "S {$n}", 'pin' => '0000']));
    }
    $boxes = fn (int $page): array => array_map(
        fn (int $n): AnswerBox => new AnswerBox("p{$page}b{$n}", Frame::of(50, 30 + 30 * $n, 200, 18)),
        range(0, 19),
    );
    $worksheet = WorksheetFactory::new()
        ->for($teacher)
        ->withPagesOf(array_map($boxes, range(1, 5)))
        ->create(['name' => 'Five pages']);
    $plan = new HandoutPlan('Bench', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]);
    $action = app(HandOutWorksheets::class);

    // The rows that any such program must write, with ready-made values and one statement for each.
    $revisions = DB::table('page_revisions')->pluck('id')->all();
    $students = DB::table('students')->pluck('id')->all();
    $bare = fn () => DB::transaction(function () use ($teacher, $worksheet, $class, $revisions, $students): void {
        $handout = DB::table('handouts')->insertGetId([
            'teacher_id' => $teacher->id,
            'title' => 'Bench',
            'directions' => '',
        ]);
        $edition = DB::table('editions')->insertGetId([
            'worksheet_id' => $worksheet->id,
            'name' => 'x',
            'places' => '{}',
            'places_count' => 100,
            'pages_count' => 5,
        ]);
        foreach (array_slice($revisions, 0, 5) as $at => $revision) {
            DB::table('edition_pages')->insert([
                'edition_id' => $edition,
                'position' => $at + 1,
                'page_revision_id' => $revision,
            ]);
        }
        $item = DB::table('handout_items')->insertGetId([
            'handout_id' => $handout,
            'edition_id' => $edition,
            'position' => 1,
            'mode' => 'own_copy',
        ]);
        DB::table('handout_classes')->insert([
            'handout_id' => $handout,
            'school_class_id' => $class->id,
            'whole' => true,
        ]);
        foreach ($students as $student) {
            DB::table('recipients')->insert(['handout_id' => $handout, 'student_id' => $student]);
            DB::table('copies')->insert([
                'handout_item_id' => $item,
                'student_id' => $student,
                'state' => 'not_opened',
            ]);
        }
    });

    $files = StoredFile::count();
    $bare();
    $action($teacher, $plan);
    $baseline = $bench->seconds($bare, 15);
    $ours = $bench->seconds(fn () => $action($teacher, $plan), 15);
    $bench->report(
        'hand-out',
        $ours / $baseline,
        3,
        sprintf('%.0f ms against %.0f ms of bare inserts', $ours * 1000, $baseline * 1000),
    );
    $bench->report(
        'copy-bytes',
        strlen((string) json_encode(Copy::latest('id')->firstOrFail()->getAttributes())) / 1024,
        1,
        StoredFile::count() - $files.' page images written',
    );
};
