<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Tilt;
use OpenSlate\Packs\RoleSigns;

/**
 * Finds the questions of a page: what is numbered, counts on, and asks. What stands between a number and the next, in
 * its column, belongs to it: words, drawings, tables and blanks.
 */
final class QuestionFinder
{
    /** A page with more numbers is a table of them. */
    private const MOST = 300;

    /** How many of a run must ask, as a share. */
    private const ASKING = 0.5;

    /** Numbers that begin so near to each other, in points, begin at one place. */
    private const ASIDE = 12.0;

    /** Room that one can answer in where nothing is drawn for it, in points. */
    private const ROOM = 30.0;

    /**
     * @param  list<Blank>  $blanks  of the page
     * @param  list<Question>  $before  those of the page before: the last may go on here
     * @return list<Question> in the order in which they are read; those of which others are parts before these
     */
    public static function find(Marks $marks, array $blanks, array $before = []): array
    {
        $markers = MarkerFinder::find($marks->lines, $marks->seen);
        $marks->seen && ($markers = MisreadNumbers::mended($markers, $marks->lines));
        if ($markers === [] || count($markers) > self::MOST || ! $marks->readable) {
            return [];
        }
        $middle = [$marks->size->width / 2, $marks->size->height / 2];
        $turned = fn (Blank $blank): Blank => $blank->at(Tilt::turned($blank->frame, -$marks->tilt, $middle));
        $content = new Content($marks, array_map($turned, $blanks));
        $questions = self::upright($markers, $content);
        $goesOn = self::goesOn($before, $questions, $content);
        $goesOn === null || array_unshift($questions, $goesOn);

        return array_map(
            fn (Question $one): Question => $one->at(Tilt::turned($one->frame, $marks->tilt, $middle)),
            $questions,
        );
    }

    /**
     * @param  non-empty-list<Marker>  $markers
     * @return list<Question>
     */
    private static function upright(array $markers, Content $content): array
    {
        foreach (self::byStyle($markers) as $runs) {
            $all = array_merge(...$runs);
            $runs = array_values(array_filter($runs, fn (array $run): bool => self::asks($run, $all, $content)));
            // The longest is found first, wherever it is read.
            $place = fn (array $run): int => (int) array_search($run[0], $markers, true);
            usort($runs, fn (array $a, array $b): int => $place($a) <=> $place($b));
            $asking = array_merge(...$runs);
            if ($asking !== []) {
                $of = $asking[0]->style->isOfParts() ? NumbersOfParts::of($runs, $markers) : [];
                $main = $of === [] ? self::continued($asking, $markers, $content) : $of;

                return self::questions($main, $markers, $content);
            }
        }

        return self::single($markers, $content);
    }

    /**
     * The same with those of another style that count on from them, such as "5." below a table of which the rows are
     * numbered 1 to 4.
     *
     * @param  non-empty-list<Marker>  $asking
     * @param  list<Marker>  $markers  all
     * @return non-empty-list<Marker>
     */
    private static function continued(array $asking, array $markers, Content $content): array
    {
        foreach (NumberStyle::cases() as $style) {
            if ($style === $asking[0]->style || $style->isOfParts()) {
                continue;
            }
            $own = array_values(array_filter($markers, fn (Marker $one): bool => $one->leadsIn($style)));
            foreach (Sequence::runs($own, $style->isBare() ? 2 : 1) as $run) {
                $isAfter = Sequence::goesOn($asking[count($asking) - 1], $run[0]);
                $isBefore = ! $isAfter && Sequence::goesOn($run[count($run) - 1], $asking[0]);
                if (($isAfter || $isBefore) && self::asks($run, [...$asking, ...$run], $content)) {
                    $asking = $isAfter ? [...$asking, ...$run] : [...$run, ...$asking];
                }
            }
        }

        return $asking;
    }

    /**
     * Runs of one style each: the one that stands farthest to the left numbers the questions.
     *
     * @param  list<Marker>  $markers
     * @return list<non-empty-list<non-empty-list<Marker>>>
     */
    private static function byStyle(array $markers): array
    {
        $styles = [];
        foreach (NumberStyle::cases() as $style) {
            $own = array_values(
                array_filter(
                    $markers,
                    fn (Marker $one): bool => $one->style === $style && ($one->leads || ! $style->isBare()),
                ),
            );
            $runs = Sequence::runs($own);
            if ($runs !== []) {
                $styles[] = $runs;
            }
        }
        usort($styles, fn (array $a, array $b): int => self::rank($a) <=> self::rank($b));

        return $styles;
    }

    /**
     * @param  non-empty-list<non-empty-list<Marker>>  $runs
     * @return array{bool, float, int} the less, the sooner they number the questions
     */
    private static function rank(array $runs): array
    {
        $left = INF;
        foreach (array_merge(...$runs) as $marker) {
            $left = min($left, $marker->frame->x);
        }

        return [
            $runs[0][0]->style->isOfParts(),
            round($left / self::ASIDE),
            -count(array_merge(...$runs)),
        ];
    }

