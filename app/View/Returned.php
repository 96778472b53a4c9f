<?php

declare(strict_types=1);

namespace App\View;

use App\Models\HandoutItem;
use App\School;
use Illuminate\Support\Carbon;
use OpenSlate\Copies\CopyState;

/** How many copies of an item are handed in, have gone back, were looked at since, and are fresh again. */
final readonly class Returned
{
    private function __construct(
        public int $opened,
        public int $handedIn,
        public int $back,
        public int $looked,
        public ?Carbon $goesBack,
        public int $renewed,
    ) {
    }

    public static function of(HandoutItem $item): self
    {
        $copies = $item->copies()->get(['id', 'state', 'returned_at', 'looked_at', 'attempt', 'changed_at']);
        $back = $copies->whereNotNull('returned_at');
        $coming = $back->filter(fn ($copy): bool => ! $copy->isReturned())->min('returned_at');

        return new self(
            $copies->where('state', '!=', CopyState::NotOpened)->count(),
            $copies->where('state', CopyState::HandedIn)->count(),
            $back->count(),
            $back->whereNotNull('looked_at')->count(),
            $coming instanceof Carbon ? $coming : null,
            $copies->where('attempt', '>', 1)->whereNull('changed_at')->count(),
        );
    }

    /** What has gone back; nothing where nothing has. */
    public function words(School $school): string
    {
        return match (true) {
            $this->back === 0 => '',
            $this->goesBack !== null => Count::of(
                $this->back,
                'copy goes',
                'copies go',
            )." back {$school->said($this->goesBack)}.",
            $this->looked === $this->back => Count::of($this->back, 'copy', 'copies').' handed back, and looked at.',
            default => Count::of($this->back, 'copy', 'copies')." handed back; {$this->unseen()} not looked at yet.",
        };
    }

    public function unseen(): int
    {
        return $this->back - $this->looked;
    }
}
