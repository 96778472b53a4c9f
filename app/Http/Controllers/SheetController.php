<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ShowPicture;
use App\Documents\FileStore;
use App\Models\HandoutItem;
use Illuminate\Http\Request;
use OpenSlate\Elements\Clip;
use Symfony\Component\HttpFoundation\Response;

/** The pictures of the pages that a student was handed: only what shows there. */
final class SheetController
{
    public function __invoke(
        Request $request,
        HandoutItem $item,
        int $number,
        string $what,
        ShowPicture $show,
        FileStore $files,
    ): Response {
        $revision = $item->edition->revision($number);
        $element = $revision->page()->element(substr($what, strlen(ShowPicture::ELEMENT)));
        abort_if($element instanceof Clip && $element->kept && ! $this->seesAnswers($request, $item), 403);

        return KeptFileResponse::of($request, $files, $show($revision, $what) ?? abort(404));
    }

    private function seesAnswers(Request $request, HandoutItem $item): bool
    {
        $student = $request->user('student');

        return $item->handout->showsAnswers(
            $item
                ->copies()
                ->when(
                    $item->handout->trial ? null : $student?->getAuthIdentifier(),
                    fn ($copies, mixed $id) => $copies->ownedBy((int) $id),
                )
                ->first(),
        );
    }
}
