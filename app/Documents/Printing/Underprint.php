<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Rotation;

/** A page of a PDF that lies beneath what is laid out, with its fonts and lines as they are. */
final readonly class Underprint
{
    /**
     * @param  string  $path  of the PDF
     * @param  int  $page  its number, from 1
     * @param  Frame  $window  what of it shows, on the page as displayed, in points
     * @param  Rotation  $turn  of the window, once it is cut out
     * @param  Frame  $frame  where it shows on the sheet, in points; as wide for its height as the turned window
     */
    public function __construct(
        public string $path,
        public int $page,
        public Frame $window,
        public Rotation $turn,
        public Frame $frame,
    ) {
    }
}
