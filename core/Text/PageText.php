<?php

declare(strict_types=1);

namespace OpenSlate\Text;

use OpenSlate\Paper\Size;
use OpenSlate\Withers;

/** What is printed on a page, as far as its part in a pack can be told from it. */
final readonly class PageText
{
    use Withers;

    /**
     * @param  int  $number  from 1
     * @param  list<TextLine>  $lines  in the order of reading
     * @param  float|null  $ink  share of the page that is not paper, 0 to 1; null where it was not looked at
     * @param  int  $furniture  how many words were on it besides: running heads, page numbers
     * @param  int|null  $blanks  how many places to write were found on it; null where nobody looked
     * @param  bool  $seen  whether it is a picture whose words were read: some may be missed, and what is marked on it
     *                      by lines or by heavier type cannot be told from how much ink it has
     */
    public function __construct(
        public int $number,
        public Size $size,
        public array $lines,
        public ?float $ink = null,
        public int $furniture = 0,
        public ?int $blanks = null,
        public bool $seen = false,
    ) {
    }

    /**
     * The page without its furniture.
     *
     * @param  list<TextLine>  $lines  those that are left
     */
    public function withLines(array $lines): self
    {
        $less = $this->with(lines: $lines);

        return $less->with(furniture: $this->furniture + $this->wordCount() - $less->wordCount());
    }

    /** @param  list<TextLine>  $lines  that were read from a picture of it */
    public function withRead(array $lines): self
    {
        return $this->with(lines: $lines, seen: true);
    }

    public function withBlanks(int $blanks): self
    {
        return $this->with(blanks: $blanks);
    }

    public function text(): string
    {
        return implode("\n", array_map(fn (TextLine $line): string => $line->text, $this->lines));
    }

    /** What it says below its name. */
    public function body(): string
    {
        $name = $this->name();

        return implode("\n", array_map(
            fn (TextLine $line): string => trim($line->text) === $name ? '' : $line->text,
            $this->lines,
        ));
    }

    /** @return list<Word> */
    public function words(): array
    {
        return array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $this->lines));
    }

    public function wordCount(): int
    {
        return array_sum(array_map(fn (TextLine $line): int => $line->wordCount(), $this->lines));
    }

    /** The height of the largest line, in points; 0 on a page without words. */
    public function tallest(): float
    {
        return array_reduce(
            $this->lines,
            fn (float $tallest, TextLine $line): float => max($tallest, $line->frame->height),
            0.0,
        );
    }

    /** The height of most words: that of running text. 0 on a page without words. */
    public function bodyHeight(): float
    {
        $heights = [];
        foreach ($this->lines as $line) {
            $height = (string) (round($line->frame->height * 2) / 2);
            $heights[$height] = ($heights[$height] ?? 0) + $line->wordCount();
        }
        arsort($heights);

        return (float) (array_key_first($heights) ?? 0);
    }

    /**
     * What the page is headed with: its largest lines, if they stand out and stand high; else its first line.
     *
     * @return list<TextLine>
     */
    public function headings(): array
    {
        $body = $this->bodyHeight();
        $large = array_values(
            array_filter(
                $this->lines,
                fn (TextLine $line): bool => $line->frame->height >= $body * 1.15 &&
                    $line->frame->y < $this->size->height * 0.6 &&
                    $line->wordCount() > 0,
            ),
        );
        $first = array_values(
            array_filter(
                $this->lines,
                fn (TextLine $line): bool => $line->wordCount() > 0 && $line->frame->y < $this->size->height * 0.35,
            ),
        );

        // Words in a corner are read after all else where they are read from a picture.
        usort($first, fn (TextLine $a, TextLine $b): int => $a->frame->y <=> $b->frame->y);

        return array_values(array_unique([...array_slice($first, 0, 3), ...$large], SORT_REGULAR));
    }

    /** The words of the largest heading, or of the first line. */
    public function title(): string
    {
        $headings = $this->headings();
        usort(
            $headings,
            fn (TextLine $a, TextLine $b): int => [$b->frame->height, $a->frame->y] <=> [
                $a->frame->height,
                $b->frame->y,
            ],
        );

        return trim($headings[0]->text ?? '');
    }

    /** The largest of its headings that is a word, whatever is larger, such as the numbers of a puzzle; or nothing. */
    public function name(): string
    {
        $headings = array_filter(
            $this->headings(),
            fn (TextLine $line): bool => preg_match('/\p{L}{3}/u', $line->text) === 1,
        );
        usort($headings, fn (TextLine $a, TextLine $b): int => $b->frame->height <=> $a->frame->height);

        return trim((string) preg_replace('/\s+/u', ' ', $headings[0]->text ?? ''));
    }
}
