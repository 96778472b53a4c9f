<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/** A pack as read: the role of each page, and the sections of its student pages. */
final readonly class PackReading
{
    /**
     * @param  array<int, Verdict>  $verdicts  by page number
     * @param  list<Section>  $sections
     * @param  array<int, list<int>>  $answers  the pages that each key page has the answers to, by its number
     */
    private function __construct(public array $verdicts, public array $sections, public array $answers)
    {
    }

    /** @param  list<PageText>  $pages  all pages of the pack, in order */
    public static function of(array $pages): self
    {
        $plain = Furniture::removed(Badges::joined($pages));
        $labels = PackLabels::of($plain);
        $verdicts = RoleFinder::verdicts($plain, $labels);
        $sections = SectionFinder::sections($plain, $verdicts, $labels);
        $byNumber = array_combine(array_map(fn (PageText $page): int => $page->number, $plain), $verdicts);

        return new self($byNumber, $sections, KeyFinder::answers($plain, $byNumber, $sections, $labels));
    }

    /** @return list<int> the pages of which too little is said: what else is on them may tell */
    public function open(): array
    {
        return array_keys(
            array_filter(
                $this->verdicts,
                fn (Verdict $verdict): bool => $verdict->role === Role::Unknown &&
                    $verdict->reason === RoleFinder::TOO_LITTLE,
            ),
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
