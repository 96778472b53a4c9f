<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\FormCodec;
use OpenSlate\Elements\Answerable;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;
use OpenSlate\Parts\Scene;

/**
 * A page that was handed out, with the key that it has by now.
 *
 * Students have the page as it was. Where a place is still of the same form, the right answers, the points and how
 * closely it is held are those of the present page; all else stays as it was handed out.
 */
final class Rekeyed
{
    /** What of a form may have changed without its answers being others. */
    private const NOT_ASKED = ['counts', 'misspelt', 'right', 'limit', 'pitch', 'first', 'spelling'];

    public static function page(Page $frozen, Page $present): Page
    {
        $elements = array_map(
            function (Element $element) use ($present): Element {
                $after = $present->element($element->id());

                $areAnswered = $element instanceof Answerable && $after instanceof Answerable;

                return $areAnswered && self::asksTheSame($element, $after)
                    ? $after->framed($element->frame())
                    : $element;
            },
            $frozen->elements(),
        );
        [$before, $after] = [new Scene($frozen), new Scene($present)];
        $isSameScene = $before->ids() === $after->ids() && array_keys($before->spots) === array_keys($after->spots);
        $page = $frozen->withElements($elements);

        return $isSameScene ? $page->withKey($present->key) : $page;
    }

    private static function asksTheSame(Answerable $before, Answerable $after): bool
    {
        [$ours, $theirs] = [$before->places(), $after->places()];
        if (array_keys($ours) !== array_keys($theirs)) {
            return false;
        }
        foreach ($ours as $name => $form) {
            if (self::asked($form) !== self::asked($theirs[$name])) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, mixed> */
    private static function asked(AnswerForm $form): array
    {
        return array_diff_key(FormCodec::properties($form), array_flip(self::NOT_ASKED));
    }
}
