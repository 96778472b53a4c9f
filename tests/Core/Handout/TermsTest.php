<?php

declare(strict_types=1);

namespace Tests\Core\Handout;

use DateTimeImmutable;
use OpenSlate\Handout\ClassTerms;
use OpenSlate\Handout\Terms;
use OpenSlate\Handout\Times;
use PHPUnit\Framework\TestCase;

final class TermsTest extends TestCase
{
    public function test_what_is_written_is_read_again(): void
    {
        $own = new Times(self::at('09:00'), self::at('10:00'), self::at('11:00'));
        foreach ([self::terms(), self::terms($own)->puttingAway(true)] as $terms) {
            $this->assertEquals($terms, Terms::decode($terms->encode()));
        }
        $weighed = str_replace(
            '"itemPoints":[]',
            '"itemPoints":[{"item":5,"points":4},{"item":6,"points":0}]',
            self::terms()->encode(),
        );
        $this->assertSame([5 => 4, 6 => 0], Terms::decode($weighed)->itemPoints);
        $this->assertSame($weighed, Terms::decode($weighed)->encode());
        $before = str_replace(',"itemPoints":[]', '', self::terms()->encode(), $count);
        $this->assertSame(1, $count);
        $this->assertEquals(self::terms(), Terms::decode($before), 'as it was written before items had points');
        $this->assertFalse(self::terms()->isPutAway);
        $this->assertNull(Terms::decode(self::terms()->encode())->classes[3]->times);
        $this->assertEquals($own, Terms::decode(self::terms($own)->encode())->classes[3]->times);
    }

    public function test_more_time_is_one_students_and_is_changed_and_taken_away(): void
    {
        $terms = self::terms()->extending(7, self::at('12:00'));
        $this->assertEquals([9 => self::at('18:00'), 7 => self::at('12:00')], $terms->extended);
        $this->assertEquals(self::at('13:00'), $terms->extending(7, self::at('13:00'))->extended[7]);
        $this->assertSame([9], array_keys($terms->extending(7, null)->extended));
    }

    public function test_items_are_taken_back_and_given_again(): void
    {
        $this->assertSame([5, 6], self::terms()->withdrawing(6, true)->withdrawn);
        $this->assertSame([5], self::terms()->withdrawing(5, true)->withdrawn);
        $this->assertSame([], self::terms()->withdrawing(5, false)->withdrawn);
    }

    public function test_closed_at_once_nothing_more_is_taken_of_anybody(): void
    {
        $own = new Times(self::at('09:00'), self::at('16:00'), self::at('18:00'));
        $closed = self::terms($own)->closingAt(self::at('12:00'));
        $this->assertEquals(new Times(self::at('08:00'), null, self::at('12:00')), $closed->times);
        $this->assertEquals(
            new Times(self::at('09:00'), self::at('12:00'), self::at('12:00')),
            $closed->classes[3]->times,
        );
        $this->assertNull($closed->classes[4]->times);
        $this->assertSame([], $closed->extended);
        // What is due before stays due then; what is not out yet stays as it is.
        $past = new Times(self::at('09:00'), self::at('10:00'));
        $this->assertEquals(self::at('10:00'), $past->closedAt(self::at('12:00'))->due);
        foreach ([new Times(null, self::at('16:00')), new Times(self::at('12:00'), self::at('16:00'))] as $times) {
            $this->assertEquals($times, $times->closedAt(self::at('12:00')));
        }
    }

    public function test_who_joined_is_among_those_who_have_it_once(): void
    {
        $this->assertSame([7, 8, 9], self::terms()->joinedBy([8, 9])->students);
    }

    private static function terms(?Times $own = null): Terms
    {
        return new Terms(
            'Tides',
            'Use ink.',
            null,
            true,
            false,
            new Times(self::at('08:00'), null, self::at('17:00')),
            [3 => new ClassTerms(true, $own), 4 => new ClassTerms(false)],
            [7, 9],
            [9 => self::at('18:00')],
            [5],
        );
    }

    private static function at(string $time): DateTimeImmutable
    {
        return new DateTimeImmutable("2026-12-01 {$time} UTC");
    }
}
