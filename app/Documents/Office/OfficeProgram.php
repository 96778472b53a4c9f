<?php

declare(strict_types=1);

namespace App\Documents\Office;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\LimitedProcess;
use RuntimeException;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;

/**
 * LibreOffice without a window, for one file: with a profile of its own, without macros, without following links, and
 * without a network where the system lets it be taken away.
 */
final class OfficeProgram
{
    /** What the first profile is set up with. The others are copies: setting one up takes a third of a second. */
    private const SMALLEST = '{\rtf1 }';

    /** The program itself, not the script that starts it: what is killed is what works. */
    private const PROGRAM = '/usr/lib/libreoffice/program/soffice.bin';

    /** With a new profile it sets that up, and asks to be started again. */
    private const AGAIN = 81;

    private const SETTINGS = [
        ['Office.Common/Security/Scripting', 'DisableMacrosExecution', 'true'],
        ['Office.Common/Security/Scripting', 'MacroSecurityLevel', '3'],
        ['Office.Common/Security/Scripting', 'BlockUntrustedRefererLinks', 'true'],
        ['Office.Writer/Content/Update', 'Link', '2'], // never
        ['Office.Java/VirtualMachine', 'Enable', 'false'],
        ['Inet/Settings', 'ooInetProxyType', '2'], // one that is not there
        ['Inet/Settings', 'ooInetHTTPProxyName', '127.0.0.1'],
        ['Inet/Settings', 'ooInetHTTPProxyPort', '9'],
        ['Inet/Settings', 'ooInetHTTPSProxyName', '127.0.0.1'],
        ['Inet/Settings', 'ooInetHTTPSProxyPort', '9'],
    ];

    private static ?bool $canLeaveNetwork = null;

    public function __construct(private FileStore $files, private Filesystem $folders)
    {
    }

    /**
     * @param  string  $to  what is to be made: an ending, or that with a filter
     * @param  string  $folder  an empty folder to work in, which what is made is put into
     * @return string where it is
     *
     * @throws FileRefused when nothing can be made of it
     */
    public function make(string $path, OfficeKind $kind, string $to, string $folder): string
    {
        is_executable(self::PROGRAM) || throw new RuntimeException('LibreOffice is not installed: run bin/setup.');
        $this->folders->mirror($this->profile(), "{$folder}/profile");
        $this->run($path, $kind, $to, $folder);
        $made = $folder.'/'.pathinfo($path, PATHINFO_FILENAME).'.'.explode(':', $to)[0];

        return is_file($made) && filesize($made) > 0 ? $made : throw FileRefused::damagedDocument();
    }

    /** @return string where the profile is that others are copied from */
    private function profile(): string
    {
        $settings = self::settings();
        $name = 'office-'.hash('xxh64', $settings.filemtime(self::PROGRAM));
        $ready = config('cache.stores.file.path')."/{$name}";
        is_dir($ready) || $this->files->alone('office', function () use ($ready, $settings): void {
            $this->files->inWorkFolder(function (string $folder) use ($ready, $settings): void {
                $this->folders->dumpFile("{$folder}/profile/user/registrymodifications.xcu", $settings);
                $this->folders->dumpFile("{$folder}/smallest.rtf", self::SMALLEST);
                $process = $this->run("{$folder}/smallest.rtf", OfficeKind::Rtf, 'pdf', $folder);
                if ($process->getExitCode() === self::AGAIN) {
                    $this->run("{$folder}/smallest.rtf", OfficeKind::Rtf, 'pdf', $folder);
                }
                is_dir($ready) || $this->folders->mirror("{$folder}/profile", $ready);
            });
        });

        return $ready;
    }

    private function run(string $path, OfficeKind $kind, string $to, string $folder): Process
    {
        return LimitedProcess::run(
            [
                ...self::withoutNetwork(),
                self::PROGRAM,
                "-env:UserInstallation=file://{$folder}/profile",
                '--headless',
                '--norestore',
                '--nologo',
                '--nodefault',
                '--nolockcheck',
                "--infilter={$kind->filter()}",
                '--convert-to',
                $to,
                '--outdir',
                $folder,
                $path,
            ],
            $folder,
        );
    }

    private static function settings(): string
    {
        $items = array_map(
            fn (array $one): string => "<item oor:path=\"/org.openoffice.{$one[0]}\"><prop oor:name=\"{$one[1]}\" "
                ."oor:op=\"fuse\"><value>{$one[2]}</value></prop></item>",
            self::SETTINGS,
        );

        return '<?xml version="1.0" encoding="UTF-8"?><oor:items xmlns:oor="http://openoffice.org/2001/registry" '
            .'xmlns:xs="http://www.w3.org/2001/XMLSchema" xmlns:xsi="http://www.w3.org/2001/XMLSchema-instance">'
            .implode('', $items).'</oor:items>';
    }

    /** @return list<string> a name space with no network in it; none where the system has no leave for that */
    private static function withoutNetwork(): array
    {
        $alone = ['unshare', '--map-root-user', '--net', '--'];
        self::$canLeaveNetwork ??= LimitedProcess::run([...$alone, 'true'])->isSuccessful();

        return self::$canLeaveNetwork ? $alone : [];
    }
}
