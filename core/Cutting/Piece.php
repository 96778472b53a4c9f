<?php

declare(strict_types=1);

namespace OpenSlate\Cutting;

use OpenSlate\Elements\Element;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;

/** A piece of a page, as it lies on a clean one: where it was cut out, and how far it was moved. */
final readonly class Piece
{
    private const NAME_LENGTH = 10;

    /**
     * @param  int  $page  number of the page that it was cut out of
     * @param  string  $name  of its clip, by which what lies on it is named, too
     * @param  float  $across  to the right, in points
     * @param  float  $down  likewise
     */
    public function __construct(
        public int $page,
        public string $name,
        public Frame $strip,
        public float $across,
        public float $down,
    ) {
    }

    public function frame(): Frame
    {
        return $this->strip->moved($this->across, $this->down);
    }

    /**
     * What lies on it, moved with it. It is named after what it is on its page, so that one finds it again there. What
     * is larger than its piece stays on the page; parts that are moved belong to their page.
     *
     * @param  Page  $page  the page that it was cut out of, at any time
     * @return list<Element>
     */
    public function laid(Page $page): array
    {
        $laid = [];
        foreach ($page->elements() as $element) {
            $isPart = $element instanceof Part || $element instanceof Spot;
            if (! $isPart && $this->strip->holds($element->frame()->centre())) {
                $laid[] = $element
                    ->identified(substr(hash('sha256', "{$this->name} {$element->id()}"), 0, self::NAME_LENGTH))
                    ->framed($element->frame()->moved($this->across, $this->down)->within($page->frame()));
            }
        }

        return $laid;
    }
}
