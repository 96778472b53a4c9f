<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Picture;
use OpenSlate\Page\Page;

/** For teachers, who see whole pages: by the hashes under which files are kept. */
final readonly class KeptPictures implements PagePictures
{
    public function print(Page $page, int $number): ?LaidPrint
    {
        return $page->backdrop === null
            ? null
            : LaidPrint::kept(
                $page->backdrop->source,
                $page->backdrop->page,
                $page->backdrop->frame ?? $page->frame(),
                $page->backdrop->turn,
                $page->backdrop->light,
            );
    }

    public function clip(Clip $clip, int $number): ?string
    {
        return null;
    }

    public function picture(Picture $picture, Page $page, int $number): string
    {
        return PictureAddress::of($picture->source);
    }

    public function kept(string $sha256): string
    {
        return PictureAddress::of($sha256);
    }
}