    /**
     * Whether most of a run have something to fill in, or ask with a question mark, or tell to do something and leave
     * room for it: facts, steps and lists do not.
     *
     * @param  non-empty-list<Marker>  $run
     * @param  list<Marker>  $all
     */
    private static function asks(array $run, array $all, Content $content): bool
    {
        $asking = 0;
        foreach ($run as $marker) {
            $place = Place::of($marker, $all, $content);
            $said = $content->said($place);
            $asking +=
                (int) ($content->blanksIn($place) !== [] ||
                    preg_match('/[?؟？]/u', $said) === 1 ||
                    RingedChoices::areAskedFor($said) ||
                    (RoleSigns::tasks($said) > 0 && $content->roomBelow($place) >= self::ROOM));
        }

        return $asking >= self::ASKING * count($run);
    }

    /**
     * One number by itself, such as the last question of a page before.
     *
     * @param  list<Marker>  $markers
     * @return list<Question>
     */
    private static function single(array $markers, Content $content): array
    {
        $alone = array_values(
            array_filter(
                $markers,
                fn (Marker $one): bool => $one->leads &&
                    in_array($one->style, [NumberStyle::Named, NumberStyle::Q, NumberStyle::Number], true),
            ),
        );

        return count($alone) === 1 && self::asks($alone, $alone, $content)
            ? self::questions($alone, $markers, $content)
            : [];
    }

    /**
     * @param  non-empty-list<Marker>  $main
     * @param  list<Marker>  $markers  all
     * @return list<Question>
     */
    private static function questions(array $main, array $markers, Content $content): array
    {
        $questions = [];
        $columns = Sequence::columns($main);
        $places = array_map(fn (Marker $marker): Place => Place::of($marker, $main, $content), $main);
        $last = LastQuestion::of($main, $places, $columns, $content);
        foreach ($main as $at => $marker) {
            $place = self::withinSection($marker, $last->ended($marker, $places[$at]), $markers, $content);
            $questions[] = $content->question($marker->number, $place);
            foreach (self::parts($place, $markers, $marker, $content) as $part) {
                $questions[] = $part;
            }
            $rest = self::next($marker, $columns, $content);
            $rest === null || ($questions[] = $content->question($marker->number, $rest, true));
        }

        return $questions;
    }

    /**
     * What "3.2" numbers ends where "4" stands, which is over "4.1".
     *
     * @param  list<Marker>  $markers
     */
    private static function withinSection(Marker $marker, Place $place, array $markers, Content $content): Place
    {
        foreach ($marker->style === NumberStyle::Decimal ? $markers : [] as $other) {
            if (
                $other->leads &&
                in_array($other->style, [NumberStyle::Bare, NumberStyle::Number], true) &&
                $other->value === intdiv($marker->value, 100) + 1 &&
                $other->frame->y > $marker->frame->middle()
            ) {
                $place = $place->upTo($content->top($other));
            }
        }

        return $place;
    }

    /**
     * Parts of a question, each with something to fill in or to answer; choices are none.
     *
     * @param  list<Marker>  $markers
     * @return list<Question>
     */
    private static function parts(Place $of, array $markers, Marker $marker, Content $content): array
    {
        $styles = [NumberStyle::Letter, NumberStyle::Roman, NumberStyle::UpperLetter];
        // "B1", but "31" is another number.
        foreach (ctype_alpha($marker->number) ? [NumberStyle::Number, ...$styles] : $styles as $style) {
            $within = array_values(
                array_filter(
                    $markers,
                    fn (Marker $one): bool => $one->style === $style &&
                        $style !== $marker->style &&
                        $one->frame->x >= $marker->frame->x &&
                        $of->has($one->frame),
                ),
            );
            $run = Sequence::runs($within)[0] ?? [];
            if ($run === [] || $run[0]->value !== 1) {
                continue;
            }
            $places = array_map(fn (Marker $one): Place => Place::of($one, $run, $content)->within($of), $run);
            $asking = array_filter(
                $places,
                fn (Place $place): bool => preg_match('/[?؟？]/u', $content->said($place)) === 1 ||
                    array_filter(
                        $content->blanksIn($place),
                        fn (Blank $blank): bool => $blank->kind !== BlankKind::Tick,
                    ) !== [],
            );
            if (count($asking) >= self::ASKING * count($run)) {
                return array_map(
                    fn (Marker $one, Place $place): Question => $content->question(
                        $marker->number.$one->number,
                        $place,
                        of: $marker->number,
                    ),
                    $run,
                    $places,
                );
            }
        }

        return [];
    }

    /**
     * The last question of the page before, where something to fill in stands above the number that follows its own.
     *
     * @param  list<Question>  $before
     * @param  list<Question>  $questions  of this page
     */
    private static function goesOn(array $before, array $questions, Content $content): ?Question
    {
        if ($before === [] || $questions === []) {
            return null;
        }
        $last = $before[count($before) - 1];
        $place = Place::above($questions[0]->frame, $content);

        return preg_match('/^\d+/', $last->number) === 1 &&
            (int) $questions[0]->number === (int) $last->number + 1 &&
            ! $content->hasHeading($place) &&
            $content->blanksIn($place) !== []
            ? $content->question($last->number, $place, true)
            : null;
    }

    /**
     * Where the last question of a column goes on: at the top of the next, before its first number.
     *
     * @param  list<non-empty-list<Marker>>  $columns
     */
    private static function next(Marker $marker, array $columns, Content $content): ?Place
    {
        foreach ($columns as $at => $column) {
            $following = $columns[$at + 1] ?? null;
            if ($column[count($column) - 1] === $marker && $following !== null) {
                return $content->before($following[0], $column[0]->frame->y);
            }
        }

        return null;
    }
}
