<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BringInPaper;
use App\Actions\SweepPictures;
use App\Actions\TakeReturned;
use App\Documents\FileStore;
use App\Documents\Scans\CodeReader;
use App\Exports\CopiesPdf;
use App\Http\Requests\TakePaperRequest;
use App\Http\Requests\UploadRequest;
use App\Models\Copy;
use App\Models\ExportState;
use App\Models\HandoutItem;
use App\Models\PaperFile;
use App\Models\PaperSheet;
use App\Models\StoredFile;
use App\Models\Teacher;
use App\View\Count;
use App\View\PaperSheets;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Copies\OnPaper;
use Symfony\Component\HttpFoundation\Response;

/** Sheets of an item that were filled in by hand: brought in, looked at, put into the copies. */
final class OnPaperController
{
    public function show(HandoutItem $item): View
    {
        $item->load(['edition.revisions', 'handout']);
        $copies = CopiesPdf::chosen($item, []);

        return view('leaving.on-paper', [
            'item' => $item,
            'copies' => $copies,
            'files' => $item->papers()->where('state', '!=', ExportState::Ready)->latest('id')->limit(60)->get(),
            'sheets' => PaperSheets::of($item, $copies),
            'readsCodes' => CodeReader::isThere(),
        ]);
    }

    public function store(
        UploadRequest $request,
        HandoutItem $item,
        BringInPaper $bringIn,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): JsonResponse {
        $file = $request->upload();
        $bringIn($item, $teacher, $file->getPathname(), $file->getClientOriginalName());

        return response()->json(['url' => route('on-paper', $item)], 201);
    }

    /** How far the reading of a file is. */
    public function file(HandoutItem $item, PaperFile $paper): View
    {
        return view('leaving.paper-row', ['item' => $item, 'paper' => $paper]);
    }

    public function picture(Request $request, HandoutItem $item, PaperSheet $sheet, FileStore $files): Response
    {
        return KeptFileResponse::of($request, $files, $sheet->file);
    }

    public function take(TakePaperRequest $request, HandoutItem $item, TakeReturned $take): RedirectResponse
    {
        $item->load(['edition.revisions', 'handout']);
        $back = to_route('on-paper', $item);
        $copies = CopiesPdf::chosen($item, [])->keyBy('id');
        $sheets = $item->sheets()->whereNull('taken_at')->get()->keyBy('id');
        $into = $of = [];
        foreach ($request->sheets() as $chosen) {
            $sheet = $sheets->get($chosen->sheet);
            if ($sheet === null) {
                continue; // It is in a copy since, or thrown away.
            }
            $copy = $copies->get($chosen->copy);
            if ($copy === null || $chosen->page < 1 || $chosen->page > $item->edition->pages_count) {
                return $back->withErrors(['refused' => 'Choose whose each sheet is that is ticked, and which page.'])
                    ->withInput();
            }
            if (isset($into[$copy->id][$chosen->page])) {
                return $back->withErrors([
                    'refused' => "Two sheets are ticked as page {$chosen->page} of {$copy->whose()}. Tick one of them.",
                ])->withInput();
            }
            $was = OnPaper::picture($copy->written()->texts(), $chosen->page);
            if ($was !== '' && ! $request->boolean('over')) {
                return $back->withErrors([
                    'refused' => "Page {$chosen->page} of {$copy->whose()} came on paper already. Tick “In place of ".
                        'pages that came on paper before”, or leave it out.',
                ])->withInput();
            }
            $into[$copy->id][$chosen->page] = [$was, StoredFile::findOrFail($sheet->sha256)];
            $of[$copy->id][] = $sheet->id;
        }
        if ($into === []) {
            return $back->withErrors(['refused' => 'Nothing is ticked.'])->withInput();
        }

        return $this->put($item, $copies->all(), $into, $of, $request->boolean('in'), $take, $back);
    }

    /** What is left is thrown away: nobody needs it. */
    public function destroy(HandoutItem $item, SweepPictures $sweep): RedirectResponse
    {
        $left = $item->sheets()->whereNull('taken_at')->get();
        PaperSheet::whereKey($left->modelKeys())->delete();
        $item->papers()->where('state', ExportState::Refused)->delete();
        $left->each(fn (PaperSheet $sheet) => $sweep->now($sheet->sha256));

        return to_route('on-paper', $item)->with('done', 'Thrown away.');
    }

    /**
     * @param  array<int, Copy>  $copies
     * @param  array<int, array<int, array{string, StoredFile}>>  $into  pages by copy
     * @param  array<int, list<int>>  $of  sheets by copy
     */
    private function put(
        HandoutItem $item,
        array $copies,
        array $into,
        array $of,
        bool $handsIn,
        TakeReturned $take,
        RedirectResponse $back,
    ): RedirectResponse {
        $taken = $left = $whose = 0;
        $refused = [];
        foreach ($into as $id => $pages) {
            $copies[$id]->setRelation('item', $item);
            try {
                $put = $take->paper($copies[$id], $pages, $handsIn);
                $taken += $put;
                $left += count($pages) - $put;
                $whose += (int) ($put > 0);
                $put === count($pages) && PaperSheet::whereKey($of[$id])->update(['taken_at' => now()]);
            } catch (CopyRefused $refusal) {
                $refused[] = "{$copies[$id]->whose()}: {$refusal->getMessage()}";
            }
        }
        $left > 0 && $refused[] = 'Of '.Count::of($left, 'page').' another picture came meanwhile. Look at them again.';
        $back->with('done', Count::of($taken, 'page').' put into '.Count::of($whose, 'copy', 'copies').'.');

        return $refused === [] ? $back : $back->withErrors(['refused' => implode(' ', $refused)]);
    }
}
