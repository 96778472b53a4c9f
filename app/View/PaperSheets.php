<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\PaperSheet;
use Illuminate\Support\Collection;
use OpenSlate\Copies\OnPaper;

/** The sheets of an item that came back on paper and are in no copy yet: those of which somebody has to say first. */
final readonly class PaperSheets
{
    /** On one page: a class of several sheets each. The others come when these are put away. */
    private const MOST = 200;

    /**
     * @param  list<PaperSheetRow>  $unknown
     * @param  list<PaperSheetRow>  $known  by name and page
     * @param  int  $more  how many are not among them
     * @param  bool  $isAgainst  whether there are copies that have such pages already
     */
    private function __construct(
        public array $unknown,
        public array $known,
        public int $more,
        public bool $isAgainst,
    ) {
    }

    /** @param  Collection<int, Copy>  $copies  of the item, in the order of their names */
    public static function of(HandoutItem $item, Collection $copies): self
    {
        $all = PaperSheet::whereIn('paper_file_id', $item->papers()->select('id'))->whereNull('taken_at');
        $sheets = $all->clone()->with('paper')->orderBy('id')->limit(self::MOST)->get();
        $order = array_flip($copies->pluck('id')->all());
        $numbers = $item->edition->revisions->pluck('page_id')->flip();
        $texts = $copies->mapWithKeys(fn (Copy $copy): array => [$copy->id => $copy->written()->texts()]);
        $last = $rows = [];
        foreach ($sheets as $sheet) {
            // By the edition as it is now: a page may be elsewhere since it was printed.
            $number = $sheet->page_id === null ? 0 : (int) ($numbers->get($sheet->page_id) ?? -1) + 1;
            $copy = isset($order[$sheet->copy_id]) ? (int) $sheet->copy_id : 0;
            $rows[] = [$sheet, $copy, $number];
            $last["{$copy}.{$number}"] = $sheet->id;
        }
        usort($rows, fn (array $a, array $b): int => [$order[$a[1]] ?? -1, $a[2], $a[0]->id] <=>
            [$order[$b[1]] ?? -1, $b[2], $b[0]->id]);
        $unknown = $known = [];
        $isAgainst = false;
        foreach ($rows as [$sheet, $copy, $number]) {
            $isKnown = $copy > 0 && $number > 0;
            $was = $isKnown ? OnPaper::picture((array) $texts->get($copy), $number) : '';
            $isLast = $last["{$copy}.{$number}"] === $sheet->id;
            $row = new PaperSheetRow(
                $sheet,
                $copy,
                $number,
                match (true) {
                    ! $isKnown => $sheet->doubt?->words() ?? 'It is not known which page of whose this is.',
                    ! $isLast => 'This page was scanned again after this.',
                    $was !== '' => 'This page of the copy came on paper already.',
                    default => '',
                },
                $isKnown && $isLast && $was === '',
            );
            $isAgainst = $isAgainst || $was !== '';
            $isKnown ? ($known[] = $row) : ($unknown[] = $row);
        }

        return new self($unknown, $known, $all->count() - $sheets->count(), $isAgainst);
    }

    public function isEmpty(): bool
    {
        return $this->unknown === [] && $this->known === [];
    }
}
