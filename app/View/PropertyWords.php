<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Assembly\Model;
use OpenSlate\Edit\History\PageProperty;
use OpenSlate\Page\Page;
use OpenSlate\Page\TraySide;

/** What a page has as a whole, in words. */
final class PropertyWords
{
    public static function name(PageProperty $property): string
    {
        return match ($property) {
            PageProperty::Paper => 'Paper',
            PageProperty::Tray => 'Tray',
            PageProperty::Key => 'Right model',
            PageProperty::Counting => 'Parts count',
        };
    }

    public static function of(PageProperty $property, Page $page): string
    {
        return match ($property) {
            PageProperty::Paper => PaperWords::of($page->size),
            PageProperty::Tray => self::tray($page),
            PageProperty::Key => self::key($page),
            PageProperty::Counting => $page->countsParts ? 'each for itself' : 'all as one',
        };
    }

    private static function tray(Page $page): string
    {
        if ($page->tray === null) {
            return 'none';
        }
        $side = match ($page->tray->side) {
            TraySide::Left => 'at the left',
            TraySide::Right => 'at the right',
            TraySide::Top => 'above',
            TraySide::Bottom => 'below',
        };

        return sprintf(
            '%s, %d pt deep, %s',
            $side,
            (int) round($page->tray->depth),
            $page->tray->open ? 'open' : 'shut',
        );
    }

    private static function key(Page $page): string
    {
        if ($page->key === null) {
            return 'none';
        }

        return Count::of(count(Model::parse($page->key->model)->placed), 'part').
            ($page->key->points === null
                ? ''
                : ', '.($page->key->points == 1.0 ? '1 point' : "{$page->key->points} points"));
    }
}
