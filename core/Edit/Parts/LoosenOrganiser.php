<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Parts;

use Closure;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Head;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Lay;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Geometry\Frame;
use OpenSlate\Organise\Layout;
use OpenSlate\Organise\Line;
use OpenSlate\Page\Page;

/**
 * Turns an organiser into loose parts, for students to put together themselves: a card for each box, a line for each
 * line.
 */
final readonly class LoosenOrganiser implements Edit
{
    private const THINNEST = 4.0;

    /** @param  Closure(): string  $newId */
    public function __construct(public string $id, public Closure $newId)
    {
    }

    public function apply(Page $page): Page
    {
        $organiser = $page->element($this->id);
        if (! $organiser instanceof Organiser) {
            throw EditRefused::missing();
        }
        $diagram = Layout::of($organiser);
        $parts = array_map(
            fn (Frame $ring): Part => new Part(
                ($this->newId)(),
                $this->laid($ring, $organiser),
                PartForm::Ellipse,
                name: 'set',
                dashed: true,
            ),
            $diagram->rings,
        );
        foreach ($diagram->lines as $line) {
            $parts[] = $this->connector($line, $organiser, $page);
        }
        foreach ($diagram->boxes as $at => $box) {
            $parts[] = new Part(
                id: ($this->newId)(),
                frame: $this->laid($box, $organiser),
                form: PartForm::Rounded,
                text: $organiser->box($at)->name,
                name: 'box '.($at + 1),
                size: $organiser->size,
                font: $organiser->font,
                fill: $page->paper,
                own: true,
                joints: [
                    new Joint('a', 0.5, 0.0),
                    new Joint('b', 1.0, 0.5),
                    new Joint('c', 0.5, 1.0),
                    new Joint('d', 0.0, 0.5),
                ],
            );
        }
        $elements = [];
        foreach ($page->elements() as $element) {
            array_push($elements, ...($element === $organiser ? $parts : [$element]));
        }

        return count($elements) > Page::MOST_ELEMENTS ? throw EditRefused::tooMany() : $page->withElements($elements);
    }

    private function laid(Frame $frame, Organiser $organiser): Frame
    {
        return $frame->moved($organiser->frame->x, $organiser->frame->y);
    }

    private function connector(Line $line, Organiser $organiser, Page $page): Part
    {
        [$width, $height] = [abs($line->x2 - $line->x1), abs($line->y2 - $line->y1)];
        $lay = match (true) {
            $height < self::THINNEST / 2 => Lay::Level,
            $width < self::THINNEST / 2 => Lay::Upright,
            default => ($line->x2 - $line->x1) * ($line->y2 - $line->y1) > 0 ? Lay::Falling : Lay::Rising,
        };
        // A frame is never thinner: what it has more than the line, it has to both sides.
        [$wide, $high] = [max($width, self::THINNEST), max($height, self::THINNEST)];
        $frame = Frame::of(
            min($line->x1, $line->x2) - ($wide - $width) / 2,
            min($line->y1, $line->y2) - ($high - $height) / 2,
            $wide,
            $high,
        );
        $laid = $this->laid($frame, $organiser);

        return new Part(
            ($this->newId)(),
            $laid->keptIn($page->whole()),
            PartForm::Connector,
            name: 'line',
            weight: 2.0,
            lay: $lay,
            head: $this->head($line, $lay),
        );
    }

    /** A connector runs to the right, or straight down: of a line that runs the other way, the head is at its start. */
    private function head(Line $line, Lay $lay): Head
    {
        $runsOn = $lay === Lay::Upright ? $line->y2 >= $line->y1 : $line->x2 >= $line->x1;

        return $line->arrow ? ($runsOn ? Head::End : Head::Start) : Head::None;
    }
}
