<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Lattice;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Rules;
use OpenSlate\Blanks\Shade;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** All that a page shows, of which each question has its part. */
final readonly class Content
{
    /** Above and below these shares of a page stand its head and its foot. */
    private const HEAD = 0.045;

    private const FOOT = 0.945;

    /** From this share of a page on a line may be its foot, if it is so far from all above it, of its own height. */
    private const LOW = 0.88;

    private const APART = 2.5;

    /** Larger than most words by this, a line heads what follows; what is much larger is none, and perhaps a picture. */
    private const HEADING = 1.12;

    private const LARGEST_HEADING = 4.0;

    /** A rule so long, as a share of the page's width, that nobody writes on parts a page. */
    private const DIVIDER = 0.6;

    private const SECTION =
        '/^(?:(?:part|section|task|exercise|activity|unit)\s+(?:[A-Z]|\d{1,2}|[IVX]+)\b|word bank\b)/iu';

    private const LONGEST_HEADING = 10;

    /** Letters apart, which in a picture seem larger than they are: a row of a puzzle. */
    private const LETTERS = '/^\S{1,2}(?:\s\S{1,2})+$/u';

    /** A place to write in begins so near to the words before it, in points. */
    private const RIGHT_BEHIND = 12.0;

    /** What stands in the middle of the page has so few words, and is so near to it, as a share of its width. */
    private const FEW = 4;

    private const CENTRED = 0.04;

    private const WHITE = 0.97;

    /** How high what is written on a line is, in points; in a picture, which has no runs of underscores, as its print. */
    private const WRITTEN = 12.0;

    private const LEAST_WRITTEN = 8.0;

    /** How far a number may stand from the upper and the left side of its cell, in points. */
    private const IN_A_ROW = 22.0;

    /** What stands on the row of a number is so near to it, in points, begins at most so much higher and shares so much. */
    private const ROW = 330.0;

    private const HIGHER = 1.3;

    private const COMMON = 0.15;

    /** What is to be filled in may stand so near before a number, in points. */
    private const RIGHT_BEFORE = 18.0;

    /**
     * What goes over the edge of a column begins and ends so far from it, in points, and what is to be written on
     * farther; its words are so near to each other, of their height.
     */
    private const OVER = 12.0;

    private const FAR_OVER = 60.0;

    private const ONE_LINE = 0.8;

    /** So much above its upper side a question begins, in points. */
    private const ABOVE = 2.0;

    public Beside $beside;

    public float $right;

    public float $top;

    public float $bottom;

    /** @var list<Frame> tables and boxes by their sides, drawings and pictures */
    private array $drawn;

    /** @var list<Word> below the head of the page */
    private array $words;

    /** @var list<TextLine> */
    private array $headings;

    /** @var list<Rule> */
    private array $dividers;

    private float $written;

    /** @param  list<Blank>  $blanks */
    public function __construct(private Marks $marks, public array $blanks)
    {
        $size = $marks->size;
        $body = (new PageText(1, $size, $marks->lines))->bodyHeight();
        $this->written = $marks->seen ? max(self::LEAST_WRITTEN, min(self::WRITTEN, $body)) : self::WRITTEN;
        $this->top = self::HEAD * $size->height;
        $this->words = array_merge(
            [],
            ...array_map(
                fn (TextLine $line): array => $line->frame->middle() < $this->top ? [] : $line->words,
                $marks->lines,
            ),
        );
        $shades = array_filter($marks->shades, fn (Shade $shade): bool => $shade->lightness < self::WHITE);
        $drawn = [
            ...$marks->drawings,
            ...$marks->rings,
            ...array_map(fn (Shade $shade): Frame => $shade->frame, array_values($shades)),
        ];
        $rules = Rules::merged($marks->rules);
        // Those that meet others are sides of something; what stands free parts or is written on.
        $joined = Lattice::of($rules)->joined;
        foreach (array_intersect_key($rules, $joined) as $rule) {
            $drawn[] = $rule->level
                ? Frame::of($rule->from, $rule->at, $rule->length(), 0.1)
                : Frame::of($rule->at, $rule->from, 0.1, $rule->length());
        }
        $this->drawn = $drawn;
        $this->beside = new Beside(
            [...$marks->drawings, ...array_map(fn (Blank $blank): Frame => $blank->frame, $blanks)],
            $marks->lines,
        );
        $this->bottom = min(self::FOOT * $size->height, $this->foot());
        $this->right = max([
            $size->width / 2,
            ...array_map(fn (TextLine $line): float => $line->frame->right() + 1, $marks->lines),
            ...array_map(fn (Blank $blank): float => $blank->frame->right() + 1, $blanks),
        ]);
        $this->dividers = array_values(
            array_filter(
                array_diff_key($rules, $joined),
                fn (Rule $rule): bool => $rule->level &&
                    $rule->length() >= self::DIVIDER * $size->width &&
                    ! self::isWrittenOn($rule, $blanks),
            ),
        );
        $this->headings = array_values(
            array_filter(
                $marks->lines,
                fn (TextLine $line): bool => ($line->frame->height >= self::HEADING * $body ||
                    preg_match(self::SECTION, $line->text) === 1) &&
                    $line->frame->height <= self::LARGEST_HEADING * $body &&
                    $line->wordCount() > 0 &&
                    $line->wordCount() <= self::LONGEST_HEADING &&
                    ! ($marks->seen && preg_match(self::LETTERS, $line->text) === 1) &&
                    ! self::isToBeWrittenAfter($line, $blanks),
            ),
        );
    }

    /** Where the foot of the page begins: a line in its lowest part that stands apart from all above it. */
    private function foot(): float
    {
        $lowest = null;
        foreach ($this->marks->lines as $line) {
            $lowest = $lowest === null || $line->frame->y > $lowest->y ? $line->frame : $lowest;
        }
        if ($lowest === null || $lowest->y < self::LOW * $this->marks->size->height) {
            return INF;
        }
        $above = [...array_map(fn (Word $word): Frame => $word->frame, $this->words), ...$this->drawn];
        array_push($above, ...array_map(fn (Blank $blank): Frame => $blank->frame, $this->blanks));
        foreach ($above as $frame) {
            $isOnRow = $frame->y > $lowest->y - 0.5 * $lowest->height && $frame->bottom() < $lowest->bottom() + 4;
            if (! $isOnRow && $frame->bottom() > $lowest->y - self::APART * $lowest->height) {
                return INF;
            }
        }

        return $lowest->y - 1;
    }

    /** @return array<int, Blank> by their places among those of the page */
    public function blanksIn(Place $place): array
    {
        return array_filter($this->blanks, fn (Blank $blank): bool => $place->has($this->seen($blank)));
    }

    public function said(Place $place): string
    {
        return Word::said($this->words($place));
    }

    /** How much room there is from its last words to its end, in points. */
    public function roomBelow(Place $place): float
    {
        $lowest = max([
            $place->top,
            ...array_map(fn (Word $word): float => $word->frame->bottom(), $this->words($place)),
        ]);

        return $place->bottom - $lowest;
    }

    /**
     * Where a question begins: at the upper side of the row of a table or of the box that its number stands in, or of
     * the highest thing on its row, such as a fraction.
     */
    public function top(Marker $marker): float
    {
        return $this->edgeAbove($marker->frame) ?? $this->topOfRow($marker->frame);
    }

    /** Where a question begins: with what is to be filled in right before its number, or with that. */
    public function left(Marker $marker): float
    {
        $left = $marker->frame->x;
        foreach ($this->blanks as $blank) {
            $room = $marker->frame->x - $blank->frame->right();
            $isOnRow =
                $blank->frame->y <= $marker->frame->middle() && $blank->frame->bottom() >= $marker->frame->middle();
            if ($isOnRow && $room > -1 && $room <= self::RIGHT_BEFORE) {
                $left = min($left, $blank->frame->x);
            }
        }

        return $left;
    }

    private function topOfRow(Frame $number): float
    {
        $top = $number->y;
        $on = [
            ...array_map(fn (Word $word): Frame => $word->frame, $this->words),
            ...array_map($this->seen(...), $this->blanks),
            ...$this->drawn,
        ];
        foreach ($on as $frame) {
            $common = min($frame->bottom(), $number->bottom()) - max($frame->y, $number->y);
            if (
                $frame->right() > $number->x - self::RIGHT_BEFORE &&
                $frame->x < $number->x + self::ROW &&
                $frame->y < $top &&
                $frame->y > $number->y - self::HIGHER * $number->height &&
                $common > self::COMMON * min($frame->height, $number->height)
            ) {
                $top = $frame->y;
            }
        }

        return $top - self::ABOVE;
    }

    /** The side of a box or a row of a table right above a number or words; null where there is none. */
    public function edgeAbove(Frame $number): ?float
    {
        $edge = null;
        $isBoxed = false;
        foreach ($this->drawn as $side) {
            $isBoxed =
                $isBoxed ||
                ($side->width < 1 &&
                    $side->x <= $number->x &&
                    $side->x > $number->x - self::IN_A_ROW &&
                    $side->y < $number->middle() &&
                    $side->bottom() > $number->middle());
            if (
                $side->height < 1 &&
                $side->y <= $number->middle() &&
                $side->y > $number->y - self::IN_A_ROW &&
                $side->x < $number->right() &&
                $side->right() > $number->x
            ) {
                $edge = max($edge ?? 0.0, $side->y);
            }
        }

        return $isBoxed ? $edge : null;
    }

    /** Where the next heading begins below a place, or a rule parts it from what follows, or the foot of the page. */
    public function headBelow(float $left, float $right, float $below): float
    {
        $next = $this->bottom;
        foreach ($this->headings as $line) {
            if (
                $line->frame->y > $below &&
                $line->frame->x < $right &&
                ($line->frame->x <= $left + 4 || $this->isCentred($line)) &&
                ($line->frame->right() > $left || preg_match(self::SECTION, $line->text) === 1) &&
                $line->frame->y < $next
            ) {
                $next = $line->frame->y - 1;
            }
        }

        foreach ($this->dividers as $rule) {
            if ($rule->at > $below && $rule->from <= $left + 4 && $rule->to >= $left) {
                $next = min($next, $rule->at - 1);
            }
        }

        return $next;
    }

    /** Where words, a box or lines to write on begin below a place that go on over the edge of a column. */
    public function across(float $edge, float $below): float
    {
        $isOver = fn (Frame $frame, float $far): bool => $frame->y > $below &&
            $frame->x < $edge - $far &&
            $frame->right() > $edge + $far;
        $top = INF;
        foreach ($this->marks->lines as $line) {
            foreach (array_keys($isOver($line->frame, self::OVER) ? array_slice($line->words, 1) : []) as $at) {
                $from = $line->words[$at]->frame;
                $to = $line->words[$at + 1]->frame;
                if (
                    $to->right() > $edge &&
                    $from->x < $edge &&
                    $to->x - $from->right() < self::ONE_LINE * $to->height
                ) {
                    $top = min($top, $line->frame->y - 1);
                }
            }
        }
        foreach ($this->blanks as $blank) {
            $isOver($blank->frame, self::FAR_OVER) && ($top = min($top, $blank->frame->y - 1));
        }

        return $top;
    }

    /**
     * Whether right behind it there is a place to write in, as behind a word to trace: no heading has one.
     *
     * @param  list<Blank>  $blanks
     */
    private static function isToBeWrittenAfter(TextLine $line, array $blanks): bool
    {
        foreach ($blanks as $blank) {
            $room = $blank->frame->x - $line->frame->right();
            if (
                $room >= -self::RIGHT_BEHIND &&
                $room <= self::RIGHT_BEHIND &&
                $blank->frame->y < $line->frame->middle() &&
                $blank->frame->bottom() > $line->frame->middle()
            ) {
                return true;
            }
        }

        return false;
    }

    /** A few words in the middle of the page that name what follows. */
    private function isCentred(TextLine $line): bool
    {
        return $line->wordCount() <= self::FEW &&
            preg_match(self::SECTION, $line->text) === 1 &&
            abs($line->frame->centre()->x - $this->marks->size->width / 2) <=
                self::CENTRED * $this->marks->size->width;
    }

    /** @param  list<Blank>  $blanks */
    private static function isWrittenOn(Rule $rule, array $blanks): bool
    {
        foreach ($blanks as $blank) {
            if (
                $rule->at >= $blank->frame->y - 2 &&
                $rule->at <= $blank->frame->bottom() + 2 &&
                $rule->from < $blank->frame->right() &&
                $rule->to > $blank->frame->x
            ) {
                return true;
            }
        }

        return false;
    }

    public function question(string $number, Place $place, bool $goesOn = false, ?string $of = null): Question
    {
        return new Question(
            $number,
            Frame::around($this->frames($place) ?: [Frame::of($place->left, $place->top, 1, 1)]),
            array_keys($this->blanksIn($place)),
            $goesOn,
            $of,
        );
    }

    /** @return list<Frame> words, places and drawings that lie there */
    public function frames(Place $place): array
    {
        return [
            ...array_map(fn (Word $word): Frame => $word->frame, $this->words($place)),
            ...array_map($this->seen(...), array_values($this->blanksIn($place))),
            ...array_values(array_filter(array_map($place->part(...), $this->drawn))),
        ];
    }

    /** @return list<TextLine> */
    public function lines(): array
    {
        return $this->marks->lines;
    }

    /** A line to write on is seen at its foot, and not where one may write above it. */
    private function seen(Blank $blank): Frame
    {
        $frame = $blank->frame;
        $height = $blank->kind === BlankKind::Line ? min($this->written, $frame->height) : $frame->height;

        return Frame::of($frame->x, $frame->bottom() - $height, $frame->width, $height);
    }

    /** What stands in a column above its first number and below where the columns begin; null where that is nothing. */
    public function before(Marker $first, float $top): ?Place
    {
        $isHigher = $first->frame->y <= $top;
        $from = $isHigher ? $this->headAbove($first->frame) : $top - 4;
        $place = new Place($first->frame->x - 6, $from, $this->right, $first->frame->y - 1);
        $isEmpty = $this->blanksIn($place) === [] && $this->words($place) === [];
        // Above the columns there may be what is read, and goes on in this one.
        $isRead = $isHigher && $this->words($place) !== [];

        return $isEmpty || $isRead || $this->hasHeading($place) ? null : $place;
    }

    /** Where the last heading ends above a number, or a rule parts it from what is above, or the head of the page. */
    private function headAbove(Frame $number): float
    {
        $edges = [
            $this->top,
            ...array_map(fn (TextLine $line): float => $line->frame->bottom(), $this->headings),
            ...array_map(fn (Rule $rule): float => $rule->at, $this->dividers),
        ];

        return max([0.0, ...array_filter($edges, fn (float $edge): bool => $edge < $number->y)]);
    }

    public function hasHeading(Place $place): bool
    {
        foreach ($this->headings as $line) {
            if ($place->has($line->frame)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Word> */
    private function words(Place $place): array
    {
        return array_values(array_filter($this->words, fn (Word $word): bool => $place->has($word->frame)));
    }
}
