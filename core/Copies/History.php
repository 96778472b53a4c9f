<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use JsonException;

/**
 * The moments of a copy, each kept as what was answered otherwise than at the one before: text by place, null where it
 * was gone. What a copy was at a moment is all of them up to it, one after the other.
 */
final class History
{
    /**
     * @param  array<string, string>  $before  text by place
     * @param  array<string, string>  $after
     * @return array<string, string|null>
     */
    public static function changes(array $before, array $after): array
    {
        $changes = [];
        foreach ($after as $place => $text) {
            if ($text !== ($before[$place] ?? '')) {
                $changes[$place] = $text;
            }
        }
        foreach (array_keys(array_diff_key($before, $after)) as $place) {
            if ($before[$place] !== '') {
                $changes[$place] = null;
            }
        }

        return $changes;
    }

    /**
     * @param  iterable<array<string, string|null>>  $moments  the changes of each, the oldest first
     * @return array<string, string> text by place, after the last
     */
    public static function replayed(iterable $moments): array
    {
        $texts = [];
        foreach ($moments as $changes) {
            foreach ($changes as $place => $text) {
                if ($text === null || $text === '') {
                    unset($texts[$place]);
                } else {
                    $texts[$place] = $text;
                }
            }
        }

        return $texts;
    }

    /**
     * A moment falls out: what it changed is the next one's to change, unless that one says otherwise.
     *
     * @param  array<string, string|null>  $gone
     * @param  array<string, string|null>  $next
     * @return array<string, string|null>
     */
    public static function joined(array $gone, array $next): array
    {
        return [...$gone, ...$next];
    }

    /**
     * Something is added to a moment that the moments after it are not to have.
     *
     * @param  array<string, string>  $late  what is added
     * @param  array<string, string>  $texts  as they were at the moment without it
     * @param  array<string, string|null>  $next  the changes of the moment after
     * @return array<string, string|null> those of the moment after, with what takes the added away again
     */
    public static function without(array $late, array $texts, array $next): array
    {
        $back = [];
        foreach (array_keys($late) as $place) {
            $back[$place] = $texts[$place] ?? null;
        }

        return [...$back, ...$next];
    }

    /**
     * @param  array<string, string|null>  $changes
     *
     * @throws JsonException
     */
    public static function toJson(array $changes): string
    {
        return json_encode((object) $changes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * @return array<string, string|null>
     *
     * @throws JsonException
     */
    public static function fromJson(string $json): array
    {
        $changes = [];
        foreach ((array) json_decode($json, true, 2, JSON_THROW_ON_ERROR) as $place => $text) {
            $changes[(string) $place] = is_string($text) ? $text : null;
        }

        return $changes;
    }
}
