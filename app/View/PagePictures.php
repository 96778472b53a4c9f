<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Page\Clip;
use OpenSlate\Page\Page;
use OpenSlate\Page\Picture;

/** Where a browser gets the pictures of a page from: teachers by what is kept, students by what they were handed. */
interface PagePictures
{
    /** What is printed on the page, as it shows there; null where it has no print. */
    public function print(Page $page, int $number): ?LaidPrint;

    /** A clip cut out as it shows; null where it is to be drawn as a window on its whole page. */
    public function clip(Clip $clip, int $number): ?string;

    public function picture(Picture $picture, Page $page, int $number): string;
}
