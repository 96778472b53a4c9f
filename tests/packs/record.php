<?php

declare(strict_types=1);

/*
 * Writes tests/packs/recorded: the words of the packs here as the program reads them, and what is made of them. To be
 * run when the packs or the reading of PDFs have changed (php tests/packs/record.php), after Reference\PacksTest is
 * green; what has changed in the files is looked at before it is kept.
 */

use App\Documents\PackReader;
use App\Documents\Pdf\PageTexts;
use App\Documents\Pdf\PdfReader;
use Illuminate\Contracts\Console\Kernel;
use OpenSlate\Packs\PackReading;
use Tests\Support\RecordedPack;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$json = fn (mixed $what): string => json_encode(
    $what,
    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION,
);
foreach (glob(__DIR__.'/*.pdf') ?: [] as $path) {
    $name = basename($path, '.pdf');
    $pages = app(PdfReader::class)->pages($path);
    $texts = app(PageTexts::class)->read($path, $pages);
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
        __DIR__."/recorded/{$name}.json",
        "{\"pages\": [\n{$pages}\n],\n\"reading\": {$json($reading)}}\n",
    );
    $write([]);
    $write(RecordedPack::said(PackReading::of(RecordedPack::named($name)->pages)));
}
