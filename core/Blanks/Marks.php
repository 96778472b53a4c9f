<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Withers;

/** What is printed on a page, as far as blanks can be told from it. */
final readonly class Marks
{
    use Withers;

    /**
     * @param  list<Rule>  $rules
     * @param  list<Shade>  $shades  filled areas that are not white
     * @param  list<Frame>  $rings  closed round outlines
     * @param  list<Frame>  $drawings  where pictures and lines that are neither level nor upright lie
     * @param  list<TextLine>  $lines  with their words
     * @param  list<Blank>  $fields  the form fields of the PDF
     * @param  bool  $readable  whether the words can be read; else it is only known where they are
     * @param  bool  $seen  whether this was seen in a picture, where dust and letters look like small marks
     * @param  list<Frame>  $dots  filled, and too small to be drawings
     * @param  list<Frame>  $outlines  the room in what closed outlines enclose that are neither boxes nor rings
     * @param  float  $tilt  how far the page lay askew before these were set upright, clockwise in radians
     */
    public function __construct(
        public Size $size,
        public array $rules = [],
        public array $shades = [],
        public array $rings = [],
        public array $drawings = [],
        public array $lines = [],
        public array $fields = [],
        public bool $readable = true,
        public bool $seen = false,
        public float $tilt = 0.0,
        public array $dots = [],
        public array $outlines = [],
    ) {
    }

    /**
     * The same with its rules put together.
     *
     * @param  list<Rule>  $rules
     */
    public function ruled(array $rules): self
    {
        return $this->with(rules: $rules);
    }

    /**
     * The same once its words have been read.
     *
     * @param  list<TextLine>  $lines  as they lie on the page
     */
    public function read(array $lines): self
    {
        $middle = [$this->size->width / 2, $this->size->height / 2];

        return $this->with(lines: Tilt::upright($lines, $this->tilt, $middle), readable: true);
    }
}
