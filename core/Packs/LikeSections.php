<?php

declare(strict_types=1);

namespace OpenSlate\Packs;

use OpenSlate\Text\PageText;

/**
 * Where sections start that are counted as one is that the teacher named: after "Rock pool 1", the pages headed
 * "Rock pool 2" and "Rock pool 3". What counts in a pack is the teacher's word then, and need not be known.
 */
final class LikeSections
{
    /**
     * @param  list<PageText>  $pages  all of the pack, in order, as they are printed
     * @param  int  $at  number of the page where the named one starts
     * @return array<int, string> the names, by the numbers of the pages where they start
     */
    public static function of(array $pages, int $at, string $name): array
    {
        $named = self::label($name);
        if ($named === null) {
            return [];
        }
        $seen = [$named->words() => true];
        $starts = [];
        foreach (Furniture::removed(Badges::joined($pages)) as $page) {
            foreach ($page->number === $at ? [] : $page->headings() as $line) {
                $label = self::label($line->text);
                $words = $label?->kind === $named->kind ? $label->words() : null;
                if ($words !== null && ! isset($seen[$words])) {
                    $seen[$words] = true;
                    $starts[$page->number] = $words;
                    break;
                }
            }
        }

        return $starts;
    }

    private static function label(string $line): ?SectionLabel
    {
        return SectionLabel::in($line) ?? SectionLabel::ofAnyKind($line);
    }
}
