<?php

declare(strict_types=1);

namespace App\Documents;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Makes and runs other programs with a limit on time and on memory; nothing passes through a shell. */
final class LimitedProcess
{
    /** @param  non-empty-list<string>  $command */
    public static function of(array $command, ?string $folder = null): Process
    {
        $seconds = (float) config('slate.tools.seconds');
        $bytes = (int) config('slate.tools.megabytes') * 1024 * 1024;

        // The wall clock is watched from here, processor time and memory by the kernel, which also holds when
        // this process itself is killed.
        return new Process(
            ['prlimit', "--as={$bytes}", '--cpu='.(int) ceil($seconds), '--core=0', '--', ...$command],
            $folder,
            // A fixed locale, so that messages can be read; nothing else of the web server's is handed on.
            ['LC_ALL' => 'C.UTF-8', 'HOME' => $folder ?? sys_get_temp_dir()] + array_fill_keys(array_keys(array_diff_key(getenv(), ['PATH' => 1])), false),
            null,
            $seconds,
        );
    }

    /**
     * Runs to the end, whatever the exit status.
     *
     * @param  non-empty-list<string>  $command
     *
     * @throws FileRefused when a limit is reached
     */
    public static function run(array $command, ?string $folder = null): Process
    {
        $process = self::of($command, $folder);
        try {
            $process->run();
        } catch (ProcessTimedOutException|ProcessSignaledException) {
            throw FileRefused::tooMuchWork();
        }

        return $process;
    }
}
