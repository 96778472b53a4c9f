<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Blanks\Printed;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Patch;
use OpenSlate\Page\Page;
use OpenSlate\Text\Word;

/**
 * What a patch takes off a page, boxes do not go on saying: a prompt that was taken from the print goes with its print.
 *
 * A word counts as taken away when it is printed under a patch and nowhere else on the page. A prompt that a teacher
 * typed is theirs, and stays.
 */
final class CoveredPrompts
{
    /**
     * @param  Page  $before  the page before an edit
     * @param  Page  $after  the page as the edit left it
     * @param  Printed  $printed  what is printed on it; read only when the edit may have covered a prompt
     */
    public static function cleared(Page $before, Page $after, Printed $printed): Page
    {
        $patches = self::patches($after);
        if ($patches === []) {
            return $after;
        }
        $known = [];
        foreach (self::patches($before) == $patches ? $before->elements() : [] as $element) {
            $known[$element->id()] = $element;
        }
        $asked = array_filter(
            $after->elements(),
            fn (Element $box): bool => self::isFromPrint($box) && ($known[$box->id()] ?? null) != $box,
        );
        if ($asked === []) {
            return $after;
        }
        $gone = self::goneUnder($patches, $printed->words());

        return $after->withElements(
            array_map(
                fn (Element $element): Element => $element instanceof AnswerBox &&
                in_array($element, $asked, true) &&
                array_intersect_key($gone, self::words($element->prompt)) !== []
                    ? $element->asking('')
                    : $element,
                $after->elements(),
            ),
        );
    }

    private static function isFromPrint(Element $element): bool
    {
        return $element instanceof AnswerBox && $element->printed && $element->prompt !== '';
    }

    /** @return list<Patch> */
    private static function patches(Page $page): array
    {
        return array_values(array_filter($page->elements(), fn (Element $element): bool => $element instanceof Patch));
    }

    /**
     * @param  list<Patch>  $patches
     * @param  list<Word>  $printed
     * @return array<array-key, true>
     */
    private static function goneUnder(array $patches, array $printed): array
    {
        $gone = $left = [];
        foreach ($printed as $word) {
            $under = array_filter(
                $patches,
                fn (Patch $patch): bool => $patch->frame->meets($word->frame) && self::share($word, $patch) > 0.5,
            );
            $under === [] ? ($left += self::words($word->text)) : ($gone += self::words($word->text));
        }

        return array_diff_key($gone, $left);
    }

    /** How much of the word lies under the patch. */
    private static function share(Word $word, Patch $patch): float
    {
        $under = $word->frame->within($patch->frame);

        return ($under->width * $under->height) / max(0.01, $word->frame->width * $word->frame->height);
    }

    /** @return array<array-key, true> the words of a text, as keys */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $match);

        return array_fill_keys($match[0], true);
    }
}
