<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Page\Showing;

/** What a worksheet leaves as PDF with, before anything is chosen. */
final readonly class LeavingForm
{
    public const NO_BROWSER = 'This machine has no browser that lays pages out (Chromium), so that no PDF can be made '
        .'here. Print the page from your own browser instead.';

    public const TOO_MANY = 'Several files are being made for you already. Wait until one of them is ready.';

    /**
     * @param  string  $pages  those that are for students: "1–3, 5"
     * @param  string  $covered  those of which something is covered or cut off; nothing where there are none
     */
    private function __construct(public string $pages, public string $covered)
    {
    }

    public static function of(Worksheet $worksheet): self
    {
        $pages = $worksheet->pages()->with('current')->get();
        $given = $pages->filter(fn (WorksheetPage $page): bool => $page->role->isGiven());
        $covered = $pages->filter(
            fn (WorksheetPage $page): bool => Showing::ofPrint($page->current->page())?->isWhole() === false,
        );
        $numbers = fn (iterable $of): array => array_values(
            collect($of)->map(fn (WorksheetPage $page): int => $page->number())->all(),
        );

        return new self(
            PageRange::format($numbers($given->isEmpty() ? $pages : $given)),
            $covered->isEmpty() ? '' : PageRange::format($numbers($covered)),
        );
    }
}
