<?php

declare(strict_types=1);

namespace App\Documents\Scans;

use TCPDF;

/** A PDF of which each page is one picture. */
final class PicturePages extends TCPDF
{
    public function __construct()
    {
        parent::__construct('P', 'pt');
        $this->tcpdflink = false; // The library would name itself on the last page.
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setMargins(0, 0, 0);
        $this->setAutoPageBreak(false);
    }

    /** @param  array{float, float}  $size  in points */
    public function add(string $jpeg, array $size): void
    {
        [$width, $height] = $size;
        $this->AddPage($width > $height ? 'L' : 'P', [$width, $height]);
        $this->Image($jpeg, 0, 0, $width, $height, 'JPEG');
    }
}
