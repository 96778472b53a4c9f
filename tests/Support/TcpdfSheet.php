<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Geometry\Frame;
use TCPDF;

/** A sheet that TCPDF draws, blank by blank, so that it is known where each is. */
final class TcpdfSheet
{
    /** @var list<array{kind: string, frame: Frame}> */
    public array $truth = [];

    private TCPDF $pdf;

    public function __construct()
    {
        $this->pdf = new TCPDF('P', 'pt', 'A4');
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->SetAutoPageBreak(false);
        $this->pdf->AddPage();
        $this->pdf->SetFont('helvetica', '', 12);
    }

    public function words(string $words, float $x, float $y): self
    {
        $this->pdf->Text($x, $y, $words);

        return $this;
    }

    public function line(float $x, float $y, float $width): self
    {
        $this->pdf->SetLineWidth(0.6);
        $this->pdf->Line($x, $y, $x + $width, $y);

        return $this->true('line', Frame::of($x, $y - 18, $width, 18));
    }

    public function lines(float $x, float $y, float $width, int $count, float $pitch, bool $dotted = false): self
    {
        $this->pdf->setLineStyle(['width' => 0.7, 'dash' => $dotted ? '1,2' : 0]);
        for ($n = 0; $n < $count; $n++) {
            $this->pdf->Line($x, $y + $n * $pitch, $x + $width, $y + $n * $pitch);
        }
        $this->pdf->setLineStyle(['width' => 0.7, 'dash' => 0]);

        return $this->true('lines', Frame::of($x, $y - $pitch, $width, $count * $pitch));
    }

    public function box(float $x, float $y, float $width, float $height, float $round = 0.0): self
    {
        $round > 0
            ? $this->pdf->RoundedRect($x, $y, $width, $height, $round)
            : $this->pdf->Rect($x, $y, $width, $height);

        return $this->true('box', Frame::of($x, $y, $width, $height));
    }

    public function tick(float $x, float $y, bool $ring, string $choice): self
    {
        $ring ? $this->pdf->Circle($x + 5.5, $y + 5.5, 5.5) : $this->pdf->Rect($x, $y, 11, 11);

        return $this->words($choice, $x + 16, $y - 2)->true('tick', Frame::of($x, $y, 11, 11));
    }

    /** @param  list<list<string>>  $rows  words of the cells; an empty one is to be filled in */
    public function table(float $x, float $y, float $width, float $height, array $rows): self
    {
        foreach ($rows as $row => $cells) {
            foreach ($cells as $column => $words) {
                $this->pdf->SetXY($x + $column * $width, $y + $row * $height);
                $this->pdf->Cell($width, $height, $words, 1);
                $words === '' &&
                    $this->true('cell', Frame::of($x + $column * $width, $y + $row * $height, $width, $height));
            }
        }

        return $this;
    }

    public function field(string $name, float $x, float $y, float $width, float $height): self
    {
        $this->pdf->TextField($name, $width, $height, [], [], $x, $y);

        return $this->true('field', Frame::of($x, $y, $width, $height));
    }

    /** @param  list<string>  $choices */
    public function combo(string $name, float $x, float $y, float $width, float $height, array $choices): self
    {
        $this->pdf->ComboBox($name, $width, $height, $choices, [], [], $x, $y);

        return $this->true('field', Frame::of($x, $y, $width, $height));
    }

    public function checkbox(string $name, float $x, float $y, float $side): self
    {
        $this->pdf->CheckBox($name, $side, false, [], [], 'Yes', $x, $y);

        return $this->true('field', Frame::of($x, $y, $side, $side));
    }

    /** @param  list<string>  $values  one button for each, 40 points apart */
    public function radio(string $name, float $x, float $y, float $side, array $values): self
    {
        foreach ($values as $at => $value) {
            $this->pdf->RadioButton($name, $side, [], [], $value, false, $x + 40 * $at, $y);
        }

        return $this->true('field', Frame::of($x, $y, 40 * (count($values) - 1) + $side, $side));
    }

    /** Several lines, of at most so many characters. */
    public function area(string $name, float $x, float $y, float $width, float $height, int $most): self
    {
        $this->pdf->TextField($name, $width, $height, ['multiline' => true, 'charLimit' => $most], [], $x, $y);

        return $this->true('field', Frame::of($x, $y, $width, $height));
    }

    /** Axes with a curve, which are nothing to write on. */
    public function chart(float $x, float $y): self
    {
        $this->pdf->Line($x, $y + 100, $x + 160, $y + 100);
        $this->pdf->Line($x, $y, $x, $y + 100);
        $this->pdf->Curve($x, $y + 90, $x + 40, $y, $x + 100, $y + 120, $x + 160, $y + 20);

        return $this;
    }

    public function path(): string
    {
        return PdfMaker::file($this->pdf->Output('', 'S'));
    }

    private function true(string $kind, Frame $frame): self
    {
        $this->truth[] = ['kind' => $kind, 'frame' => $frame];

        return $this;
    }
}
