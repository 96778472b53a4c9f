<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

/**
 * Proposes the places of a page that are there to be filled in, from what is printed on it.
 *
 * Rules that enclose are boxes and cells; rules that stand free, with room above them and no words over them, are
 * lines; runs of underscores are gaps, and so is what equations leave open. What a table, a drawing, a heading or a
 * list of contents draws with is none of these.
 */
final class BlankFinder
{
    /** Blanks that share more of the smaller one's area are one; the surer one stays. */
    private const SAME = 0.5;

    /** Lines below each other are as long as what they are together, but for so much, in points. */
    private const AS_LONG = 6.0;

    /** @return list<Blank> in reading order */
    public static function find(Marks $marks): array
    {
        $rules = Rules::merged($marks->rules);
        $ground = new Ground($marks->ruled($rules));
        $lattice = Lattice::of($rules);
        [$gaps, $typed] = GapFinder::find($ground);
        $found = [
            ...$marks->fields,
            ...$gaps,
            ...BoxFinder::find($ground, $lattice),
            ...BubbleFinder::find($ground),
            ...LineFinder::find($ground, $rules, $lattice, $typed),
        ];
        if ($marks->readable) {
            array_push($found, ...ColumnSumFinder::find($ground, $rules));
            array_push($found, ...OpenEndFinder::find($ground, $found));
        }
        $kept = [];
        foreach ($found as $blank) {
            foreach ($kept as $other) {
                $smaller = min(
                    $blank->frame->width * $blank->frame->height,
                    $other->frame->width * $other->frame->height,
                );
                if (Ground::shared($blank->frame, $other->frame) > self::SAME * max(1.0, $smaller)) {
                    continue 2;
                }
            }
            $kept[] = $blank;
        }

        $joins = $marks->readable ? JoinFinder::find($ground) : [];
        array_push($joins, ...$marks->readable ? MatchFinder::find($ground, [...$kept, ...$joins]) : []);
        $labelled = array_map(
            fn (Blank $blank): Blank => $blank->labelled(
                $marks->readable || $blank->kind === BlankKind::Field ? Prompts::of($ground, $blank) : '',
            ),
            [...JoinFinder::without($kept, $joins), ...$joins],
        );
        $blanks = self::ordered(OrderSquares::written($ground, $labelled));
        $middle = [$marks->size->width / 2, $marks->size->height / 2];

        // Back to where the page, as it lies, has them.
        return $marks->tilt === 0.0
            ? $blanks
            : array_map(
                fn (Blank $blank): Blank => $blank->kind === BlankKind::Field
                    ? $blank
                    : $blank->at(Tilt::turned($blank->frame, $marks->tilt, $middle)),
                $blanks,
            );
    }

    /**
     * What is asked at blanks that were found before the words of their page could be read, and lines and boxes of
     * which only words tell that they are to be filled in.
     *
     * @param  list<Blank>  $blanks
     * @param  Marks  $read  with its words, of a picture
     * @return list<Blank> those in their places, which somebody may have refused already, and the others behind them
     */
    public static function read(array $blanks, Marks $read): array
    {
        $middle = [$read->size->width / 2, $read->size->height / 2];
        $ground = new Ground(new Marks($read->size, lines: Tilt::lying($read->lines, $read->tilt, $middle)));
        $again = array_values(
            array_filter(
                $read->lines === [] ? [] : self::find($read),
                fn (Blank $one): bool => in_array($one->kind, [BlankKind::Line, BlankKind::Box], true) ||
                    OpenEndFinder::isOf($one),
            ),
        );
        $more = [];
        foreach ($blanks as $at => $blank) {
            [$blanks[$at], $rest] = self::each($blank, $again);
            array_push($more, ...$rest);
        }
        $told = array_filter(
            $again,
            fn (Blank $one): bool => array_filter(
                [...$blanks, ...$more],
                fn (Blank $blank): bool => $blank->frame->meets($one->frame),
            ) === [],
        );

        return OrderSquares::written(
            $ground,
            array_map(
                fn (Blank $one): Blank => $one->label === '' ? $one->labelled(Prompts::of($ground, $one)) : $one,
                [...$blanks, ...$more, ...$told],
            ),
        );
    }

    /**
     * Lines that were taken for one place to write on, of which words tell that each is an answer.
     *
     * @param  list<Blank>  $again  what is found with the words
     * @return array{Blank, list<Blank>} the first, or what there was, and the others
     */
    private static function each(Blank $blank, array $again): array
    {
        $own = $blank->kind !== BlankKind::Lines ? [] : array_filter(
            $again,
            fn (Blank $one): bool => $one->kind === BlankKind::Line &&
                $blank->frame->holds($one->frame->centre()) &&
                abs($one->frame->width - $blank->frame->width) <= self::AS_LONG,
        );

        return count($own) > 1 ? [array_shift($own), array_values($own)] : [$blank, []];
    }

    /**
     * @param  list<Blank>  $blanks
     * @return list<Blank> row by row; what stands at about one height is one row
     */
    private static function ordered(array $blanks): array
    {
        usort($blanks, fn (Blank $a, Blank $b): int => $a->frame->bottom() <=> $b->frame->bottom());
        $rows = [];
        foreach ($blanks as $blank) {
            $last = array_key_last($rows);
            if ($last !== null && abs(end($rows[$last])->frame->bottom() - $blank->frame->bottom()) < 6) {
                $rows[$last][] = $blank;
            } else {
                $rows[] = [$blank];
            }
        }
        foreach ($rows as &$row) {
            usort($row, fn (Blank $a, Blank $b): int => $a->frame->x <=> $b->frame->x);
        }

        return array_merge([], ...$rows);
    }
}
