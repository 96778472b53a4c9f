<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use Closure;
use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\ReadingOrder;

/**
 * Puts lines into things of a kind, a line into each: into a table's cells from one on, into the prompts of boxes from
 * one on, on to cards from one on. All of them, or none.
 *
 * Cells are filled down their column and on in the next, from the same row; where lines have tabs, row by row, as a
 * spreadsheet gives them. Boxes and cards follow in reading order; where cards run out, more are laid like the last,
 * beside it and below. An empty line leaves the words of its place as they are; it makes no card.
 */
final readonly class WriteLines implements Edit
{
    public const MOST = 200;

    public const LONGEST = 5000;

    /** What a new card keeps clear of another, in points. */
    private const GAP = 6.0;

    /**
     * @param  string  $id  of the table, box or card at which they begin
     * @param  int|null  $cell  of a table, row by row, from 0
     * @param  list<string>  $lines
     * @param  Closure(): string  $newId
     */
    public function __construct(public string $id, public ?int $cell, public array $lines, public Closure $newId)
    {
    }

    public function apply(Page $page): Page
    {
        $first = $page->element($this->id);

        if ($first instanceof Table && isset($first->cells[$this->cell ?? 0])) {
            return self::put($page, [$this->table($first, $this->cell ?? 0)]);
        }
        if ($first instanceof AnswerBox) {
            return self::put($page, $this->boxes($page, $first));
        }

        return $first instanceof Part ? $this->cards($page, $first) : throw EditRefused::missing();
    }

    private function table(Table $table, int $from): Table
    {
        [$across, $down] = [count($table->columns), count($table->rows)];
        [$left, $top] = [$from % $across, intdiv($from, $across)];
        $cells = $table->cells;
        foreach ($this->inColumns($down - $top) as [$column, $row, $words]) {
            [$column, $row] = [$left + $column, $top + $row];
            if ($column >= $across || $row >= $down) {
                throw EditRefused::fewPlaces(count($this->lines), 'cells');
            }
            if ($words !== '') {
                $cells[$row * $across + $column] = $cells[$row * $across + $column]->saying($words);
            }
        }

        return $table->remade($table->frame, $table->columns, $table->rows, array_values($cells));
    }

    /** @return list<array{int, int, string}> column and row from where they begin, and the words */
    private function inColumns(int $rows): array
    {
        $places = [];
        $tabbed = str_contains(implode('', $this->lines), "\t");
        foreach ($this->lines as $at => $line) {
            foreach ($tabbed ? explode("\t", $line) : [$line] as $column => $words) {
                $words = self::held($words, $at, TableCell::LONGEST);
                $places[] = $tabbed ? [$column, $at, $words] : [intdiv($at, $rows), $at % $rows, $words];
            }
        }

        return $places;
    }

    /** @return list<AnswerBox> */
    private function boxes(Page $page, AnswerBox $first): array
    {
        $boxes = self::from($page, $first, AnswerBox::class);
        if (count($this->lines) > count($boxes)) {
            throw EditRefused::fewPlaces(count($this->lines), 'boxes');
        }
        $asked = [];
        foreach ($this->lines as $at => $line) {
            $prompt = self::held($line, $at, AnswerBox::LONGEST_PROMPT);
            $asked[] = $prompt === '' ? $boxes[$at] : $boxes[$at]->asking($prompt);
        }

        return $asked;
    }

    private function cards(Page $page, Part $first): Page
    {
        $cards = self::from($page, $first, Part::class);
        $lines = array_map(
            fn (string $line, int $at): string => self::held($line, $at, Part::LONGEST_TEXT),
            $this->lines,
            array_keys($this->lines),
        );
        $lines = array_values(array_filter($lines, fn (string $line): bool => $line !== ''));
        $said = [];
        foreach (array_slice($lines, 0, count($cards)) as $at => $line) {
            $said[] = $cards[$at]->saying($line);
        }
        $page = self::put($page, $said);
        $more = array_slice($lines, count($cards));
        if ($more === []) {
            return $page;
        }
        $like = $said[count($said) - 1]->ofStock(1)->called('');
        $made = array_map(
            fn (string $line, Frame $frame): Part => $like->identified(($this->newId)())->framed($frame)->saying($line),
            $more,
            self::rests($page, $like->frame, count($more)),
        );
        $all = [...$page->elements(), ...$made];

        return count($all) > Page::MOST_ELEMENTS ? throw EditRefused::tooMany() : $page->withElements($all);
    }

    /**
     * Where more cards lie: in rows beside and below one, in the tray or on the page as it does, clear of all that is
     * moved or takes what is moved.
     *
     * @return list<Frame>
     */
    private static function rests(Page $page, Frame $last, int $number): array
    {
        $tray = $page->tray?->frame($page->size);
        $within = $tray !== null && $page->isBeside($last) ? $tray : $page->frame();
        $taken = array_map(
            fn (Element $element): Frame => $element->frame(),
            array_filter(
                $page->elements(),
                fn (Element $element): bool => $element instanceof Part || $element instanceof Spot,
            ),
        );
        [$across, $down] = [$last->width + self::GAP, $last->height + self::GAP];
        $back = (int) floor(($last->x - $within->x) / $across);
        $free = [];
        for ($row = 0; Bounds::holds($within, $last->moved(0, $row * $down)); $row++) {
            $column = $row === 0 ? 1 : -$back;
            for (; Bounds::holds($within, $frame = $last->moved($column * $across, $row * $down)); $column++) {
                if (array_filter($taken, fn (Frame $other): bool => $other->meets($frame)) === []) {
                    $free[] = $frame;
                }
                if (count($free) === $number) {
                    return $free;
                }
            }
        }

        throw EditRefused::noRoomForCards($number);
    }

    /**
     * @template T of AnswerBox|Part
     *
     * @param  T  $first
     * @param  class-string<T>  $kind
     * @return non-empty-list<T> it and those of its kind after it, as they are read
     */
    private static function from(Page $page, Element $first, string $kind): array
    {
        $after = [$first];
        $met = false;
        foreach (ReadingOrder::of($page->elements()) as $element) {
            if ($met && $element instanceof $kind) {
                $after[] = $element;
            }
            $met = $met || $element === $first;
        }

        return $after;
    }

    /** A line without the room at its ends. */
    private static function held(string $line, int $at, int $longest): string
    {
        $line = (string) preg_replace('/^[\s\p{Z}]+|[\s\p{Z}]+$/u', '', $line);

        return mb_strlen($line) > $longest ? throw EditRefused::longLine($at + 1, $longest) : $line;
    }

    /** @param  list<Element>  $changed */
    private static function put(Page $page, array $changed): Page
    {
        $by = [];
        foreach ($changed as $element) {
            $by[$element->id()] = $element;
        }

        return $page->withElements(
            array_map(fn (Element $element): Element => $by[$element->id()] ?? $element, $page->elements()),
        );
    }
}
