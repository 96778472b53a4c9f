<?php

declare(strict_types=1);

namespace OpenSlate\Page;

use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Picture;
use OpenSlate\Elements\Recording;
use OpenSlate\Geometry\Frame;

/** A kept file that a page names: a printed page of it, a picture or a recording. */
final readonly class PageFile
{
    /**
     * @param  string  $sha256  under which it is kept
     * @param  int  $page  of the file, from 1; 0 for what has no pages
     * @param  bool  $whole  whether students of the page may have it as it is: not what is cut or covered first
     * @param  bool  $isRecording  whether it is heard; what has no pages is a picture otherwise
     */
    public function __construct(
        public string $sha256,
        public int $page = 0,
        public bool $whole = false,
        public bool $isRecording = false,
    ) {
    }

    /** What it is, and as what it is used. */
    public function identity(): string
    {
        return $this->isRecording ? "{$this->sha256} recording" : "{$this->sha256} {$this->page}";
    }

    /**
     * All that a page names, each once.
     *
     * @return list<self>
     */
    public static function of(Page $page): array
    {
        $files = $page->backdrop === null ? [] : [new self($page->backdrop->source, $page->backdrop->page)];
        $over = [];
        foreach (array_reverse($page->elements()) as $element) {
            if (Showing::covers($element)) {
                $over[] = $element->frame();
            } elseif ($element instanceof Clip) {
                $files[] = new self($element->source, $element->page);
            } elseif ($element instanceof Picture && $element->source !== '') {
                $files[] = new self($element->source, whole: ! self::isMetByAny($element->frame, $over));
            } elseif ($element instanceof Recording) {
                $files[] = new self($element->source, whole: true, isRecording: true);
            } elseif ($element instanceof Part) {
                // Parts move, so that nothing covers them for good.
                foreach (array_filter([$element->source, ...$element->set]) as $sha256) {
                    $files[] = new self($sha256, whole: true);
                }
            }
        }
        $once = [];
        foreach ($files as $file) {
            $named = $file->identity();
            $once[$named] = new self(
                $file->sha256,
                $file->page,
                $file->whole || ($once[$named]->whole ?? false),
                $file->isRecording,
            );
        }

        return array_values($once);
    }

    /** @param  list<Frame>  $frames */
    private static function isMetByAny(Frame $frame, array $frames): bool
    {
        foreach ($frames as $one) {
            if ($one->meets($frame)) {
                return true;
            }
        }

        return false;
    }
}
