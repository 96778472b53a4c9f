<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use Closure;
use OpenSlate\Text\PageText;

/** A pack as read: the role of each page, and the sections of its student pages. */
final readonly class PackReading
{
    /**
     * @param  array<int, Verdict>  $verdicts  by page number
     * @param  list<Section>  $sections
     * @param  array<int, list<int>>  $answers  the pages that each key page has the answers to, by its number
     * @param  list<int>  $same  the pages for students that say the same as one before them
     */
    private function __construct(
        public array $verdicts,
        public array $sections,
        public array $answers,
        public array $same,
    ) {
    }

    /**
     * @param  list<PageText>  $pages  all pages of the pack, in order
     * @param  (Closure(non-empty-list<int>): array<int, int>)|null  $blanks  how many places to write are on pages of
     *                                                               which the words say too little, by their numbers
     */
    public static function of(array $pages, ?Closure $blanks = null): self
    {
        $plain = Furniture::removed(Badges::joined($pages));
        $labels = PackLabels::of($plain);
        $verdicts = RoleFinder::verdicts($plain, $labels, $blanks);
        $sections = SectionFinder::sections($plain, $verdicts, $labels);
        $byNumber = array_combine(array_map(fn (PageText $page): int => $page->number, $plain), $verdicts);

        return new self(
            $byNumber,
            $sections,
            KeyFinder::answers($plain, $byNumber, $sections, $labels),
            RolesByOthers::same($plain, $verdicts, RoleFinder::labelsOf($plain, $labels)),
        );
    }

    public function sectionOf(int $page): ?Section
    {
        foreach ($this->sections as $section) {
            if ($page >= $section->from && $page <= $section->to && $this->verdicts[$page]->role === Role::Student) {
                return $section;
            }
        }

        return null;
    }
}
