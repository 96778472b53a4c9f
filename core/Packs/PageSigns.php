<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/** What there is to be known of one page of a pack, by itself and among the others. */
final readonly class PageSigns
{
    /** Told of so often, students are not spoken to. */
    private const TOLD_OF = 3;

    /** Pages may be counted from elsewhere, by so many: a cover, or a leaf before it. */
    private const COUNTED_OTHERWISE = 4;

    /** A page whose words are smaller than this, in points, and so many, shows other pages in small. */
    private const MINIATURE = 5.5;

    private const MANY_WORDS = 120;

    /** A title has no more words. */
    private const LONGEST_TITLE = 9;

    public string $text;

    public int $words;

    /** Whether it has a line for the name, or gaps. */
    public bool $isFilledIn;

    /** @var list<string> */
    private array $titles;

    /**
     * @param  list<SectionLabel>  $labels  on its lines
     * @param  int  $gathered  how many sections' labels stand here together and elsewhere by themselves
     * @param  int|null  $repeated  the page that it has again, with more on it
     * @param  int|null  $numbered  the page that it has something for each number of
     * @param  int|null  $placed  the page whose words it has in their places
     * @param  int|null  $corrected  the page whose sentences it has with more marks
     * @param  int  $answered  how many pages before it it has the titles or the questions of
     * @param  bool  $isRepeated  whether another has it again, with more on it
     * @param  float  $largest  the usual height of a page's largest line in the pack, in points
     * @param  list<string>  $names  of the pages of the pack, in small letters
     * @param  Verdict|null  $before  what the page before it is for
     * @param  bool  $goesOn  whether it goes on in the type of that, without a title
     */
    public function __construct(
        public PageText $page,
        public array $labels,
        public int $gathered,
        public ?int $repeated,
        public ?int $numbered,
        public ?int $placed,
        public ?int $corrected,
        public int $answered,
        public bool $isRepeated,
        public float $largest,
        private array $names,
        public ?Verdict $before,
        public bool $goesOn,
    ) {
        $this->text = $page->text();
        $this->words = $page->wordCount();
        $this->isFilledIn = RoleSigns::hasNameLine($this->text) || RoleSigns::gaps($this->text) > 0;
        // A line that leads to a page number is an entry of a list of contents, and no title.
        $this->titles = array_values(
            array_filter(
                array_map(fn (TextLine $line): string => trim($line->text), $page->headings()),
                fn (string $line): bool => preg_match_all('/[\p{L}\p{N}]+/u', $line) <= self::LONGEST_TITLE &&
                    preg_match('/(?:[.…·]{3,}|\s{3,}|\s[.…·]\s)\s*\d{1,3}\W*$/u', $line) !== 1,
            ),
        );
    }

    /** @param  callable(string): bool  $is */
    public function title(callable $is): ?string
    {
        return array_values(array_filter($this->titles, $is))[0] ?? null;
    }

    public function follows(Role $role): bool
    {
        return $this->before?->role === $role;
    }

    /** Whether no other page of the pack has its name. */
    public function isOnlyOne(): bool
    {
        return count(array_keys($this->names, mb_strtolower($this->page->name()), true)) === 1;
    }

    /** Whether a student page is before it, or the key of one. */
    public function followsSheet(): bool
    {
        return $this->follows(Role::Student) || ($this->follows(Role::Key) && $this->before?->repeats !== null);
    }

    /** Whether it tells of tasks that it does not set, as a guide does. */
    public function tellsOfTasks(): bool
    {
        return ! $this->isFilledIn &&
            ($this->title(RoleSigns::isGuideHeading(...)) !== null ||
                RoleSigns::tellsOfStudents($this->text) >= self::TOLD_OF);
    }

    public function asksNothing(): bool
    {
        return ! RoleSigns::asks($this->text);
    }

    /** @return int how many sections it has labels of */
    public function sections(): int
    {
        return count(array_unique(array_map(fn (SectionLabel $label): string => $label->words(), $this->labels)));
    }

    /**
     * Whether a page shows several pages in small.
     *
     * @param  list<SectionLabel>  $labels
     */
    public static function isInSmall(PageText $page, array $labels): bool
    {
        return $page->bodyHeight() < self::MINIATURE &&
            $page->wordCount() > self::MANY_WORDS &&
            count($labels) >= 2;
    }

    /**
     * Whether most of a page's lines end in numbers that rise, as page numbers do, and that the pack has as pages: four
     * of them, or two that are the titles of pages.
     */
    public function leadsToPages(): bool
    {
        $rows = $this->rows();
        $numbers = [];
        $titles = 0;
        foreach ($rows as $row) {
            if (preg_match('/(\p{L}{3}.*?)[\s.…·_]+(\d{1,3})(?:\s*[-–]\s*\d{1,3})?\W*$/u', $row, $match) === 1) {
                $numbers[] = (int) $match[2];
                $titles += (int) in_array(mb_strtolower(trim($match[1])), $this->names, true);
            }
        }
        $sorted = $numbers;
        sort($sorted);

        return (count($numbers) >= 4 || ($titles >= 2 && $titles === count($numbers))) &&
            $numbers === $sorted &&
            end($numbers) > reset($numbers) &&
            end($numbers) <= count($this->names) + self::COUNTED_OTHERWISE &&
            count($numbers) >= 0.5 * count($rows);
    }

    /**
     * Lines that stand at one height, put together: a list of contents has its numbers far from its words.
     *
     * @return list<string>
     */
    private function rows(): array
    {
        $middles = [];
        $rows = [];
        foreach ($this->page->lines as $line) {
            $at = null;
            foreach ($middles as $row => $middle) {
                if (abs($middle - $line->frame->middle()) < 0.35 * $line->frame->height) {
                    $at = $row;
                    break;
                }
            }
            $at ??= count($middles);
            $middles[$at] ??= $line->frame->middle();
            $rows[$at][] = $line;
        }
        $texts = [];
        foreach ($rows as $row) {
            usort($row, fn (TextLine $a, TextLine $b): int => $a->frame->x <=> $b->frame->x);
            $texts[] = implode(' ', array_map(fn (TextLine $line): string => trim($line->text), $row));
        }

        return $texts;
    }
}
