<?php

declare(strict_types=1);

// What tests leave in the temporary folder goes with the process that ran them. PHP is not asked where that is, which
// would settle it for good.

use Symfony\Component\Filesystem\Filesystem;

require __DIR__.'/../vendor/autoload.php';

$folder = (getenv('TMPDIR') ?: '/tmp').'/slate-tests-'.getmypid();
(new Filesystem)->mkdir($folder, 0700);
putenv("TMPDIR={$folder}");
register_shutdown_function(fn () => (new Filesystem)->remove($folder));
