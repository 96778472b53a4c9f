<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Worksheet;
use App\Models\WorksheetState;

/** What stands at the head of every station: the worksheet, where it comes from, and how far each station has come. */
final readonly class JobSheet
{
    /**
     * @param  Station|null  $at  where one is
     * @param  array<string, string>  $progress  of each station, in words
     * @param  array<string, string>  $addresses  of the stations that one can go to
     * @param  int|null  $number  of the page that one is at
     */
    private function __construct(
        public Worksheet $worksheet,
        public ?Station $at,
        public string $origin,
        public bool $hasMaster,
        public array $progress,
        public array $addresses,
        public ?int $number,
    ) {
    }

    /** @param  int|null  $number  of the page that one is at: the other stations show the same */
    public static function of(Worksheet $worksheet, ?Station $at = null, ?int $number = null): self
    {
        $worksheet->loadMissing(['master:id,name,teacher_id,deleted_at', 'original'])->loadCount('editions');
        $progress = $addresses = [];
        foreach (Station::cases() as $station) {
            $progress[$station->value] = $station->progress($worksheet);
            if ($station === Station::Pages || $worksheet->state === WorksheetState::Ready) {
                $addresses[$station->value] = route(
                    $station->route(),
                    $station->isOfOnePage() ? array_filter([$worksheet->id, $number]) : $worksheet,
                );
            }
        }
        $master = $worksheet->isMaster() ? null : $worksheet->master;

        return new self(
            worksheet: $worksheet,
            at: $at,
            origin: OriginWords::of($worksheet),
            hasMaster: $master !== null && ! $master->trashed(),
            progress: $progress,
            addresses: $addresses,
            number: $number,
        );
    }
}
