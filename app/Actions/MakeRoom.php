<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PageRevision;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use OpenSlate\Arrange\Arrangement;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\History\Revision;
use OpenSlate\Edit\Layout\Flow;
use OpenSlate\Page\Page;

/** Makes room between things on a page, or takes it away. What crosses the foot goes on to pages that carry it on. */
final class MakeRoom
{
    public function __construct(private RevisePage $revise, private Rearrange $rearrange)
    {
    }

    /**
     * @param  int  $base  the revision that the window last saw
     * @param  float  $at  height on the page, in points, from which on things move
     * @return int|null the pages after this one that what crossed the foot is on; null when it is about this page alone
     *
     * @throws StaleEdit|MasterLocked|EditRefused|StaleArrangement
     */
    public function __invoke(WorksheetPage $page, int $base, float $at, float $by): ?int
    {
        $chain = $this->chain($page);
        $laid = Flow::room(array_map(fn (WorksheetPage $one): Page => $one->current->page(), $chain), $at, $by);
        if (count($chain) === 1 && count($laid) === 1) {
            ($this->revise)($page, $base, fn (PageRevision $now): array => [$now->revision()->edited(), $laid[0]]);

            return null;
        }
        $worksheet = $page->worksheet;
        ($this->rearrange)($worksheet, $worksheet->arranged, function (Arrangement $is, Worksheet $locked) use (
            $chain,
            $laid,
            $base,
        ): Arrangement {
            $revised = [];
            foreach ($chain as $index => $one) {
                if (isset($laid[$index])) {
                    // It is a step of all these pages together, so that it is undone with them, where pages are
                    // arranged.
                    $content = $laid[$index];
                    $revised[$one->id] = ($this->revise)(
                        $one,
                        $index === 0 ? $base : $one->revision,
                        fn (PageRevision $now): array => [new Revision($now->number + 1), $content],
                    )->number;
                }
            }
            $is = $is->revised($revised);
            $surplus = array_map(fn (WorksheetPage $one): int => $one->id, array_slice($chain, count($laid)));
            $last = $chain[min(count($chain), count($laid)) - 1]->id;
            $next = $is->ids()[(int) array_search($last, $is->ids(), true) + 1] ?? null;
            foreach (array_slice($laid, count($chain)) as $content) {
                $is = $is->with([$this->added($locked, $chain[0], $content)->arranged()], $next);
            }

            return $surplus === [] ? $is : $is->without($surplus);
        });

        return count($laid) - 1;
    }

    private function added(Worksheet $to, WorksheetPage $like, Page $content): WorksheetPage
    {
        return WorksheetPage::begin($to->id, $content, [
            'role' => $like->role,
            'role_reason' => 'it carries the page before it on',
            'section' => $like->section,
        ]);
    }

    /** @return non-empty-list<WorksheetPage> the page, and those right after it that carry it on */
    private function chain(WorksheetPage $page): array
    {
        $chain = [$page->load('current')];
        foreach ($page->worksheet->pages()->with('current')->where('position', '>', $page->number())->get() as $next) {
            if ($next->current->page()->carried === null) {
                break;
            }
            $chain[] = $next;
        }

        return $chain;
    }
}
