<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Blanks\Printed;
use OpenSlate\Blanks\PrintedChoices;
use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/**
 * Lays a choice over options that are printed in a region; where none are found, four places to be put in order by
 * hand.
 */
final readonly class LayChoice implements Edit
{
    private const BY_HAND = 4;

    public function __construct(public string $id, public Frame $region, private Printed $printed)
    {
    }

    public function apply(Page $page): Page
    {
        Bounds::check($this->region, $page->frame());
        [$found, $ticked] = PrintedChoices::within($this->region, $this->printed->blanks(), $this->printed->words());
        $choices = $found === [] ? $this->byHand() : $found;
        $whole = $this->on($page, Frame::around(array_map(fn (array $choice): Frame => $choice[0], $choices)));

        return (new Place([
            new AnswerBox($this->id, $whole, PrintedChoices::answer($choices, $whole, $ticked), outline: false),
        ]))->apply($page);
    }

    /** @return non-empty-list<array{Frame, string}> */
    private function byHand(): array
    {
        $height = $this->region->height / self::BY_HAND;

        return array_map(
            fn (int $at): array => [
                Frame::of(
                    $this->region->x,
                    $this->region->y + $at * $height,
                    min($this->region->width, max(12.0, $height)),
                    $height,
                ),
                chr(65 + $at),
            ],
            range(0, self::BY_HAND - 1),
        );
    }

    private function on(Page $page, Frame $frame): Frame
    {
        $x = max(0.0, $frame->x);
        $y = max(0.0, $frame->y);

        return Frame::of(
            $x,
            $y,
            min($page->size->width, $frame->right()) - $x,
            min($page->size->height, $frame->bottom()) - $y,
        );
    }
}
