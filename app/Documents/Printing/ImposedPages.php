<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use setasign\Fpdi\Tcpdf\Fpdi;

/** The PDF that pages of another are laid on. */
final class ImposedPages extends Fpdi
{
    public function __construct()
    {
        parent::__construct('P', 'pt');
        $this->tcpdflink = false; // The library would name itself on the last page.
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setAutoPageBreak(false);
        $this->setMargins(0, 0);
    }
}
