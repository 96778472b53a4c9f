<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;

/** What students see of a page, told apart from what is for the teacher: its keys and points. */
final class SeenPage
{
    private const FOR_TEACHERS = ['key' => 1, 'points' => 1, 'counts' => 1, 'misspelt' => 1, 'right' => 1];

    /** Another one where students see, or can do, something else. */
    public static function fingerprint(Page $page): string
    {
        /** @var array<string, mixed> $whole */
        $whole = json_decode(PageCodec::encode($page), true, flags: JSON_THROW_ON_ERROR);
        unset($whole['key']);
        $elements = is_array($whole['elements']) ? $whole['elements'] : [];
        $whole['elements'] = array_map(self::seen(...), $elements);

        return sha1(serialize(self::inOrder($whole)));
    }

    /**
     * In whatever order a page says what it is, it is the same page.
     *
     * @param  array<mixed>  $fields
     * @return array<mixed>
     */
    private static function inOrder(array $fields): array
    {
        array_is_list($fields) || ksort($fields);

        return array_map(fn (mixed $one): mixed => is_array($one) ? self::inOrder($one) : $one, $fields);
    }

    private static function seen(mixed $element): mixed
    {
        if (! is_array($element)) {
            return $element;
        }
        foreach (['cells', 'boxes'] as $parts) {
            if (is_array($element[$parts] ?? null)) {
                $element[$parts] = array_map(
                    fn (mixed $part): mixed => is_array($part) ? array_diff_key($part, ['key' => 1]) : $part,
                    $element[$parts],
                );
            }
        }

        return array_diff_key($element, self::FOR_TEACHERS);
    }
}
