<?php

declare(strict_types=1);

namespace App\Documents;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Makes and runs other programs with limits on time, memory and what they say; nothing passes through a shell, and
 * they end when whoever started them does.
 */
final class LimitedProcess
{
    private const MOST_SAID = 32 * 1024 * 1024;

    private const CRASHES = [SIGABRT, SIGSEGV, SIGBUS, SIGFPE, SIGILL];

    /**
     * @param  non-empty-list<string>  $command
     * @param  array<string, string>  $environment  what it is told besides
     * @param  float  $most  seconds that it may take at most, where the deadline of its file leaves so much
     * @param  int|null  $written  megabytes that it may write to, for what asks for many more addresses than it uses;
     *                             null for what is held to the addresses themselves
     *
     * @throws FileRefused when its file has no time left
     */
    public static function of(
        array $command,
        ?string $folder = null,
        float $most = INF,
        array $environment = [],
        ?int $written = null,
    ): Process {
        $deadline = app(Deadline::class);
        $deadline->check();
        $megabyte = 1024 * 1024;
        $memory = $written === null
            ? '--as='.(int) config('slate.tools.megabytes') * $megabyte
            : '--data='.$written * $megabyte;
        $processor = max(1, (int) ceil(min($most, $deadline->left())));

        return new Process(
            // Processor time and memory are watched by the kernel, which also holds when this process is killed.
            [
                'setpriv',
                '--pdeathsig',
                'KILL',
                '--',
                'prlimit',
                $memory,
                "--cpu={$processor}",
                '--core=0',
                '--',
                ...$command,
            ],
            $folder,
            // A fixed locale, so that messages can be read; nothing else of the web server's is handed on.
            $environment + ['LC_ALL' => 'C.UTF-8', 'HOME' => $folder ?? sys_get_temp_dir()] +
                array_fill_keys(array_keys(array_diff_key(getenv(), ['PATH' => 1])), false),
            null,
            max(0.001, min(4 * $most, $deadline->leftOnTheWall())),
        );
    }

    /**
     * Runs to the end, whatever the exit status.
     *
     * @param  non-empty-list<string>  $command
     * @param  array<string, string>  $environment  what it is told besides
     * @param  int|null  $written  megabytes; see of
     *
     * @throws FileRefused when a limit is reached
     */
    public static function run(
        array $command,
        ?string $folder = null,
        int $mostSaid = self::MOST_SAID,
        array $environment = [],
        ?int $written = null,
    ): Process {
        $process = self::of($command, $folder, environment: $environment, written: $written);
        $heard = new class
        {
            public int $bytes = 0;

            public int $from = 0;
        };
        try {
            // Killed, and not by an exception from in here, which would come up again wherever the process is looked at
            // later.
            $process->start(function (string $type, string $more) use ($heard, $mostSaid): void {
                $heard->bytes += strlen($more);
                $heard->bytes > $mostSaid && $heard->from > 0 && posix_kill($heard->from, SIGKILL);
            });
            $heard->from = (int) $process->getPid();
            $process->wait();
        } catch (ProcessTimedOutException $limit) {
            throw FileRefused::tooMuchWork($limit);
        } catch (ProcessSignaledException $end) {
            // Programs that fall over by themselves do so for what is in the file, not for a limit.
            in_array($end->getSignal(), self::CRASHES, true) || throw FileRefused::tooMuchWork($end);
        }

        return $heard->bytes > $mostSaid ? throw FileRefused::tooMuchWork() : $process;
    }
}
