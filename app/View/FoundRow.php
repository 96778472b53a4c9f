<?php

declare(strict_types=1);

namespace App\View;

use App\Actions\MendFindings;
use App\Models\Worksheet;
use OpenSlate\Check\Finding;
use OpenSlate\Check\Severity;
use OpenSlate\Elements\ElementKind;

/** A finding of the Check station: how bad it is in words, and where it is mended. */
final readonly class FoundRow
{
    public const MOST_IN_SHORT = 3;

    public function __construct(public Finding $finding, private Worksheet $worksheet, private ?ElementKind $kind)
    {
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<int, list<self>> by page; 0 is about the whole
     */
    public static function byPage(array $findings, Worksheet $worksheet): array
    {
        $pages = $worksheet->pages->keyBy('position');
        $rows = [];
        foreach ($findings as $finding) {
            $page = $finding->page === null ? null : $pages->get($finding->page)?->current->page();
            $element = $finding->element === null ? null : $page?->element($finding->element);
            $rows[$finding->page ?? 0][] = new self($finding, $worksheet, $element?->kind());
        }

        return $rows;
    }

    public function severity(): string
    {
        return match ($this->finding->severity) {
            Severity::Stops => 'must be mended',
            Severity::Mend => 'to mend',
            Severity::Look => 'look at it',
        };
    }

    /** Where it is mended, with the thing selected. */
    public function address(): string
    {
        $station = $this->station();
        $number = $this->finding->page;
        $page = $this->worksheet->pages->firstWhere('position', $number);

        return match (true) {
            $this->finding->code === 'heavy-page' && $page !== null => route('weight.show', $page),
            $station === Station::Pages => route('worksheets.show', $this->worksheet)
                .($page === null ? '' : "#contact-{$page->id}"),
            default => route($station->route(), array_filter([$this->worksheet->id, $number]))
                .($this->finding->element === null ? '' : "#on={$this->finding->element}"),
        };
    }

    /** What the button says that mends it; null where one has to see to it. */
    public function mending(): ?string
    {
        return match (true) {
            ! MendFindings::mends($this->finding) => null,
            MendFindings::renames($this->finding) => ($title = MendFindings::title($this->worksheet)) === null
                ? null
                : "Call it “{$title}”",
            MendFindings::takesOut($this->finding) => 'Take it out',
            default => 'Bring it back',
        };
    }

    /** What the way there says. */
    public function go(): string
    {
        return match ($this->station()) {
            Station::Pages => match ($this->finding->code) {
                'master' => 'See the sets',
                'heavy-page' => 'Make it lighter',
                default => 'Go to the pages',
            },
            Station::Key => 'Go to its key',
            default => 'Go to it',
        };
    }

    private function station(): Station
    {
        return match (true) {
            $this->finding->code === 'no-key' => Station::Key,
            $this->finding->code === 'nothing-to-fill' => Station::Boxes,
            $this->finding->element === null => Station::Pages,
            in_array($this->kind, [ElementKind::Part, ElementKind::Spot], true) => Station::Parts,
            default => Station::Boxes,
        };
    }
}
