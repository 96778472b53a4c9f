<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use ReflectionClass;
use Throwable;

/**
 * Writes down which classes a request uses, for PHP to load once before its workers start (opcache.preload): half of
 * the time of a small request goes into loading the same four hundred files.
 */
final class WritePreload extends Command
{
    /** All of the program's own, and the packages of the framework that a request may come by. */
    private const USED =
        '/^(App|OpenSlate|Illuminate\\\\('.
        'Auth|Bus|Cache|Container|Contracts|Cookie|Database|Encryption|Events|Filesystem|Foundation|Hashing|Http|Log'.
        '|Pagination|Pipeline|Queue|Routing|Session|Support|Translation|Validation|View'.
        '))\\\\(?!(.+\\\\)?(Console|Providers|Testing|Migrations|Schema)\\\\)/';

    protected $signature = 'slate:write-preload {file}';

    protected $description = 'Write the list of classes that web workers load once, before they start';

    public function handle(Kernel $kernel): int
    {
        $this->use($kernel);
        $files = [];
        foreach ([...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()] as $name) {
            $class = new ReflectionClass($name);
            $file = $class->getFileName();
            // What other tools of the command line brought in is of no use to the web.
            if (
                $file !== false &&
                ! $class->isAnonymous() &&
                str_starts_with($file, base_path()) &&
                ! str_contains($file, '/storage/') &&
                ! str_contains($file, 'Console') &&
                ! str_contains($file, 'composer/')
            ) {
                $files[strtolower($name)] = $file;
            }
        }
        $map = var_export($files, true);
        $others = var_export(base_path('vendor/composer/autoload_classmap.php'), true);
        file_put_contents(
            $this->argument('file'),
            <<<PHP
            <?php
            \$map = {$map};
            // Where they are is written here as well: what Composer has noted may be older than the program.
            \$others = require {$others};
            spl_autoload_register(function (string \$class) use (\$map, \$others): void {
                \$file = \$map[strtolower(\$class)] ?? \$others[\$class] ?? null;
                \$file === null || require_once \$file;
            });
            foreach (\$map as \$file) {
                require_once \$file;
            }

            PHP
            ,
        );

        return self::SUCCESS;
    }

    /** Loads what pages and saves need: the ways of the framework, by a request, and what lies beside them. */
    private function use(Kernel $kernel): void
    {
        foreach (['/', '/my/day'] as $path) {
            $kernel->handle(Request::create($path));
        }
        $kernel->handle(
            Request::create(
                '/my/copies/0',
                'PATCH',
                server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
                content: '{}',
            ),
        );
        /** @var array<string, string> $map */
        $map = require base_path('vendor/composer/autoload_classmap.php');
        foreach (array_keys($map) as $name) {
            if (preg_match(self::USED, $name) === 1) {
                try {
                    class_exists($name);
                } catch (Throwable) {
                    // What cannot be loaded here is loaded when it is used.
                }
            }
        }
    }
}
