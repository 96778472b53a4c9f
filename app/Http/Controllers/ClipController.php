<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ApplyEdit;
use App\Documents\Pictures;
use App\Models\Backdrop;
use App\Models\StoredFile;
use App\Models\TeacherFile;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\View\BenchPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use InvalidArgumentException;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Parts\MakePart;
use OpenSlate\Edit\Place;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Picture;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Page\PageFile;

/** Clips: a piece of any page that a teacher may look at, laid on a page of their own. */
final class ClipController
{
    /** The pages to choose from, drawn. */
    public function pages(Worksheet $worksheet): JsonResponse
    {
        $worksheet->load(['pages.current']);

        return response()->json(['html' => view('bench.clip-pages', ['worksheet' => $worksheet])->render()]);
    }

    public function lay(Request $request, WorksheetPage $page, ApplyEdit $apply): JsonResponse
    {
        $sides = ['x', 'y', 'width', 'height'];
        $request->validate(
            ['base' => ['required', 'integer'], 'from' => ['required', 'integer']] +
                array_fill_keys($sides, ['required', 'numeric', 'between:0,14400']),
            ['*' => 'Drag a frame round what you want to clip.'],
        );
        $from = WorksheetPage::with(['current', 'backdrop', 'worksheet'])->find($request->integer('from'));
        if ($from === null || $from->backdrop === null || Gate::denies('look', $from->worksheet)) {
            throw EditRefused::invalid('that page has no print to clip, or is no longer yours to look at');
        }
        $content = $from->current->page();
        $region = Frame::of(...array_map(fn (string $side): float => $request->float($side), $sides))->within(
            $content->backdrop->frame ?? $content->frame(),
        );
        $id = Str::lower(Str::random(10));
        try {
            $clip = $content->clip(
                $from->backdrop->size(),
                $region,
                $id,
                $this->place($page->current->page(), $region),
            );
            TeacherFile::give($page->worksheet->teacher_id, new PageFile($clip->source, $clip->page));
            $apply($page, $request->integer('base'), new Place([$clip]));
        } catch (InvalidArgumentException $problem) {
            return response()->json(['message' => $problem->getMessage()], 422);
        }

        return response()->json(BenchPage::of($page)->drawn() + ['new' => [$id]]);
    }

    /** A clip, or a picture, as a part that students move. */
    public function part(Request $request, WorksheetPage $page, ApplyEdit $apply, Pictures $pictures): JsonResponse
    {
        $request->validate(
            ['base' => ['required', 'integer'], 'id' => ['required', 'string', 'max:24']],
            ['*' => 'Select a picture or a clip first.'],
        );
        $element = $page->current->page()->element($request->string('id')->value());
        $source = match (true) {
            $element instanceof Picture => $element->source,
            $element instanceof Clip => $this->cutOut($element, $pictures, $page->worksheet->teacher_id),
            default => throw EditRefused::noPicture(),
        };
        $revision = $apply($page, $request->integer('base'), new MakePart($element->id, $source));

        return response()->json(BenchPage::at($page, $revision)->drawn() + ['new' => [$element->id]]);
    }

    private function cutOut(Clip $clip, Pictures $pictures, int $teacherId): string
    {
        $printed = Backdrop::where('source', $clip->source)->where('page', $clip->page)->firstOrFail();
        $cut = $pictures->cut(
            StoredFile::where('sha256', $printed->image)->firstOrFail(),
            [$clip->left, $clip->top, $clip->across, $clip->down],
            $clip->turn->value,
        );
        TeacherFile::give($teacherId, new PageFile($cut->sha256));

        return $cut->sha256;
    }

    /** At its own size as far as the page has room, in the middle of its upper half. */
    private function place(Page $page, Frame $region): Frame
    {
        $scale = min(
            1.0,
            (0.9 * $page->size->width) / max(1.0, $region->width),
            (0.9 * $page->size->height) / max(1.0, $region->height),
        );
        [$width, $height] = [$region->width * $scale, $region->height * $scale];

        return Frame::of(
            ($page->size->width - $width) / 2,
            min($page->size->height - $height, max(0.0, $page->size->height / 3 - $height / 2)),
            $width,
            $height,
        );
    }
}
