<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

use DateTimeImmutable;

/** Where something stands on a list by days, in the order of the list. */
enum DayGroup: int
{
    /** Marked, handed back, and not looked at yet. */
    case Back = -1;
    case Late = 0;
    case Today = 1;
    case Tomorrow = 2;
    case ThisWeek = 3;
    case NextWeek = 4;
    case Later = 5;
    case Undated = 6;
    case Over = 7;
    case Done = 8;

    /**
     * Both times are by the clock of the school: a day ends there at midnight, and a week on Sunday.
     *
     * @param  DateTimeImmutable|null  $due  null where it is wanted at no time
     * @param  bool  $isDone  whether there is nothing left to do
     * @param  bool  $isOver  whether nothing more is taken
     */
    public static function of(
        ?DateTimeImmutable $due,
        bool $isDone,
        bool $isOver,
        DateTimeImmutable $moment,
    ): self {
        if ($isDone || $isOver) {
            return $isDone ? self::Done : self::Over;
        }
        if ($due === null) {
            return self::Undated;
        }
        $today = $moment->setTime(0, 0);
        $day = $due->setTime(0, 0);

        return match (true) {
            $due < $moment => self::Late,
            $day == $today => self::Today,
            $day == $today->modify('+1 day') => self::Tomorrow,
            $day < $today->modify('monday next week') => self::ThisWeek,
            $day < $today->modify('monday next week')->modify('+1 week') => self::NextWeek,
            default => self::Later,
        };
    }

    /** What stands above it, in words for a ten-year-old. */
    public function words(): string
    {
        return match ($this) {
            self::Back => 'Back from your teacher',
            self::Late => 'Late: do this first',
            self::Today => 'For today',
            self::Tomorrow => 'For tomorrow',
            self::ThisWeek => 'For this week',
            self::NextWeek => 'For next week',
            self::Later => 'For later',
            self::Undated => 'Whenever you like',
            self::Over => 'The time is over',
            self::Done => 'Done',
        };
    }
}
