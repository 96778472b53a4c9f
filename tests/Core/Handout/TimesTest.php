<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use DateTimeImmutable;
use OpenSlate\Handout\Times;
use OpenSlate\Handout\TimesRefused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimesTest extends TestCase
{
    public function test_a_moment_that_is_named_is_still_before_it(): void
    {
        $times = self::times('08:30', '15:30', '16:00');
        $this->assertFalse($times->isOut(self::at('08:29:59')));
        $this->assertTrue($times->isOut(self::at('08:30')));
        $this->assertFalse($times->due()->isPast(self::at('15:30')));
        $this->assertTrue($times->due()->isPast(self::at('15:30:01')));
        $this->assertFalse($times->isClosed(self::at('16:00')));
        $this->assertTrue($times->isClosed(self::at('16:00:01')));
    }

    public function test_what_was_typed_in_the_last_moment_is_taken_for_a_minute_more(): void
    {
        $times = self::times('08:30', null, '16:00');
        $this->assertTrue($times->takes(self::at('16:01')));
        $this->assertFalse($times->takes(self::at('16:01:01')));
        $this->assertTrue(self::times('08:30')->takes(self::at('23:59')));
    }

    public function test_without_times_it_is_prepared_and_never_over(): void
    {
        $times = new Times(null);
        $this->assertFalse($times->isOut(self::at('23:59')));
        $this->assertFalse($times->isClosed(self::at('23:59')));
        $this->assertFalse($times->due()->isPast(self::at('23:59')));
    }

    /** @return iterable<string, array{?string, ?string, ?string, string, string}> */
    public static function contradictions(): iterable
    {
        yield 'due when it comes out' => ['08:30', '08:30', null, 'due', 'due before students have it'];
        yield 'closed when it comes out' => ['08:30', null, '08:30', 'closes', 'closed before students have it'];
        yield 'closed before due' => ['08:30', '15:30', '15:29', 'closes', 'closed before it is due'];
        yield 'the same of what is prepared' => [null, '15:30', '15:29', 'closes', 'closed before it is due'];
    }

    #[DataProvider('contradictions')]
    public function test_times_that_contradict_each_other_are_refused_in_words(
        ?string $out,
        ?string $due,
        ?string $closes,
        string $field,
        string $words,
    ): void {
        try {
            self::times($out, $due, $closes);
            $this->fail();
        } catch (TimesRefused $refused) {
            $this->assertSame($field, $refused->field);
            $this->assertStringContainsString($words, $refused->getMessage());
        }
    }

    public function test_more_time_moves_the_closing_along_and_never_takes_time_away(): void
    {
        $times = self::times('08:30', '15:30', '15:30');
        $this->assertEquals(self::times('08:30', '16:15', '16:15'), $times->extendedTo(self::at('16:15')));
        $this->assertEquals($times, $times->extendedTo(self::at('15:00')));
        $late = self::times('08:30', '15:30', '18:00');
        $this->assertEquals(self::times('08:30', '16:15', '18:00'), $late->extendedTo(self::at('16:15')));
        $open = self::times('08:30', '15:30');
        $this->assertEquals(self::times('08:30', '16:15'), $open->extendedTo(self::at('16:15')));
        $this->assertEquals(self::times('08:30'), self::times('08:30')->extendedTo(self::at('16:15')));
    }

    public function test_of_two_classes_it_is_out_from_the_first_until_the_last(): void
    {
        $one = self::times('08:30', '15:30', '16:00');
        $this->assertEquals(
            self::times('08:00', '15:30', '17:00'),
            $one->with(self::times('08:00', '15:00', '17:00')),
        );
        $this->assertEquals(self::times('08:30'), $one->with(new Times(null)), 'no due time is the latest');
        $this->assertEquals(self::times('08:30', '15:30'), (new Times(null, self::at('15:30')))->with($one));
    }

    private static function times(?string $out, ?string $due = null, ?string $closes = null): Times
    {
        $at = fn (?string $time): ?DateTimeImmutable => $time === null ? null : self::at($time);

        return new Times($at($out), $at($due), $at($closes));
    }

    private static function at(string $time): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-12-01 {$time}");
    }
}
