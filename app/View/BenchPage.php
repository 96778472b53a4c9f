<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PageRevision;
use App\Models\WorksheetPage;
use OpenSlate\Blanks\Blank;
use OpenSlate\Edit\Guides;
use OpenSlate\Page\Element;
use OpenSlate\Page\Page;

/** A page as the Boxes station shows it: what is on it, what is proposed for it, and what can be undone. */
final readonly class BenchPage
{
    /** @param  array<int, Blank>|null  $proposals  null while they are still looked for */
    private function __construct(public PageRevision $revision, public Page $content, public ?array $proposals)
    {
    }

    public static function of(WorksheetPage $page): self
    {
        $revision = $page->revisions()->latest('number')->firstOrFail();
        $content = $revision->page();

        return new self($revision, $content, $page->proposals($content));
    }

    /** @return list<string> ids of what is on it */
    public function ids(): array
    {
        return array_map(fn (Element $element): string => $element->id(), $this->content->elements());
    }

    /** @return array<string, mixed> the lines that dragged things may hold to */
    public function guides(): array
    {
        return Guides::of($this->content, $this->proposals ?? []);
    }

    /** @return array{revision: int, undo: bool, redo: bool, page: string, ledger: string, guides: array<string, mixed>} drawn for the browser */
    public function drawn(): array
    {
        $shown = ['page' => $this->content, 'proposals' => $this->proposals];

        return [
            'revision' => $this->revision->number,
            'undo' => $this->revision->undo_to !== null,
            'redo' => $this->revision->redo_to !== null,
            'page' => view('bench.page', $shown)->render(),
            'ledger' => view('bench.ledger', $shown)->render(),
            'guides' => $this->guides(),
        ];
    }
}
