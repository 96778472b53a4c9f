<?php

// 50 sheets of printed copies, scanned at 200 dots to the inch, grey, turned by up to 3 degrees, moved and noisy, in
// any order: how many are known for what they are, and how long each takes against drawing it alone.

declare(strict_types=1);

use App\Actions\BringInFile;
use App\Actions\BringInPaper;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Exports\CopiesPdf;
use App\Models\Copy;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\PaperSheet;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use OpenSlate\Handout\Mode;
use Symfony\Component\Process\Process;
use Tests\Support\SheetScanner;

return function (Bench $bench): void {
    config(['queue.default' => 'sync']);
    $teacher = Teacher::create(['name' => 'Scan', 'email' => 'scan@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Scan', 'code' => 'SCAN1']);
    foreach (['A', 'B', 'C'] as $name) {
        $class->students()->attach(Student::create(['name' => $name, 'pin' => 'x']));
    }
    $demo = dirname(__DIR__).'/database/demo/working-harbour-pack.pdf';
    $pack = app(BringInFile::class)($teacher, $demo, 'pack.pdf')->refresh();
    app(HandOutWorksheets::class)(
        $teacher,
        new HandoutPlan('Scan', '', null, null, [[$pack, Mode::OwnCopy]], [$class]),
    );
    $item = HandoutItem::with(['edition.revisions', 'handout'])
        ->latest('id')
        ->firstOrFail();
    mkdir($folder = "{$bench->data}/paper");
    $pdf = app(CopiesPdf::class)->make(
        Export::create([
            'teacher_id' => $teacher->id,
            'handout_item_id' => $item->id,
            'kind' => ExportKind::Copies,
            'state' => ExportState::Waiting,
            'choices' => ['who' => 'all', 'names' => true, 'codes' => true],
            'name' => 'Scan',
        ])->load('item'),
        $folder,
    );
    (new Process(['qpdf', $pdf, '--pages', '.', '1-50', '--', "{$folder}/fifty.pdf"]))->mustRun();
    $scanner = new SheetScanner(50);
    $scans = $scanner->pictures("{$folder}/fifty.pdf");
    $order = array_keys($scans);
    shuffle($order);
    $file = $scanner->pdf(array_map(fn (int $at): string => $scans[$at], $order));
    $read = $bench->seconds(fn () => app(BringInPaper::class)($item, $teacher, $file, 'scan.pdf'), 1);
    $drawn = $bench->seconds(
        fn () => (new Process(['pdftoppm', '-r', '200', $file, "{$folder}/drawn"], timeout: 300))->mustRun(),
        1,
    );
    $copies = Copy::where('handout_item_id', $item->id)->with('student')->get()->sortBy('student.name')->values();
    $pages = $item->edition->revisions->pluck('page_id')->values();
    $known = $wrong = 0;
    foreach (PaperSheet::orderBy('position')->get() as $sheet) {
        $at = $order[$sheet->position - 1];
        $isRight = $sheet->copy_id === $copies[intdiv($at, 20)]?->id && $sheet->page_id === $pages[$at % 20];
        $known += (int) $isRight;
        $wrong += (int) (! $isRight && $sheet->doubt === null);
    }
    $bench->report('paper-known', (50 - $known) / 50, 0.0, "{$known} of 50 sheets known, {$wrong} wrong");
    $bench->report(
        'paper-read',
        $read / $drawn,
        6.0,
        sprintf('%.2f s a sheet, drawing it alone %.2f s', $read / 50, $drawn / 50),
    );
};
