<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Worksheet;
use App\Models\WorksheetState;
use OpenSlate\Page\Tally;

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
            ? 'Master, from '.
                    ($worksheet->original->name ??
                        ($worksheet->state === WorksheetState::Failed ? 'a file that was not taken' : 'blank pages'))
            : ($worksheet->board === null ? 'Set: ' : 'Choice board: ').lcfirst(self::cutFrom($worksheet));
    }

    /** @return array<string, array{string, string, string|null}> name, state in words and address of each station */
    public function stations(): array
    {
        $ready = $this->worksheet->state === WorksheetState::Ready;
        $tally = $this->worksheet->tally();

        return [
            'pages' => [
                'Pages',
                Count::of($this->worksheet->pages_total, 'page'),
                route('worksheets.show', $this->worksheet),
            ],
            'boxes' => [
                'Boxes',
                $ready ? Count::of($tally->boxes, 'answer box', 'answer boxes') : 'when the pages are here',
                $ready ? route('bench', $this->worksheet) : null,
            ],
            'parts' => [
                'Parts',
                $ready ? Count::of($tally->parts, 'part') : 'when the pages are here',
                $ready ? route('parts', $this->worksheet) : null,
            ],
            'key' => [
                'Key',
                $ready ? $this->keyed($tally) : 'when the pages are here',
                $ready ? route('key', $this->worksheet) : null,
            ],
            'hand-out' => [
                'Hand out',
                $ready ? $this->handedOut() : 'when the pages are here',
                $ready ? route('handouts.create', $this->worksheet) : null,
            ],
        ];
    }

    private function keyed(Tally $tally): string
    {
        return $tally->keyable === 0 ? 'nothing to key' : "{$tally->keyed} of {$tally->keyable} keyed";
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
