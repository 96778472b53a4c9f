<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use OpenSlate\Geometry\Frame;

/** A place for parts: it says which it takes, how many, and how they settle. */
final readonly class Spot implements Element
{
    use Laid;

    public const MOST = 100;

    public const MOST_TAKES = 40;

    public const MOST_LINES = 12;

    public const LARGEST_HOLE = 0.95;

    /** How high its title stands in it, in points. */
    private const TITLE = 20.0;

    /** How far outside its line a ring without a hole still takes parts, as a share of its radius. */
    private const OUTSIDE = 0.25;

    /**
     * @param  string  $name  said to students, and by the key
     * @param  list<string>  $takes  names of the parts that it takes; none says that it takes all
     * @param  int|null  $most  how many at once, in each place of a table; null is any number
     * @param  bool  $outline  whether students see where it is
     * @param  float  $hole  share of a ring's width and height that is not of it; 0 is a full ellipse
     * @param  int  $columns  of a table of slots
     * @param  int  $rows  of a table of slots
     * @param  bool  $titled  whether students see its name at its head; parts lie below it
     * @param  bool  $large  whether students can open it to fill the window, to build in it
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public SpotForm $form = SpotForm::Zone,
        public string $name = '',
        public array $takes = [],
        public ?int $most = null,
        public Settle $settle = Settle::Grid,
        public bool $outline = true,
        public bool $dashed = false,
        public float $hole = 0.0,
        public int $columns = 1,
        public int $rows = 1,
        public bool $large = false,
        public bool $titled = false,
        public ?string $group = null,
        public bool $locked = false,
    ) {
    }

    public function kind(): ElementKind
    {
        return ElementKind::Spot;
    }

    public function named(): string
    {
        return $this->name !== '' ? $this->name : $this->form->value;
    }

    public function takes(Part $part): bool
    {
        return $this->takes === [] || in_array($part->named(), $this->takes, true);
    }

    /** How many each of its places takes. */
    public function room(): int
    {
        return $this->most ?? ($this->form === SpotForm::Slot || $this->form === SpotForm::Slots ? 1 : self::MOST);
    }

    /** Whether its title stands in it, above its parts; that of a ring and of a line stands beside them. */
    public function isHeaded(): bool
    {
        return $this->titled &&
            $this->name !== '' &&
            $this->form !== SpotForm::Ring &&
            $this->form !== SpotForm::Line &&
            $this->frame->height > 2 * self::TITLE;
    }

    /** Where its parts lie. */
    public function within(): Frame
    {
        $title = $this->isHeaded() ? self::TITLE : 0.0;

        return Frame::of(
            $this->frame->x,
            $this->frame->y + $title,
            $this->frame->width,
            $this->frame->height - $title,
        );
    }

    /** How many places it has of its own. */
    public function cells(): int
    {
        return $this->form === SpotForm::Slots ? $this->columns * $this->rows : 1;
    }

    /** The frame of one of its places, numbered from 0, along the rows. */
    public function cell(int $number): Frame
    {
        $within = $this->within();
        if ($this->form !== SpotForm::Slots) {
            return $within;
        }
        [$width, $height] = [$within->width / $this->columns, $within->height / $this->rows];

        return Frame::of(
            $within->x + ($number % $this->columns) * $width,
            $within->y + intdiv($number, $this->columns) * $height,
            $width,
            $height,
        );
    }

    /** How far a point is from it, in points; 0 is in it. */
    public function distance(float $x, float $y): float
    {
        $frame = $this->frame;
        if ($this->form !== SpotForm::Ring) {
            return hypot(
                max($frame->x - $x, 0.0, $x - $frame->right()),
                max($frame->y - $y, 0.0, $y - $frame->bottom()),
            );
        }
        [$across, $down] = [$frame->width / 2, $frame->height / 2];
        $from = $this->radius($x, $y);

        return max($from - ($this->isOpenRing() ? 1 + self::OUTSIDE : 1), $this->hole - $from, 0.0) *
            min($across, $down);
    }

    /** How far a point is from the line of a ring, in points. */
    public function fromLine(float $x, float $y): float
    {
        return (abs($this->radius($x, $y) - 1) * min($this->frame->width, $this->frame->height)) / 2;
    }

    /** Whether it is a ring on whose line parts stand. */
    public function isOpenRing(): bool
    {
        return $this->form === SpotForm::Ring && $this->hole === 0.0;
    }

    /** How far out a point is, as a share of the ring's own radius in that direction. */
    private function radius(float $x, float $y): float
    {
        [$across, $down] = [$this->frame->width / 2, $this->frame->height / 2];

        return hypot(
            ($x - $this->frame->x - $across) / max($across, 0.001),
            ($y - $this->frame->middle()) / max($down, 0.001),
        );
    }
}
