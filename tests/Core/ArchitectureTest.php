<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The rules of docs/architecture.md that code can break without anyone noticing. */
final class ArchitectureTest extends TestCase
{
    /** The packages of the core, the lowest first: each may use those before it. */
    private const CORE = [
        '',
        'Access',
        'Json',
        'Geometry',
        'Paper',
        'Text',
        'Sound',
        'Handout',
        'ClassLists',
        'Teams',
        'Assembly',
        'Judging',
        'Answers',
        'Conversion',
        'Scan',
        'Elements',
        'Page',
        'Format',
        'Weight',
        'Organise',
        'Parts',
        'Matching',
        'Copies',
        'Marking',
        'Forms',
        'Packs',
        'Blanks',
        'Questions',
        'Package',
        'Arrange',
        'Cutting',
        'Boards',
        'Check',
        'Edit',
        'Edit/Elements',
        'Edit/Parts',
        'Edit/Layout',
        'Edit/Tables',
        'Edit/Keys',
        'Edit/Paper',
        'Edit/History',
        'Edit/Format',
    ];

    /** General libraries that the core may use: exact fractions. */
    private const LIBRARIES = ['Brick\Math\BigRational', 'Brick\Math\RoundingMode'];

    /** Those of the application, likewise. What stands in no folder is at the bottom. */
    private const APP = [
        '',
        'Access',
        'Database',
        'Events',
        'Session',
        'Models',
        'Policies',
        'Mail',
        'Documents',
        'Documents/Pdf',
        'Documents/Office',
        'Documents/Scans',
        'Documents/Printing',
        'Actions',
        'Jobs',
        'View',
        'Exports',
        'Http',
        'Http/Middleware',
        'Http/Requests',
        'Http/Controllers',
        'Console/Commands',
        'Providers',
    ];

    public function test_packages_of_the_core_use_only_those_below_them(): void
    {
        $this->assertInOrder(self::CORE, 'core', 'OpenSlate');
    }

    public function test_packages_of_the_application_use_only_those_below_them(): void
    {
        $this->assertInOrder(self::APP, 'app', 'App');
    }

    public function test_the_core_knows_nothing_but_php_and_itself(): void
    {
        foreach ($this->files('core') as $path => $code) {
            preg_match_all('/^use (?:function )?\\\\?([A-Za-z]+)(\\\\[^;]*)?;/m', $code, $uses, PREG_SET_ORDER);
            foreach ($uses as $use) {
                $this->assertTrue(
                    ! isset($use[2]) || $use[1] === 'OpenSlate' || in_array($use[1].$use[2], self::LIBRARIES, true),
                    "{$path} uses {$use[0]}",
                );
            }
            // No clock, no chance, no files, no processes of its own.
            $this->assertDoesNotMatchRegularExpression(
                '/\b(time|microtime|date|rand|mt_rand|random_int|random_bytes|uniqid|file_get_contents|'
                .'file_put_contents|fopen|exec|shell_exec|proc_open|getenv|config|app|now)\(/',
                $this->withoutMethods($code),
                $path,
            );
        }
    }

    public function test_only_documents_starts_other_programs(): void
    {
        foreach ($this->files('app') as $path => $code) {
            if (! str_contains($path, 'app/Documents/')) {
                $this->assertDoesNotMatchRegularExpression(
                    '/Symfony\\\\Component\\\\Process|\b(exec|shell_exec|proc_open|passthru|system|popen)\(/',
                    $this->withoutMethods($code),
                    $path,
                );
            }
        }
    }

    public function test_views_ask_the_database_nothing(): void
    {
        foreach ($this->files('resources/views') as $path => $code) {
            $this->assertDoesNotMatchRegularExpression(
                '/::(where|query|find|all)\(|DB::|->(where|get|first|count)\(\)->get|->query\(/',
                $code,
                $path,
            );
        }
    }

    public function test_every_class_is_strict_and_final(): void
    {
        foreach ([...$this->files('core'), ...$this->files('app')] as $path => $code) {
            $this->assertStringContainsString('declare(strict_types=1);', $code, $path);
            $this->assertDoesNotMatchRegularExpression('/^class /m', $code, "{$path} is open to being extended");
        }
    }

    /** @param  list<string>  $floors */
    private function assertInOrder(array $floors, string $folder, string $namespace): void
    {
        $height = array_flip($floors);
        foreach ($this->files($folder) as $path => $code) {
            $package = trim(dirname(substr($path, strlen($folder) + 1)), '.');
            $this->assertArrayHasKey($package, $height, "{$package} has no place in the order of packages");
            preg_match_all(
                "/\\b{$namespace}\\\\((?:\\w+\\\\)*)(\\w+)/",
                (string) preg_replace('/^namespace .*/m', '', $code),
                $used,
                PREG_SET_ORDER,
            );
            foreach ($used as [$name, $of]) {
                $of = str_replace('\\', '/', rtrim($of, '\\'));
                $this->assertArrayHasKey($of, $height, "{$path} names {$name}");
                $this->assertLessThanOrEqual(
                    $height[$package],
                    $height[$of],
                    "{$path} uses {$name}, which stands above it",
                );
            }
        }
    }

    /** Calls of methods and of named constructors may have any name. */
    private function withoutMethods(string $code): string
    {
        return (string) preg_replace('/(->|::|function )\w+\(/', '(', $code);
    }

    /** @return array<string, string> code by path */
    private function files(string $folder): array
    {
        $root = dirname(__DIR__, 2);
        $files = [];
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("{$root}/{$folder}", RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->getExtension() === 'php') {
                $files[substr($file->getPathname(), strlen($root) + 1)] = (string) file_get_contents(
                    $file->getPathname(),
                );
            }
        }
        $this->assertNotEmpty($files);

        return $files;
    }
}
