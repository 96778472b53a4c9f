<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeReturned;
use App\Documents\FileRefused;
use App\Exports\CopiesPdf;
use App\Exports\ReadReturned;
use App\Exports\ReturnedAnswer;
use App\Http\Requests\ReturnedRequest;
use App\Http\Requests\TakeReturnedRequest;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\View\Count;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Collection;
use OpenSlate\Copies\CopyRefused;

/** Answers that come back in PDFs: looked at first, then taken. */
final class ReturnedController
{
    public function read(ReturnedRequest $request, HandoutItem $item, ReadReturned $read): View
    {
        $item->load(['edition.revisions', 'handout']);
        $copies = CopiesPdf::chosen($item, []);

        return view('leaving.returned', [
            'item' => $item,
            'copies' => $copies,
            'files' => array_map(
                fn (UploadedFile $file): array => $this->file($item, $copies, $file, $read),
                $request->pdfs(),
            ),
        ]);
    }

    /** A file whose copy was chosen by hand. */
    public function choose(TakeReturnedRequest $request, HandoutItem $item, ReadReturned $read): View
    {
        $item->load(['edition.revisions', 'handout']);
        $copies = CopiesPdf::chosen($item, []);
        $files = [];
        foreach ($request->returned() as $file) {
            $copy = $copies->firstWhere('id', $file->copy);
            $files[] = [
                'name' => $file->name,
                'copy' => $copy,
                'answers' => $copy === null ? [] : $read->answers($item, $copy, $file->values),
                'values' => $file->values,
                'problem' => null,
            ];
        }

        return view('leaving.returned', ['item' => $item, 'copies' => $copies, 'files' => $files]);
    }

    public function take(TakeReturnedRequest $request, HandoutItem $item, TakeReturned $take): RedirectResponse
    {
        $item->load(['edition.revisions', 'handout']);
        $taken = $wanted = 0;
        $refused = [];
        foreach ($request->returned() as $file) {
            $copy = $item
                ->copies()
                ->with(['student', 'students'])
                ->find($file->copy);
            if ($copy === null || $file->answers === []) {
                continue;
            }
            // What was seen beside one copy is not put into another.
            if ($copy->id !== $file->shown) {
                $refused[] = "{$file->name}: {$copy->whose()} was chosen since. Look at it as that first.";

                continue;
            }
            $copy->setRelation('item', $item);
            try {
                $taken += $take($copy, $file->answers);
                $wanted += count($file->answers);
            } catch (CopyRefused $refusal) {
                $refused[] = "{$copy->whose()}: {$refusal->getMessage()}";
            }
        }
        $left = $wanted - $taken;
        $back = to_route('copies.leaving', $item);

        $back->with(
            'done',
            Count::of($taken, 'answer').
                ' taken.'.
                ($left === 0 ? '' : ' '.Count::of($left, 'place').' changed meanwhile, and stay as they are.'),
        );

        return $refused === [] ? $back : $back->withErrors(['refused' => implode(' ', $refused)]);
    }

    /**
     * @param  Collection<int, Copy>  $copies
     * @return array{name: string, copy: Copy|null, answers: list<ReturnedAnswer>, values: array<string, string>,
     *     problem: string|null}
     */
    private function file(HandoutItem $item, Collection $copies, UploadedFile $file, ReadReturned $read): array
    {
        $name = mb_substr(mb_scrub($file->getClientOriginalName()), 0, 200);
        try {
            $values = $read->values((string) $file->getRealPath());
        } catch (FileRefused $refusal) {
            return [
                'name' => $name,
                'copy' => null,
                'answers' => [],
                'values' => [],
                'problem' => $refusal->getMessage(),
            ];
        }
        $copy = $read->whose($item, $values);

        return [
            'name' => $name,
            'copy' => $copies->firstWhere('id', $copy?->id),
            'answers' => $copy === null ? [] : $read->answers($item, $copy, $values),
            'values' => $values,
            'problem' => null,
        ];
    }
}
