<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use DateTimeImmutable;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Standing;
use OpenSlate\Handout\Due;
use PHPUnit\Framework\TestCase;

final class StandingTest extends TestCase
{
    private Due $due;

    private DateTimeImmutable $before;

    private DateTimeImmutable $after;

    protected function setUp(): void
    {
        $this->due = new Due(new DateTimeImmutable('2026-12-03 15:30:00 UTC'));
        $this->before = new DateTimeImmutable('2026-12-03 15:30:00 UTC');
        $this->after = new DateTimeImmutable('2026-12-03 15:30:01 UTC');
    }

    public function test_a_copy_goes_from_unopened_to_working_to_handed_in(): void
    {
        $standing = Standing::of(CopyState::NotOpened, null)->opened();
        $this->assertSame(CopyState::Working, $standing->state);
        $handed = $standing->handedIn($this->before);
        $this->assertSame(CopyState::HandedIn, $handed->state);
        $this->assertFalse($handed->isLate($this->due));
        $this->assertEquals($handed, $handed->opened(), 'looking at it again changes nothing');
    }

    public function test_handing_in_twice_keeps_the_first_time(): void
    {
        $handed = Standing::of(CopyState::Working, null)->handedIn($this->before)->handedIn($this->after);
        $this->assertEquals($this->before, $handed->handedInAt);
    }

    public function test_what_is_handed_in_cannot_be_written_in(): void
    {
        $this->expectException(CopyRefused::class);
        Standing::of(CopyState::HandedIn, $this->before)->written();
    }

    public function test_it_can_be_taken_back_until_the_due_moment_and_not_after(): void
    {
        $handed = Standing::of(CopyState::HandedIn, $this->before);
        $back = $handed->takenBack($this->before, $this->due);
        $this->assertSame(CopyState::Working, $back->state);
        $this->assertNull($back->handedInAt);
        $this->assertSame(
            CopyState::Working,
            $handed->takenBack($this->after, new Due(null))->state,
            'without a due time, always',
        );

        $this->expectExceptionMessage('time for this is over');
        $handed->takenBack($this->after, $this->due);
    }

    public function test_only_what_is_handed_in_can_be_taken_back(): void
    {
        $this->expectExceptionMessage('nothing to take back');
        Standing::of(CopyState::Working, null)->takenBack($this->before, $this->due);
    }

    public function test_handed_in_after_the_due_moment_is_late(): void
    {
        $this->assertTrue(Standing::of(CopyState::Working, null)->handedIn($this->after)->isLate($this->due));
        $this->assertFalse(Standing::of(CopyState::Working, null)->handedIn($this->after)->isLate(new Due(null)));
    }

    public function test_what_is_still_needed_is_counted_in_words(): void
    {
        $this->assertStringStartsWith('One place that', CopyRefused::stillNeeded(1)->getMessage());
        $this->assertStringStartsWith('2 places that', CopyRefused::stillNeeded(2)->getMessage());
    }
}
