<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddPages;
use App\Actions\EditPages;
use App\Actions\MendQuestions;
use App\Actions\OfferAlike;
use App\Actions\Rearrange;
use App\Http\Requests\ArrangeRequest;
use App\Http\Requests\PaperRequest;
use App\Http\Requests\QuestionsRequest;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\View\ContactSheet;
use App\View\PaperWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Edit\Elements\SwitchLinks;
use OpenSlate\Edit\Paper\Turn;
use OpenSlate\Geometry\Rotation;

/** The Pages station: changes come in, the contact sheet as it then is goes out drawn. */
final class ArrangementController
{
    public function show(Worksheet $worksheet): JsonResponse
    {
        return response()->json(ContactSheet::drawn($worksheet));
    }

    /** With what was said of some pages comes the offer to say it of others that look the same. */
    public function arrange(
        ArrangeRequest $request,
        Worksheet $worksheet,
        Rearrange $rearrange,
        OfferAlike $offer,
    ): JsonResponse {
        $rearrange($worksheet, $request->integer('base'), $request->change());
        $alike = $request->alike($worksheet->refresh(), $offer);

        return response()->json(
            ContactSheet::drawn($worksheet) +
                ($alike === null ? [] : ['alike' => view('bench.alike', ['offer' => $alike])->render()]),
        );
    }

    /** Which questions a page has: as the teacher marked them, or as they were found. */
    public function questions(QuestionsRequest $request, Worksheet $worksheet, MendQuestions $mend): JsonResponse
    {
        $mend($worksheet, $request->integer('base'), $request->integer('page'), $request->marked());

        return response()->json(ContactSheet::drawn($worksheet));
    }

    public function undo(Request $request, Worksheet $worksheet, Rearrange $rearrange): JsonResponse
    {
        $rearrange->undo($worksheet, $request->integer('base'));

        return response()->json(ContactSheet::drawn($worksheet));
    }

    public function redo(Request $request, Worksheet $worksheet, Rearrange $rearrange): JsonResponse
    {
        $rearrange->redo($worksheet, $request->integer('base'));

        return response()->json(ContactSheet::drawn($worksheet));
    }

    public function turn(Request $request, Worksheet $worksheet, EditPages $edit): JsonResponse
    {
        $request->validate(['degrees' => ['required', 'in:90,180,270']], ['degrees.*' => 'A page turns by quarters.']);
        $turn = new Turn(Rotation::fromDegrees($request->integer('degrees')));

        $edit($worksheet, $request->integer('base'), $this->pages($request), $turn);

        return response()->json(ContactSheet::drawn($worksheet));
    }

    public function duplicate(Request $request, Worksheet $worksheet, AddPages $add): JsonResponse
    {
        $add->duplicates($worksheet, $request->integer('base'), $this->pages($request));

        return response()->json(ContactSheet::drawn($worksheet));
    }

    public function blank(PaperRequest $request, Worksheet $worksheet, AddPages $add): JsonResponse
    {
        $add->blank(
            $worksheet,
            $request->integer('base'),
            $request->size(),
            $request->integer('count', 1),
            $request->before(),
            $request->theme(),
        );

        return response()->json(ContactSheet::drawn($worksheet));
    }

    /** Takes pages in from another worksheet. */
    public function take(Request $request, Worksheet $worksheet, AddPages $add): JsonResponse
    {
        $request->validate(
            ['from' => ['required', 'integer'], 'range' => ['present', 'nullable', 'string', 'max:500']],
            ['from.*' => 'Choose the worksheet to take pages from.', 'range.*' => 'Type which pages, for example 1-5.'],
        );
        $other = Worksheet::find($request->integer('from'));
        if ($other === null || Gate::denies('view', $other)) {
            return response()->json(['message' => 'That worksheet is no longer on your shelf. Choose another.'], 422);
        }
        $numbers = PageRange::parse((string) $request->string('range'), $other->pages_total);
        $before = $request->filled('before') ? $request->integer('before') : null;

        $add->from($worksheet, $request->integer('base'), $other, $numbers, $before);

        return response()->json(ContactSheet::drawn($worksheet));
    }

    public function paper(PaperRequest $request, Worksheet $worksheet, EditPages $edit): JsonResponse
    {
        $edit($worksheet, $request->integer('base'), $request->pages(), $request->repaper());

        return response()->json(ContactSheet::drawn($worksheet));
    }

    /** Says what would happen to what is on the pages. */
    public function paperPreview(PaperRequest $request, Worksheet $worksheet): JsonResponse
    {
        $repaper = $request->repaper();
        $pages = $worksheet->pages()->with('current')->whereIn('id', $request->pages())->get();

        return response()->json([
            'said' => PaperWords::consequences(
                array_values(
                    $pages
                        ->map(fn (WorksheetPage $page): array => $repaper->consequences($page->current->page()))
                        ->all(),
                ),
                $repaper,
            ),
        ]);
    }

    /** Switches printed links on or off: one, those of a page, or all. */
    public function links(Request $request, Worksheet $worksheet, EditPages $edit): JsonResponse
    {
        $request->validate(['on' => ['required', 'boolean'], 'link' => ['nullable', 'string', 'max:24']]);
        $switch = new SwitchLinks(
            $request->boolean('on'),
            $request->filled('link') ? (string) $request->string('link') : null,
        );

        $edit($worksheet, $request->integer('base'), $this->pages($request), $switch);

        return response()->json(ContactSheet::drawn($worksheet));
    }

    /** @return list<int> */
    private function pages(Request $request): array
    {
        return array_values(array_map(intval(...), (array) $request->input('pages')));
    }
}
