<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** A time of day as people write it: 18:40, 6.40 pm, quarter to seven. */
final readonly class ClockTime
{
    private const HALF_DAY = 720;

    /**
     * @param  int  $minutes  since midnight
     * @param  bool  $either  whether it may be in the morning as well as in the evening
     */
    private function __construct(public int $minutes, public bool $either)
    {
    }

    /**
     * Null where it is no time.
     *
     * @param  bool  $loose  whether 6.40 and 0640 are times, too
     */
    public static function read(string $text, bool $loose = false): ?self
    {
        $text = mb_strtolower(TextReading::plain($text));
        $text = trim((string) preg_replace(['/([ap])\.? ?m\.?$/u', '/ ?hours$|^at /u'], ['$1m', ''], $text), ' .');
        if ($text === 'noon' || $text === 'midday' || $text === 'midnight') {
            return new self($text === 'midnight' ? 0 : self::HALF_DAY, false);
        }
        $mark = $loose ? '[:.h ]' : ':';
        $plain = "/^(?<hour>\d{1,2}){$mark}(?<minute>\d{2})(?:{$mark}00)? *(?<half>[ap]m)?$/";
        $digits = '/^(?<hour>\d{2})(?<minute>\d{2}) *(?<half>)$/';
        $clock = "/^(?<hour>\d{1,2}) o'? ?clock(?<minute>) *(?<half>[ap]m)?$/";
        $words = NumberWords::inDigits(str_replace('-', ' ', $text));

        return match (true) {
            preg_match($plain, $text, $match) === 1 => self::at($match),
            $loose && preg_match($digits, $text, $match) === 1 => self::at($match),
            preg_match('/^(?<hour>\d{1,2}) *(?<minute>)(?<half>[ap]m)$/', $text, $match) === 1 => self::at($match),
            preg_match($clock, $words, $match) === 1 => self::at($match),
            default => self::said($words),
        };
    }

    public function isSame(self $other): bool
    {
        return $this->minutes === $other->minutes ||
            ($other->either && ! $this->either && $this->minutes === ($other->minutes + self::HALF_DAY) % 1440);
    }

    /** Whether it is the same but for whether it is in the morning or in the evening. */
    public function isSameOnTheDial(self $other): bool
    {
        return ($this->either || $other->either) &&
            $this->minutes % self::HALF_DAY === $other->minutes % self::HALF_DAY;
    }

    private static function said(string $words): ?self
    {
        $pattern = '/^(?<part>half|a? ?quarter|\d{1,2})(?: minutes?)? (?<way>past|to) '.
            '(?<hour>\d{1,2}) *(?<half>[ap]m)?$/';
        if (preg_match($pattern, $words, $match) !== 1) {
            return null;
        }
        $part = match (true) {
            $match['part'] === 'half' => 30,
            str_ends_with($match['part'], 'quarter') => 15,
            default => (int) $match['part'],
        };
        $hour = (int) $match['hour'] - ($match['way'] === 'to' ? 1 : 0);
        $minute = $match['way'] === 'to' ? 60 - $part : $part;

        return $part > 59 || $hour < 0 || $hour > 23
            ? null
            : self::at(['hour' => (string) $hour, 'minute' => (string) $minute, 'half' => $match['half'] ?? '']);
    }

    /** @param  array<array-key, string>  $match */
    private static function at(array $match): ?self
    {
        [$hour, $minute, $half] = [(int) $match['hour'], (int) $match['minute'], $match['half'] ?? ''];
        if ($minute > 59 || $hour > 24 || ($half !== '' && $hour > 12)) {
            return null;
        }
        $is24 = $hour > 12 || $hour === 0 || str_starts_with($match['hour'], '0');
        $hour = match (true) {
            $half === 'am' => $hour % 12,
            $half === 'pm' => $hour % 12 + 12,
            default => $hour % 24,
        };

        return new self($hour * 60 + $minute, $half === '' && ! $is24);
    }
}
