<?php

declare(strict_types=1);

/*
 * Writes tests/packs/recorded: the words of the packs here as the program reads them, and what is made of them. To be
 * run when the packs or the reading of PDFs have changed (php tests/packs/record.php), after Reference\PacksTest is
 * green; what has changed in the files is looked at before it is kept. With "scans" it writes recorded/scanned, of the
 * same packs printed and scanned: to be run when the reading of scans has changed (half an hour). Names of packs behind
 * it record these alone.
 */

use App\Documents\PackReader;
use App\Documents\Sources;
use Illuminate\Contracts\Console\Kernel;
use OpenSlate\Packs\PackReading;
use OpenSlate\Text\PageText;
use Tests\Support\RecordedPack;
use Tests\Support\SheetScanner;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$json = fn (mixed $what): string => json_encode(
    $what,
    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
);
$isScanned = ($argv[1] ?? '') === 'scans';
$only = array_slice($argv, $isScanned ? 2 : 1);
foreach (glob(__DIR__.'/*.pdf') ?: [] as $path) {
    $name = basename($path, '.pdf');
    if ($only !== [] && ! in_array($name, $only, true)) {
        continue;
    }
    if ($isScanned) {
        $scanner = new SheetScanner(4);
        $path = $scanner->pdf($scanner->pictures($path, 0.4, 6, 8));
    }
    $source = app(Sources::class)->of($path);
    $pages = $source->pages($path);
    $texts = $source->texts($path, $pages);
    if ($isScanned) {
        $texts = array_map(function (PageText $text) use ($source, $path, $pages): PageText {
            $marks = $source->marks($path, $pages, [$text->number])[$text->number];
            $lines = $source->seen($path, $pages, $text->number, 'en', $marks);

            return $lines === [] ? $text : $text->withRead($lines);
        }, $texts);
    }
    $blanks = [];
    PackReading::of($texts, function (array $open) use ($path, $pages, &$blanks): array {
        return $blanks = app(PackReader::class)->blanks($path, $pages, $open);
    });
    $texts = array_map(
        fn ($text) => isset($blanks[$text->number]) ? $text->withBlanks($blanks[$text->number]) : $text,
        $texts,
    );
    $pages = implode(",\n", array_map(fn ($text): string => $json(RecordedPack::encode($text)), $texts));
    $write = fn (mixed $reading) => file_put_contents(
        RecordedPack::file($name, $isScanned),
        "{\"pages\": [\n{$pages}\n],\n\"reading\": {$json($reading)}}\n",
    );
    $write([]);
    $write(RecordedPack::said(PackReading::of(RecordedPack::named($name, $isScanned)->pages)));
}
