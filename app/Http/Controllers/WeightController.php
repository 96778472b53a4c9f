<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MakeLighter;
use App\Actions\OfferLighter;
use App\Actions\WeighPages;
use App\Documents\FileStore;
use App\Models\WorksheetPage;
use App\View\JobSheet;
use App\View\Station;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What a page weighs, and what of it could be lighter, before anything is done. */
final class WeightController
{
    public function show(WorksheetPage $page, WeighPages $weigh, OfferLighter $offer): View
    {
        return view('bench.weight', [
            'job' => JobSheet::of($page->worksheet, Station::Pages),
            'page' => $page,
            'locked' => $page->worksheet->isLocked(),
            'weight' => $weigh($page->newCollection([$page]))[$page->id],
            'steps' => $offer($page),
        ]);
    }

    /** How a picture of the page would look, made lighter. */
    public function picture(
        Request $request,
        WorksheetPage $page,
        string $made,
        OfferLighter $offer,
        FileStore $files,
    ): BinaryFileResponse {
        return KeptFileResponse::of($request, $files, $offer->find($page, $made) ?? abort(404));
    }

    public function lighten(Request $request, WorksheetPage $page, MakeLighter $lighten): RedirectResponse
    {
        $chosen = array_filter((array) $request->input('pictures'), is_string(...));
        $lighten($page, $request->integer('base'), array_values($chosen));

        return to_route('weight.show', $page)->with('done', $chosen === []
            ? 'Nothing was ticked: the page is as it was.'
            : 'The page is lighter. Undo on its bench takes it back.');
    }
}
