<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Picture;
use OpenSlate\Page\Page;

/** Where a browser gets the pictures of a page from: teachers by what is kept, students by what they were handed. */
interface PagePictures
{
    /** What is printed on the page, as it shows there; null where it has no print. */
    public function print(Page $page, int $number): ?LaidPrint;

    /** A clip cut out as it shows; null where it is to be drawn as a window on its whole page. */
    public function clip(Clip $clip, int $number): ?string;

    public function picture(Picture $picture, Page $page, int $number): string;

    /** A picture that is shown as it is kept: of a part, or one that a student has put there. */
    public function kept(string $sha256): string;
}
