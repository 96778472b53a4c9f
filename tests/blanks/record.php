<?php

declare(strict_types=1);

/*
 * Writes tests/blanks/recorded: the pages of the PDFs here and of the demo as the program reads them, and what is found
 * on them and asked there; and some of them scanned. Those that are held back are not among them. To be run when the
 * sheets or the reading of PDFs have changed (php tests/blanks/record.php), after Reference\BlanksTest is green; what
 * has changed in the files is looked at before it is kept.
 */

use App\Documents\Pdf\PageMarks;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use Illuminate\Contracts\Console\Kernel;
use OpenSlate\Blanks\Bitmap;
use OpenSlate\Blanks\BlankFinder;
use Symfony\Component\Process\Process;
use Tests\Support\RecordedPage;
use Tests\Support\Scanner;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$json = fn (array $what): string => json_encode(
    $what,
    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
);

// The photo in the demo is no sheet of vectors; scans are below.
$sheets = array_merge(...array_map(
    fn (string $folder): array => glob("{$folder}/*.pdf") ?: [],
    [__DIR__, __DIR__.'/classes', __DIR__.'/../../database/demo'],
));
foreach (preg_grep('/photo|held/', $sheets, PREG_GREP_INVERT) ?: [] as $path) {
    $pages = app(PdfReader::class)->pages($path);
    $numbers = range(1, count($pages));
    $recorded = [];
    $texts = app(PageTexts::class)->read($path, $pages);
    foreach (app(PageMarks::class)->read($path, $pages, $texts, $numbers) as $marks) {
        $recorded[] = RecordedPage::encode($marks);
    }
    foreach ($recorded as $at => $page) {
        // As the tests will have it: what is written is rounded.
        $marks = RecordedPage::decode(json_decode($json($page), true));
        $recorded[$at]['blanks'] = array_map(RecordedPage::said(...), BlankFinder::find($marks));
        $recorded[$at]['asked'] = RecordedPage::asked($marks);
    }
    file_put_contents(
        __DIR__.'/recorded/'.basename($path, '.pdf').'.json',
        "[\n".implode(",\n", array_map($json, $recorded))."\n]\n",
    );
}

$scans = ['lines' => [1, 3], 'tables' => [1, -3], 'boxes' => [2, 5], 'decoys' => [3, 2]];
foreach ($scans as $name => [$number, $steps]) {
    $scan = Scanner::scan(__DIR__."/{$name}.pdf", $number, $steps, $number);
    $process = new Process(['pdftoppm', '-gray', '-r', '100', $scan]);
    preg_match('/^P5\s+(\d+)\s+(\d+)\s+\d+\s/', $process->mustRun()->getOutput(), $head);
    [$width, $height] = [(int) $head[1], (int) $head[2]];
    $bitmap = Bitmap::of(substr($process->getOutput(), strlen($head[0])), $width, $height, 0.72);
    $image = imagecreate($width, $height) ?: throw new RuntimeException('No picture could be made.');
    $ink = [imagecolorallocate($image, 255, 255, 255), imagecolorallocate($image, 0, 0, 0)];
    foreach ($bitmap->rows as $y => $row) {
        for ($x = 0; $x < $width; $x++) {
            imagesetpixel($image, $x, $y, (int) $ink[(int) $row[$x]]);
        }
    }
    imagepng($image, __DIR__."/recorded/scans/{$name}.png", 9);
    $said = RecordedPage::seen(RecordedPage::scan($name)) + ['askew' => Scanner::degrees($steps)];
    file_put_contents(__DIR__."/recorded/scans/{$name}.json", $json($said)."\n");
}

// Pages as they were drawn, in grey; what a scanner would make of them is made anew for each test.
foreach (RecordedPage::SCANNED as $name => [$set, $number]) {
    (new Process([
        'pdftoppm',
        '-gray',
        '-r',
        '200',
        '-f',
        (string) $number,
        '-singlefile',
        '-png',
        __DIR__."/classes/{$set}.pdf",
        __DIR__."/recorded/scans/{$name}",
    ]))->mustRun();
    $said = RecordedPage::seen(RecordedPage::scanned($name));
    file_put_contents(__DIR__."/recorded/scans/{$name}.json", $json($said)."\n");
}
