<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use InvalidArgumentException;
use OpenSlate\Geometry\Frame;
use OpenSlate\Geometry\Point;
use OpenSlate\Paper\Colour;

/** Something that students move. Off the page, it waits in the tray; locked, it is fixed where it is. */
final readonly class Part implements Written
{
    use Laid;

    public const LONGEST_TEXT = 200;

    public const LONGEST_NAME = 60;

    public const MOST_STOCK = 60;

    public const MOST_SIDES = 12;

    public const MOST_IN_SET = 24;

    public Colour $colour;

    public Colour $ink;

    /**
     * @param  string  $text  stands in its middle
     * @param  string  $name  parts of one name are alike to the key; where it has none, its words are its name
     * @param  Colour|null  $colour  of its edge; null is the usual ink
     * @param  float  $weight  of its edge, in points; 0 is none
     * @param  Colour|null  $fill  null is none
     * @param  float  $opacity  of edge and fill, 0 to 1; the words are never see-through
     * @param  Colour|null  $ink  of its words; null is the usual ink
     * @param  int  $sides  of a polygon
     * @param  Lay  $lay  how a connector lies in its frame while nobody has moved it
     * @param  string  $source  SHA-256 of its picture; a picture of the student's own may start with none
     * @param  int  $stock  how many there are of it, all in one place
     * @param  bool  $own  whether students put words of their own on it, or, where it is a picture, a picture
     * @param  list<Joint>  $joints
     * @param  list<string>  $set  SHA-256 of the pictures among which students choose, beside those of their own
     * @param  Head  $head  of a connector
     * @param  Course  $course  of a connector
     * @param  string  $drawing  of a symbol, as Drawing reads it
     *
     * @throws InvalidArgumentException when two joints have one id, a picture has none, or a symbol no drawing
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public PartForm $form = PartForm::Rectangle,
        public string $text = '',
        public string $name = '',
        public float $size = 14.0,
        public bool $bold = false,
        public Font $font = Font::Plain,
        ?Colour $colour = null,
        public float $weight = 1.5,
        public ?Colour $fill = null,
        public float $opacity = 1.0,
        public bool $dashed = false,
        ?Colour $ink = null,
        public int $sides = 6,
        public Lay $lay = Lay::Level,
        public string $source = '',
        public int $stock = 1,
        public bool $own = false,
        public array $joints = [],
        public array $set = [],
        public Head $head = Head::None,
        public Course $course = Course::Straight,
        public string $drawing = '',
        public ?string $group = null,
        public bool $locked = false,
    ) {
        $this->colour = $colour ?? Colour::of('#26343b');
        $this->ink = $ink ?? Colour::of('#111111');
        if (
            count($joints) > 1 &&
            count(array_unique(array_map(fn (Joint $joint): string => $joint->id, $joints))) < count($joints)
        ) {
            throw new InvalidArgumentException('Two joints of one part have one id.');
        }
        if ($form === PartForm::Picture ? $source === '' && ! $own : $source !== '' || $set !== []) {
            throw new InvalidArgumentException('A picture has a source, and nothing else has.');
        }
        if ($form === PartForm::Symbol) {
            Drawing::parse($drawing);
        } elseif ($drawing !== '') {
            throw new InvalidArgumentException('A symbol has a drawing, and nothing else has.');
        }
    }

    public function ofStock(int $stock): self
    {
        return $this->with(stock: $stock);
    }

    /** With these words in its middle. */
    public function saying(string $words): self
    {
        return $this->with(text: $words);
    }

    /** With this name, by which the key and spots know it; with none its words are its name. */
    public function called(string $name): self
    {
        return $this->with(name: $name);
    }

    public function enlarged(float $factor): static
    {
        return $this->with(size: TextSize::times($this->size, $factor));
    }

    /**
     * @param  string  $source  of another picture, in place of its own
     * @param  list<string>  $set  likewise of those among which students choose
     */
    public function showing(string $source, array $set): self
    {
        return $this->with(source: $source, set: $set);
    }

    public function kind(): ElementKind
    {
        return ElementKind::Part;
    }

    /** What it is called: by students' screen readers, by spots, and by the key. */
    public function named(): string
    {
        return match (true) {
            $this->name !== '' => $this->name,
            trim($this->text) !== '' => trim((string) preg_replace('/\s+/u', ' ', $this->text)),
            default => $this->form->value,
        };
    }

    /** Whether students put a picture on it. */
    public function takesPicture(): bool
    {
        return $this->own && $this->form === PartForm::Picture;
    }

    public function joint(string $id): ?Joint
    {
        foreach ($this->joints as $joint) {
            if ($joint->id === $id) {
                return $joint;
            }
        }

        return null;
    }

    /** @return array{Point, Point} both ends of a connector in its own frame */
    public function ends(): array
    {
        $frame = $this->frame;
        [$left, $right, $top, $bottom] = [$frame->x, $frame->right(), $frame->y, $frame->bottom()];
        $centre = $frame->centre();

        return match ($this->lay) {
            Lay::Level => [new Point($left, $centre->y), new Point($right, $centre->y)],
            Lay::Upright => [new Point($centre->x, $top), new Point($centre->x, $bottom)],
            Lay::Falling => [new Point($left, $top), new Point($right, $bottom)],
            Lay::Rising => [new Point($left, $bottom), new Point($right, $top)],
        };
    }
}
