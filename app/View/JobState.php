<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;

/** What the job sheet says of a worksheet: where it comes from, and how far each station has come, in words. */
final readonly class JobState
{
    public function __construct(private Worksheet $worksheet)
    {
    }

    public function origin(): string
    {
        $worksheet = $this->worksheet;

        return $worksheet->isMaster()
            ? 'Master, from '.($worksheet->original->name ?? ($worksheet->state === WorksheetState::Failed ? 'a file that was not taken' : 'blank pages'))
            : ($worksheet->board === null ? 'Set: ' : 'Choice board: ').lcfirst(self::cutFrom($worksheet));
    }

    /** @return array<string, array{string, string, string|null}> name, state in words and address of each station */
    public function stations(): array
    {
        $ready = $this->worksheet->state === WorksheetState::Ready;

        return [
            'pages' => ['Pages', Count::of($this->worksheet->pages_total, 'page'), route('worksheets.show', $this->worksheet)],
            'boxes' => ['Boxes', $ready ? Count::of($this->boxes(), 'answer box', 'answer boxes') : 'when the pages are here', $ready ? route('bench', $this->worksheet) : null],
            'parts' => ['Parts', $ready ? Count::of($this->parts(), 'part') : 'when the pages are here', $ready ? route('parts', $this->worksheet) : null],
            'key' => ['Key', $ready ? $this->keyed() : 'when the pages are here', $ready ? route('key', $this->worksheet) : null],
            'hand-out' => ['Hand out', $ready ? $this->handedOut() : 'when the pages are here', $ready ? route('handouts.create', $this->worksheet) : null],
        ];
    }

    private function boxes(): int
    {
        return $this->worksheet->pages->sum(fn (WorksheetPage $page): int => $page->current->page()->boxesCount());
    }

    private function parts(): int
    {
        return $this->worksheet->pages->sum(fn (WorksheetPage $page): int => count($page->current->page()->parts()));
    }

    private function keyed(): string
    {
        $counts = $this->worksheet->pages->map(fn (WorksheetPage $page): array => KeyPage::count($page->current->page()));
        $all = $counts->sum(fn (array $count): int => $count[1]);

        return $all === 0 ? 'nothing to key' : "{$counts->sum(fn (array $count): int => $count[0])} of {$all} keyed";
    }

    private function handedOut(): string
    {
        return self::times($this->worksheet->editions_count ?? 0);
    }

    /** "Pages 6, 7 of Tides": where the pages of a set come from. */
    public static function cutFrom(Worksheet $set): string
    {
        $pages = match (true) {
            $set->cut_from === null || $set->cut_from === '' => 'No page is left',
            ctype_digit($set->cut_from) => "Page {$set->cut_from}",
            default => "Pages {$set->cut_from}",
        };

        return $pages.' of '.($set->master->name ?? 'a master');
    }

    public static function times(int $times): string
    {
        return match ($times) {
            0 => 'not yet',
            1 => 'once',
            2 => 'twice',
            default => "{$times} times",
        };
    }
}
