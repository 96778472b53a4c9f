<?php

// Runs the benchmarks named on the command line, or all of them. Each is a file in this folder that returns a function;
// what it reports is printed as "NAME ratio=1.23 limit=1.5". Exits 1 when a limit is passed.

declare(strict_types=1);

use Bench\Bench;

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Bench.php';
require __DIR__.'/Rows.php';

$all = [
    'bring-in',
    'hand-out',
    'class-list',
    'check',
    'mark',
    'save',
    'load',
    'together',
    'desks',
    'drag',
    'parts',
    'edit',
    'stations',
    'blanks',
    'leaving',
    'paper',
];
$names = array_slice($argv, 1) ?: $all;
$bench = new Bench;
foreach ($names as $name) {
    $file = __DIR__."/{$name}.php";
    if (! is_file($file)) {
        fwrite(STDERR, "There is no benchmark \"{$name}\".\n");
        exit(2);
    }
    (require $file)($bench);
}
exit($bench->passed ? 0 : 1);
