<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use OpenSlate\Geometry\Frame;

/** What others are cut off by: of them is seen what lies in it. Exact for what is upright, else by what is around it. */
final readonly class SvgClip
{
    private const DASHES = 4;

    private function __construct(private SvgPath $path, private ?Frame $frame)
    {
    }

    /** @param  self|null  $within  what cuts this one off */
    public static function by(SvgPath $path, ?self $within): self
    {
        $seen = $within === null ? $path : $within->filled($path);

        return new self($seen, $seen->frame());
    }

    public function holds(SvgPath $path): bool
    {
        $around = $path->frame();

        return $around === null || ($this->path->isBox() && $this->frame?->contains($around) === true);
    }

    /** The area of it that is seen: painting over all of this is painting this. */
    public function filled(SvgPath $path): SvgPath
    {
        $path = $path->solid();
        $around = $path->frame();
        if ($this->frame === null || $around === null) {
            return $path->none();
        }
        // Dashes are cut out of a whole line, and of the edge of a box.
        $isShape = $path->isBox() || count($this->path->parts) >= self::DASHES;

        return $isShape && $around->contains($this->frame) ? $this->path : $path->within($this->frame);
    }

    /** The line of it that is seen. */
    public function stroked(SvgPath $path): SvgPath
    {
        return $this->frame === null ? $path->none() : $path->lineWithin($this->frame);
    }
}
