<?php

declare(strict_types=1);

namespace Tests\Core\Elements;

use OpenSlate\Elements\Course;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\ShapeForm;
use OpenSlate\Geometry\Point;
use PHPUnit\Framework\TestCase;

/** Which way connectors run, and how. */
final class ConnectorsTest extends TestCase
{
    public function test_one_with_a_head_at_one_end_runs_one_way(): void
    {
        $of = fn (Head $head): array => [$head->isAtStart(), $head->isAtEnd(), $head->isOneWay()];

        $this->assertSame([false, false, false], $of(Head::None));
        $this->assertSame([true, false, true], $of(Head::Start));
        $this->assertSame([false, true, true], $of(Head::End));
        $this->assertSame([true, true, false], $of(Head::Both));
    }

    public function test_it_turns_half_way_between_its_ends_and_leaves_along_the_longer_way(): void
    {
        $from = new Point(10, 20);
        $this->assertEquals(
            [new Point(60, 20), new Point(60, 50)],
            Course::corners($from, new Point(110, 50)),
        );
        $this->assertEquals(
            [new Point(10, 70), new Point(40, 70)],
            Course::corners($from, new Point(40, 120)),
        );
    }

    public function test_lines_and_arrows_are_lines_and_what_has_a_ground_is_none(): void
    {
        $lines = array_filter(ShapeForm::cases(), fn (ShapeForm $form): bool => $form->isLine());

        $this->assertEqualsCanonicalizing([ShapeForm::Line, ShapeForm::Arrow], $lines);
    }
}
