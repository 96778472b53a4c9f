<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Page\Element;
use OpenSlate\Page\Page;
use OpenSlate\Page\Table;

/** What edits of tables have in common. */
final class Tables
{
    /** @throws EditRefused when there is no such table */
    public static function on(Page $page, string $id): Table
    {
        $table = $page->element($id);

        return $table instanceof Table ? $table : throw EditRefused::missing();
    }

    /**
     * @param  callable(Table): Table  $change
     *
     * @throws EditRefused when there is no such table
     */
    public static function changed(Page $page, string $id, callable $change): Page
    {
        $table = self::on($page, $id);
        $after = $change($table);
        Bounds::check($after->frame(), $page->frame());

        return $page->withElements(array_map(fn (Element $element): Element => $element === $table ? $after : $element, $page->elements()));
    }
}
