<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Edit\Bounds;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Table;
use OpenSlate\Page\Page;

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

        return $page->withElements(
            array_map(fn (Element $element): Element => $element === $table ? $after : $element, $page->elements()),
        );
    }
}
