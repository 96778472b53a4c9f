<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Keys;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Tables\CellChange;
use OpenSlate\Edit\Tables\ChangeCells;
use OpenSlate\Edit\Tables\Tables;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserBox;
use OpenSlate\Page\Page;

/** Says what is right in one place: several answers may be. None takes the key away. */
final readonly class SetKey implements Edit
{
    /**
     * @param  string  $place  a box's id, a table's id and the cell: "k4a1.1-2", or an organiser's id and the box:
     *                         "k4a1.3"
     * @param  list<string>  $answers
     */
    public function __construct(public string $place, public array $answers)
    {
    }

    public function apply(Page $page): Page
    {
        if ($this->place === ModelAnswer::PLACE) {
            return (new SetModelKey($this->answers[0] ?? ''))->apply($page);
        }
        [$id, $cell] = [...explode('.', $this->place, 2), null];
        $box = $page->element((string) $id);
        if ($cell !== null && $box instanceof Organiser) {
            return $page->withElements(
                array_map(
                    fn (Element $element): Element => $element === $box ? $this->inBox($box, $cell) : $element,
                    $page->elements(),
                ),
            );
        }
        if ($cell !== null) {
            return (new ChangeCells(
                (string) $id,
                [$this->cellOf($page, (string) $id, $cell)],
                new CellChange(key: $this->answers),
            ))->apply($page);
        }
        if (! $box instanceof AnswerBox) {
            throw EditRefused::missing();
        }
        try {
            $after = $box->keyed($this->answers);
        } catch (AnswerRefused $refusal) {
            throw EditRefused::invalid('the key '.$refusal->getMessage(), $refusal);
        }

        return $page->withElements(
            array_map(fn (Element $element): Element => $element === $box ? $after : $element, $page->elements()),
        );
    }

    private function inBox(Organiser $organiser, string $number): Organiser
    {
        $at = ctype_digit($number) ? (int) $number - 1 : -1;
        if ($at < 0 || $at >= $organiser->count()) {
            throw EditRefused::missing();
        }
        $box = $organiser->box($at);
        try {
            return $organiser->withBox(
                $at,
                new OrganiserBox($box->name, $box->form()->key($this->answers), $box->prompt, $box->level),
            );
        } catch (AnswerRefused $refusal) {
            throw EditRefused::invalid('the key '.$refusal->getMessage(), $refusal);
        }
    }

    private function cellOf(Page $page, string $id, string $cell): int
    {
        $columns = Tables::on($page, $id)->columns;

        return preg_match('/^(\d{1,3})-(\d{1,3})$/D', $cell, $match) === 1 && (int) $match[2] <= count($columns)
            ? ((int) $match[1] - 1) * count($columns) + (int) $match[2] - 1
            : throw EditRefused::missing();
    }
}
