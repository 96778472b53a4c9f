<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Organise\Layout;
use OpenSlate\Page\Page;

/** Where on its page each place lies: a box, a cell, a box of an organiser; the parts are the whole page. */
final class PlaceFrames
{
    /** @return array<string, Frame> by the place's name on the page, in reading order */
    public static function of(Page $page): array
    {
        $frames = [];
        foreach ($page->answerables() as $element) {
            $frames += self::ofElement($element);
        }

        return $page->hasMoves() ? $frames + [ModelAnswer::PLACE => $page->frame()] : $frames;
    }

    /** @return array<string, Frame> */
    private static function ofElement(Answerable $element): array
    {
        return match (true) {
            $element instanceof AnswerBox => [$element->id => $element->frame],
            $element instanceof Table => self::cells($element),
            $element instanceof Organiser => self::boxes($element),
            default => [],
        };
    }

    /** @return array<string, Frame> */
    private static function cells(Table $table): array
    {
        $frames = [];
        $y = $table->frame->y;
        foreach ($table->rows as $row => $down) {
            $x = $table->frame->x;
            foreach ($table->columns as $column => $across) {
                if ($table->cell($row, $column)->fill) {
                    $frames[$table->place($row, $column)] = Frame::of(
                        $x,
                        $y,
                        $across * $table->frame->width,
                        $down * $table->frame->height,
                    );
                }
                $x += $across * $table->frame->width;
            }
            $y += $down * $table->frame->height;
        }

        return $frames;
    }

    /** @return array<string, Frame> */
    private static function boxes(Organiser $organiser): array
    {
        $frames = [];
        foreach (Layout::of($organiser)->boxes as $at => $box) {
            $frames[$organiser->place($at)] = $box->moved($organiser->frame->x, $organiser->frame->y);
        }

        return $frames;
    }
}
