<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\PictureAnswer;

/**
 * A page of a copy that came back on paper. Its picture is kept among the answers, by its SHA-256, in a place of its
 * own that no student writes in: so it has the history of the copy, and goes where the page goes.
 */
final class OnPaper
{
    /** The name of the place; elements are called otherwise. */
    private const PLACE = '_paper';

    /** @param  int  $page  its number in the edition */
    public static function on(int $page): Place
    {
        return new Place(Place::idOn($page, self::PLACE), new PictureAnswer());
    }

    public static function isName(string $name): bool
    {
        return $name === self::PLACE;
    }

    /**
     * @param  array<string, string>  $texts  by place
     * @return string the SHA-256 of the picture of a page; empty where it did not come on paper
     */
    public static function picture(array $texts, int $page): string
    {
        return $texts[Place::idOn($page, self::PLACE)] ?? '';
    }

    /** Whether what is answered at a place stands on paper, if anywhere: nothing was typed there, and its page came so. */
    public static function holds(Place $place, Work $work): bool
    {
        return ! $place->form->isFilled($work->text($place->id)) &&
            self::picture($work->texts(), $place->page()) !== '';
    }

    /**
     * What there is besides what came on paper.
     *
     * @param  array<string, string>  $texts  by place
     * @return array<string, string> likewise
     */
    public static function without(array $texts, int $page): array
    {
        unset($texts[Place::idOn($page, self::PLACE)]);

        return $texts;
    }

    /**
     * Whether something was also typed or drawn on a page that came on paper: that may be more, or other.
     *
     * @param  array<string, string>  $texts  by place
     */
    public static function isWrittenToo(array $texts, int $page): bool
    {
        foreach (self::picture($texts, $page) === '' ? [] : self::without($texts, $page) as $id => $text) {
            if ($text !== '' && str_starts_with($id, "{$page}.")) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, string>  $texts  by place
     * @return list<int> the numbers of the pages that came on paper, rising
     */
    public static function pages(array $texts): array
    {
        $pages = [];
        foreach ($texts as $id => $picture) {
            [$page, $name] = explode('.', $id, 2);
            if ($picture !== '' && self::isName($name)) {
                $pages[] = (int) $page;
            }
        }
        sort($pages);

        return $pages;
    }
}
