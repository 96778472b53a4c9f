<?php

declare(strict_types=1);

namespace App;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use InvalidArgumentException;
use OpenSlate\Marking\MissingWork;

/** The school that this program runs for: its name, and its clock. Times are stored in UTC and shown by this clock. */
final readonly class School
{
    /** @param  string  $language  in which its worksheets are, as a language tag (BCP 47) */
    public function __construct(
        public string $name,
        public string $timezone,
        public string $language = 'en',
        public MissingWork $missingWork = MissingWork::Zero,
    ) {
    }

    public function local(DateTimeInterface $time): CarbonImmutable
    {
        return CarbonImmutable::instance($time)->setTimezone($this->timezone);
    }

    /** "Thursday 3 December, 15:30"; the year only when it is another one. */
    public function said(DateTimeInterface $time): string
    {
        $local = $this->local($time);

        return $local->format($local->isSameYear($this->local(now())) ? 'l j F, H:i' : 'l j F Y, H:i');
    }

    /** "today at 15:30", "yesterday at 15:30", "Thursday 3 December at 15:30": of what has been. */
    public function spoken(DateTimeInterface $time): string
    {
        [$local, $now] = [$this->local($time), $this->local(now())];
        $day = match (true) {
            $local->isSameDay($now) => 'today',
            $local->isSameDay($now->subDay()) => 'yesterday',
            $local->isSameYear($now) => $local->format('l j F'),
            default => $local->format('l j F Y'),
        };

        return $day.' at '.$local->format('H:i');
    }

    /** The clock alone for today, the day before it otherwise: for lists where space is short. */
    public function brief(DateTimeInterface $time): string
    {
        $local = $this->local($time);

        return $local->isSameDay($this->local(now())) ? $local->format('H:i') : $local->format('j M, H:i');
    }

    /** Reads what a date and a time field say, by the school's clock. */
    public function at(string $date, string $time): CarbonImmutable
    {
        return CarbonImmutable::createFromFormat('!Y-m-d H:i', "{$date} {$time}", $this->timezone) ?:
            throw new InvalidArgumentException("\"{$date} {$time}\" is no date and time.");
    }
}
