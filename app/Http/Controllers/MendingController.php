<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MasterLocked;
use App\Actions\MendingOffer;
use App\Actions\MendPage;
use App\Actions\OfferMending;
use App\Models\Copy;
use App\Models\Worksheet;
use App\View\Count;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Edit\History\PageProperty;

/** What has changed in a master since sets were cut from it, offered to them. */
final class MendingController
{
    public function show(Worksheet $worksheet, OfferMending $offer): View
    {
        $offers = collect($offer($worksheet));

        return view('bench.mending', [
            'job' => JobSheet::of($worksheet, Station::Pages),
            'worksheet' => $worksheet->load('sets'),
            'offers' => $offers,
            'copies' => Copy::ofWorksheets(
                array_values(
                    $offers->map(fn (MendingOffer $one): int => $one->page->worksheet_id)->unique()->all(),
                ),
            ),
        ]);
    }

    /** Gives it to every page of the chosen sets that can take it as it is. */
    public function takeAll(
        Request $request,
        Worksheet $worksheet,
        OfferMending $offer,
        MendPage $mend,
    ): RedirectResponse {
        $sets = array_map(intval(...), array_filter((array) $request->input('sets'), is_numeric(...)));
        if ($sets === []) {
            return $this->back($worksheet, 'Nothing was mended: tick the sets that are to take the change.');
        }
        $taken = 0;
        $locked = [];
        foreach ($offer($worksheet) as $clean) {
            if ($clean->merge->isClean() && in_array($clean->page->worksheet_id, $sets, true)) {
                try {
                    $mend($clean);
                    $taken++;
                } catch (MasterLocked) {
                    $locked[] = $clean->page->worksheet->name;
                }
            }
        }
        $said = 'Mended: '.Count::of($taken, 'page').'.';

        return to_route('mending.show', $worksheet)->with(
            'done',
            $locked === []
                ? $said
                : $said.' Locked, and left as it was: '.implode(', ', array_unique($locked)).'.',
        );
    }

    /** Settles one page: element by element, or leaves it. */
    public function settle(
        Request $request,
        Worksheet $worksheet,
        OfferMending $offer,
        MendPage $mend,
    ): RedirectResponse {
        $found = array_values(
            array_filter(
                $offer($worksheet),
                fn (MendingOffer $one): bool => $one->page->id === $request->integer('page'),
            ),
        );
        $one = $found[0] ?? null;
        if ($one === null) {
            return $this->back(
                $worksheet,
                'That page waits for no mending any more: it was mended already, or it, or its set, was taken away.',
            );
        }
        if ($one->token() !== (string) $request->string('seen')) {
            return $this->back(
                $worksheet,
                "Page {$one->page->position} of {$one->page->worksheet->name}, or the page it was cut from, was "
                    .'changed meanwhile. Look at it again.',
            );
        }
        if ($request->boolean('leave')) {
            $mend->leave($one);

            return to_route('mending.show', $worksheet)->with(
                'done',
                "Left as it is: page {$one->page->position} of {$one->page->worksheet->name}.",
            );
        }
        $wanted = fn (string $field): array => array_map(
            strval(...),
            array_keys(array_filter((array) $request->input($field), fn (mixed $whose): bool => $whose === 'master')),
        );
        $mend(
            $one,
            $wanted('take'),
            array_values(array_filter(array_map(PageProperty::tryFrom(...), $wanted('page_takes')))),
        );

        return to_route('mending.show', $worksheet)->with(
            'done',
            "Mended: page {$one->page->position} of {$one->page->worksheet->name}.",
        );
    }

    private function back(Worksheet $worksheet, string $problem): RedirectResponse
    {
        return to_route('mending.show', $worksheet)->withErrors(['refused' => $problem]);
    }
}
