<?php

declare(strict_types=1);

namespace App\Documents;

/**
 * How much time there is left for the work on one file, whatever programs it takes: by the processor's clock, and, at a
 * multiple of that, by the one on the wall, since a machine may be busy with other things.
 */
final class Deadline
{
    private const WALL = 4.0;

    private ?float $processor = null;

    private float $began = 0.0;

    private float $used = 0.0;

    /** @param  float  $seconds  of the processor */
    public function start(float $seconds): void
    {
        [$this->processor, $this->began, $this->used] = [$seconds, microtime(true), self::usage()];
    }

    /** There turns out to be more to do. */
    public function more(float $seconds): void
    {
        $this->processor === null || ($this->processor += $seconds);
    }

    /** @return float seconds that were used since the start; from here on only the usual limit of one program holds */
    public function stop(): float
    {
        $spent = $this->spent();
        $this->processor = null;

        return $spent;
    }

    /** @return float seconds of the processor that are left */
    public function left(): float
    {
        $most = (float) config('slate.tools.seconds');

        return $this->processor === null ? $most : max(0.0, $this->processor - $this->spent());
    }

    /** @return float seconds on the wall that are left */
    public function leftOnTheWall(): float
    {
        return $this->processor === null
            ? self::WALL * (float) config('slate.tools.seconds')
            : max(0.0, self::WALL * $this->processor - (microtime(true) - $this->began));
    }

    /** @throws FileRefused when there is none left */
    public function check(): void
    {
        if ($this->left() <= 0 || $this->leftOnTheWall() <= 0) {
            throw FileRefused::tooMuchWork();
        }
    }

    /** The larger of what was used by the processor and a fair share of the time that went by. */
    private function spent(): float
    {
        return max(self::usage() - $this->used, (microtime(true) - $this->began) / self::WALL);
    }

    /** Seconds of the processor that this process and those that it has started and seen end have used. */
    private static function usage(): float
    {
        $seconds = 0.0;
        foreach ([0, 1] as $whose) {
            $used = getrusage($whose) ?: [];
            foreach (['ru_utime', 'ru_stime'] as $kind) {
                $seconds += ($used["{$kind}.tv_sec"] ?? 0) + ($used["{$kind}.tv_usec"] ?? 0) / 1e6;
            }
        }

        return $seconds;
    }
}
