<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;

/** The stations of a job, in order: where each stands, what works it in the browser, and what it draws. */
enum Station: string
{
    case Pages = 'pages';
    case Boxes = 'boxes';
    case Parts = 'parts';
    case Key = 'key';
    case Check = 'check';
    case HandOut = 'hand-out';

    /** The station that a window says it is at; one that says none lays things, as most do. */
    public static function named(mixed $name): self
    {
        return (is_string($name) ? self::tryFrom($name) : null) ?? self::Boxes;
    }

    public function words(): string
    {
        return match ($this) {
            self::Pages => 'Pages',
            self::Boxes => 'Boxes',
            self::Parts => 'Parts',
            self::Key => 'Key',
            self::Check => 'Check',
            self::HandOut => 'Hand out',
        };
    }

    /** The name of its route, which takes a worksheet and, where a station shows one page, its number. */
    public function route(): string
    {
        return match ($this) {
            self::Pages => 'worksheets.show',
            self::Boxes => 'bench',
            self::Parts => 'parts',
            self::Key => 'key',
            self::Check => 'check',
            self::HandOut => 'handouts.create',
        };
    }

    /** Whether it shows one page at a time. */
    public function isOfOnePage(): bool
    {
        return in_array($this, [self::Boxes, self::Parts, self::Key], true);
    }

    /** @return list<string> the scripts by which it is worked; none where nothing can be changed */
    public function scripts(bool $locked): array
    {
        return match (true) {
            $this === self::Pages => ['resources/js/pages.js'],
            $locked || in_array($this, [self::Check, self::HandOut], true) => [],
            $this === self::Key => ['resources/js/key.js'],
            default => ['resources/js/bench.js'],
        };
    }

    /** How far the job has come there, in words. */
    public function progress(Worksheet $worksheet): string
    {
        if ($this === self::Pages) {
            return Count::of($worksheet->pages_total, 'page');
        }
        if ($worksheet->state !== WorksheetState::Ready) {
            return 'when the pages are here';
        }
        if ($this === self::Check) {
            return self::found($worksheet);
        }
        $tally = $worksheet->tally();

        return match ($this) {
            self::Boxes => Count::of($tally->boxes, 'answer box', 'answer boxes'),
            self::Parts => Count::of($tally->parts, 'part'),
            self::Key => $tally->keyable === 0 ? 'nothing to key' : "{$tally->keyed} of {$tally->keyable} keyed",
            self::HandOut => Count::times($worksheet->editions_count ?? 0),
        };
    }

    private static function found(Worksheet $worksheet): string
    {
        return match (true) {
            $worksheet->looked_at === null => 'not looked through',
            $worksheet->looked_at !== $worksheet->stateOfPages() => 'changed since',
            $worksheet->to_mend === 0 => 'nothing to mend',
            default => "{$worksheet->to_mend} to mend",
        };
    }

    /** @return array<string, mixed> a page as the station draws it */
    public function drawn(WorksheetPage $page): array
    {
        return $this === self::Key ? KeyPage::of($page)->drawn() : BenchPage::of($page)->drawn();
    }

    /**
     * A page as the station draws it after a change of its own: whole, or what the change has touched.
     *
     * @return array<string, mixed>
     */
    public function changed(WorksheetPage $page, PageRevision $revision): array
    {
        if ($this === self::Key) {
            return $this->drawn($page);
        }
        $shown = BenchPage::at($page, $revision);

        return $revision->replaced() === null ? $shown->drawn() : $shown->changes($revision->replaced());
    }
}
