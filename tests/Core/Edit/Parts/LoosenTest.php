<?php

declare(strict_types=1);

namespace Tests\Core\Edit\Parts;

use OpenSlate\Edit\Parts\LoosenOrganiser;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserBox;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Organise\Layout;
use OpenSlate\Organise\Line;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An organiser taken apart looks as it did: every box, line and ring of it is a part in its place. */
final class LoosenTest extends TestCase
{
    private const AT = [40.0, 60.0];

    /** @return iterable<string, array{OrganiserShape, int}> */
    public static function organisers(): iterable
    {
        foreach (OrganiserShape::cases() as $shape) {
            foreach ([2, 3, 5, 8] as $number) {
                yield "{$shape->value} of {$number}" => [$shape, $number];
            }
        }
    }

    #[DataProvider('organisers')]
    public function test_a_line_runs_where_it_ran_with_its_head_at_its_end(OrganiserShape $shape, int $number): void
    {
        $organiser = $this->organiser($shape, $number);
        $connectors = array_values(
            array_filter($this->loosened($organiser), fn (Part $part): bool => $part->form === PartForm::Connector),
        );
        $lines = Layout::of($organiser)->lines;
        $this->assertCount(count($lines), $connectors);
        foreach ($lines as $at => $line) {
            $from = new Point($line->x1 + self::AT[0], $line->y1 + self::AT[1]);
            $to = new Point($line->x2 + self::AT[0], $line->y2 + self::AT[1]);
            $ends = $connectors[$at]->ends();
            $turned = $this->apart($ends, [$from, $to]) > $this->apart($ends, [$to, $from]);
            $this->assertLessThan(1.5, $this->apart($ends, $turned ? [$to, $from] : [$from, $to]), "line {$at}");
            $this->assertSame($this->head($line, $turned), $connectors[$at]->head, "line {$at}");
        }
    }

    #[DataProvider('organisers')]
    public function test_a_box_is_a_card_in_its_place_with_its_name_and_can_be_written_on(
        OrganiserShape $shape,
        int $number,
    ): void {
        $organiser = $this->organiser($shape, $number);
        $cards = array_values(
            array_filter($this->loosened($organiser), fn (Part $part): bool => $part->form === PartForm::Rounded),
        );
        foreach (Layout::of($organiser)->boxes as $at => $box) {
            $this->assertEquals($box->moved(...self::AT), $cards[$at]->frame);
            $this->assertSame([$organiser->box($at)->name, true], [$cards[$at]->text, $cards[$at]->own]);
            $this->assertCount(4, $cards[$at]->joints);
        }
    }

    public function test_what_lies_before_and_behind_it_stays_there(): void
    {
        $organiser = $this->organiser(OrganiserShape::Steps, 3);
        $behind = new Part('behind', Frame::of(0, 0, 20, 20));
        $before = new Part('before', Frame::of(0, 0, 20, 20));
        $ids = (new LoosenOrganiser('o', $this->ids(...)))->apply($this->page($behind, $organiser, $before))->ids();
        $this->assertSame(['behind', 'before'], [$ids[0], end($ids)]);
        $this->assertNotContains('o', $ids);
    }

    private function head(Line $line, bool $turned): Head
    {
        return $line->arrow ? ($turned ? Head::Start : Head::End) : Head::None;
    }

    /**
     * @param  array{Point, Point}  $a
     * @param  array{Point, Point}  $b
     */
    private function apart(array $a, array $b): float
    {
        return max($a[0]->distance($b[0]), $a[1]->distance($b[1]));
    }

    private function organiser(OrganiserShape $shape, int $number): Organiser
    {
        $names = array_map(fn (int $n): OrganiserBox => new OrganiserBox("box {$n}"), range(1, 12));

        return new Organiser('o', Frame::of(...[...self::AT, 460.0, 320.0]), $shape, $number, $names);
    }

    /** @return list<Part> */
    private function loosened(Organiser $organiser): array
    {
        return (new LoosenOrganiser('o', $this->ids(...)))->apply($this->page($organiser))->parts();
    }

    private function page(Part|Organiser ...$elements): Page
    {
        return new Page(Size::ofPaper(PaperSize::A4), Colour::white(), null, array_values($elements));
    }

    private function ids(): string
    {
        static $n = 0;

        return 'new'.++$n;
    }
}
