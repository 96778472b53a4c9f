<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Packs\Role;

/** Which pages go out: none, keys, what is for the teacher, pages with nothing on them, a master in place of a set. */
final class PagesCheck implements Check
{
    /** What is for the teacher, and no key. */
    private const TEACHERS = [
        'cover' => 'a cover',
        'contents' => 'a table of contents',
        'terms' => 'terms of use',
        'guide' => 'a guide for the teacher',
        'credits' => 'credits',
    ];

    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable
    {
        if ($sheet->pages === []) {
            yield new Finding('no-pages', Severity::Stops, 'There is no page to hand out.');
        }
        if ($sheet->sets > 0) {
            yield new Finding(
                'master',
                Severity::Look,
                'This is the whole master. '.($sheet->sets === 1 ? 'A set was' : "{$sheet->sets} sets were")
                    .' cut from it: is one of them meant?',
            );
        }
        foreach ($sheet->pages as $page) {
            if ($page->role === Role::Key) {
                yield $page->finding('key-page', Severity::Stops, 'This page is an answer key. Take it out first.');
            }
            if (isset(self::TEACHERS[$page->role->value])) {
                yield $page->finding(
                    'teacher-page',
                    Severity::Mend,
                    'This page is '.self::TEACHERS[$page->role->value].', not for students.',
                );
            }
            if ($page->page->backdrop === null && $page->page->elements() === []) {
                yield $page->finding('empty-page', Severity::Mend, 'There is nothing on this page.');
            }
        }
    }
}
