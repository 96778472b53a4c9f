<?php

// 26 filled copies of five printed pages as one PDF, against the run of a browser over the same pages that it takes;
// and a worksheet of 20 pages with form fields, against the same.

declare(strict_types=1);

use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\CutPageSet;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Documents\FileStore;
use App\Documents\Printing\Browser;
use App\Exports\CopiesPdf;
use App\Exports\WorksheetPdf;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Work;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use Symfony\Component\Process\Process;

return function (Bench $bench): void {
    config(['queue.default' => 'sync']);
    $teacher = Teacher::create(['name' => 'Leaf', 'email' => 'leaf@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Leaf', 'code' => 'LEAF1']);
    for ($n = 0; $n < 26; $n++) {
        $class->students()->attach(Student::create(['name' => "S {$n}", 'pin' => 'x']));
    }
    $demo = dirname(__DIR__).'/database/demo/working-harbour-pack.pdf';
    $pack = app(BringInFile::class)($teacher, $demo, 'pack.pdf')->refresh();
    $set = app(CutPageSet::class)($pack, [6, 7, 8, 9, 10], 'Five');
    foreach ($set->pages as $page) {
        app(ApplyEdit::class)(
            $page,
            $page->revision,
            new Place(
                array_map(fn (int $n): AnswerBox => new AnswerBox("a{$n}", Frame::of(100, 600 + 24 * $n, 300, 18)), [
                    0,
                    1,
                    2,
                ]),
            ),
        );
    }
    app(HandOutWorksheets::class)(
        $teacher,
        new HandoutPlan('Leaf', '', null, null, [[$set->refresh(), Mode::OwnCopy]], [$class]),
    );
    foreach (Copy::all() as $copy) {
        $answers = [];
        foreach (range(1, 5) as $page) {
            foreach ([0, 1, 2] as $n) {
                $answers["{$page}.a{$n}"] = "what {$copy->id} says of {$page} and {$n}";
            }
        }
        $copy->fill(['work' => Work::none()->save(new Draft(0, 'bench', $answers))->work->toJson()])->save();
    }
    $asked = fn (array $of): Export => Export::create(
        $of + [
            'teacher_id' => $teacher->id,
            'state' => ExportState::Waiting,
            'name' => 'Leaf',
        ],
    );
    // Each in a folder of its own, where what the browser was given still lies afterwards.
    $measure = fn (callable $make, string $html): array => app(FileStore::class)->inWorkFolder(function (
        string $folder,
    ) use ($bench, $make, $html): array {
        $runs = 0;
        $whole = $bench->seconds(function () use ($make, $folder, &$runs): void {
            mkdir("{$folder}/".++$runs);
            $make("{$folder}/{$runs}");
        }, 3);
        $alone = $bench->seconds(fn (): string => app(Browser::class)->print("{$folder}/1/{$html}", "{$folder}/1"), 3);

        return [$whole, $alone];
    });
    [$whole, $alone] = $measure(
        fn (string $folder): string => app(CopiesPdf::class)->make(
            $asked([
                'handout_item_id' => HandoutItem::query()->sole()->id,
                'kind' => ExportKind::Copies,
                'choices' => ['who' => 'all', 'marks' => true],
            ])->load('item'),
            $folder,
        ),
        'run-0/pages.html',
    );
    $bench->report(
        'leaving-copies',
        $whole / $alone,
        1.5,
        sprintf('%.2f s for 26 copies of 5 pages, the browser alone %.2f s', $whole, $alone),
    );
    [$whole, $alone] = $measure(
        fn (string $folder): string => app(WorksheetPdf::class)->make(
            $asked([
                'worksheet_id' => $pack->id,
                'kind' => ExportKind::Form,
                'choices' => ['pages' => range(1, 20)],
            ])->load('worksheet'),
            $folder,
        ),
        'pages.html',
    );
    $joined = $bench->seconds(
        fn () => (new Process([
            'qpdf',
            '--empty',
            '--pages',
            $demo,
            '1-20',
            '--',
            "{$bench->data}/joined.pdf",
        ]))->mustRun(),
    );
    $bench->report(
        'leaving-form',
        $whole / $alone,
        2,
        sprintf('%.2f s for 20 pages, the browser alone %.2f s, qpdf --pages %.3f s', $whole, $alone, $joined),
    );
};
