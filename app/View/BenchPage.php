<?php

declare(strict_types=1);

namespace App\View;

use App\Documents\PrintReader;
use App\Models\FileStage;
use App\Models\PageRevision;
use App\Models\WorksheetPage;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Overlaps;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tags;
use OpenSlate\Parts\Guides;

/** A page as the Boxes station shows it: what is on it, what is proposed for it, and what can be undone. */
final readonly class BenchPage
{
    /**
     * @param  array<int, Blank>|null  $proposals  null while they are still looked for
     * @param  bool  $reading  whether the words of its print, which is a picture, are about to be read
     */
    private function __construct(
        public PageRevision $revision,
        public Page $content,
        public ?array $proposals,
        private bool $reading,
    ) {
    }

    public static function of(WorksheetPage $page): self
    {
        return self::at($page, $page->revisions()->latest('number')->firstOrFail());
    }

    public static function at(WorksheetPage $page, PageRevision $revision): self
    {
        $content = $revision->page();

        return new self($revision, $content, $page->proposals($content), self::isBeingRead($page));
    }

    private static function isBeingRead(WorksheetPage $page): bool
    {
        return $page->backdrop?->isUnread() === true &&
            in_array($page->worksheet->stage, [FileStage::Blanks, FileStage::Words], true) &&
            PrintReader::isThere();
    }

    /** @return list<string> ids of what is on it, the lowest first */
    public function ids(): array
    {
        return $this->content->ids();
    }

    /** @return array<string, mixed> the lines that dragged things may hold to, and what lies over what, in words */
    public function guides(): array
    {
        return Guides::of(
            $this->content,
            array_map(fn (Blank $blank): Frame => $blank->frame, array_values($this->proposals ?? [])),
        ) + ['overlaps' => $this->overlaps()];
    }

    private function overlaps(): string
    {
        $overlaps = Overlaps::of($this->content);
        $tags = $overlaps === [] ? [] : Tags::of($this->content);
        $said = array_map(
            fn (array $pair): string => "{$tags[$pair[1]]} lies over {$tags[$pair[0]]}",
            array_slice($overlaps, 0, 3),
        );
        $more = count($overlaps) - count($said);

        return $said === []
            ? ''
            : implode(', ', $said).
                    ($more > 0 ? " and {$more} more" : '').
                    '. Students could not reach both: move one of them.';
    }

    /**
     * @return array{reading: bool, sure: array<int, Blank>|null, likely: array<int, Blank>} whether more may come, and
     *                                                                                      what is proposed, told apart
     */
    public function proposed(): array
    {
        return [
            'reading' => $this->reading,
            'sure' => $this->proposals === null ? null : Proposals::sure($this->proposals),
            'likely' => Proposals::likely($this->proposals ?? []),
        ];
    }

    /** @return array<string, mixed> all of it, drawn for the browser */
    public function drawn(): array
    {
        $shown = ['page' => $this->content, 'proposals' => $this->proposals] + $this->proposed();

        return $this->steps() + [
            'page' => view('bench.page', $shown)->render(),
            'ledger' => view('bench.ledger', $shown)->render(),
        ];
    }

    /**
     * What is another than before, drawn; and the tags and the order of everything, which one change may shift. A page
     * may hold hundreds of things of which an edit changes one.
     *
     * @return array<string, mixed>
     */
    public function changes(Page $before): array
    {
        if (
            $before->size != $this->content->size ||
            $before->tray != $this->content->tray ||
            $before->backdrop != $this->content->backdrop
        ) {
            return $this->drawn();
        }
        $tags = Tags::of($this->content);
        $elements = $rows = [];
        foreach ($this->content->elements() as $place => $element) {
            $was = $before->element($element->id());
            if ($was !== $element && $was != $element) {
                $tag = $tags[$element->id()];
                $elements[$element->id()] = view('components.page.element', [
                    'page' => $this->content,
                    'element' => $element,
                    'mode' => 'bench',
                    'tag' => $tag,
                    'z' => $place + 1,
                ])->render();
                $rows[$element->id()] = view('bench.row', ['element' => $element, 'tag' => $tag])->render();
            }
        }
        $order = $this->ids();

        return $this->steps() + [
            'changed' => (object) $elements,
            'rows' => (object) $rows,
            'tags' => array_map(
                fn (string|int $id, string $tag): array => [(string) $id, $tag],
                array_keys($tags),
                $tags,
            ),
            'order' => $order === $before->ids() ? null : $order,
            // Without print nothing is ever proposed.
            'ghosts' => $this->content->backdrop === null
                    ? null
                    : view('bench.ghosts', ['proposals' => $this->proposals ?? []])->render(),
            'proposed' => $this->content->backdrop === null
                    ? null
                    : view('bench.proposed', $this->proposed())->render(),
        ];
    }

    /** @return array{revision: int, undo: bool, redo: bool} */
    private function steps(): array
    {
        return [
            'revision' => $this->revision->number,
            'undo' => $this->revision->undo_to !== null,
            'redo' => $this->revision->redo_to !== null,
        ];
    }
}
