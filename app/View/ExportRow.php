<?php

declare(strict_types=1);

namespace App\View;

use App\Documents\Printing\PerSheet;
use App\Models\Export;
use App\Models\ExportKind;
use App\Models\ExportState;
use App\Models\Teacher;
use App\School;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use OpenSlate\Cutting\PageRange;

/** A file that was made to leave, or is being made, in words. */
final readonly class ExportRow
{
    private const MOST = 20;

    /** @param  string  $state  in words */
    private function __construct(public Export $export, public string $words, public string $state)
    {
    }

    /**
     * @param  Closure(Builder<Export>): mixed  $which
     * @return list<self> the latest first
     */
    public static function all(Teacher $teacher, Closure $which): array
    {
        $exports = Export::with('file')
            ->where('teacher_id', $teacher->id)
            ->where($which)
            ->latest('id')
            ->limit(self::MOST)
            ->get();

        return array_values($exports->map(self::of(...))->all());
    }

    public static function of(Export $export): self
    {
        return new self($export, self::words($export), self::state($export));
    }

    public function isUnderWay(): bool
    {
        return $this->export->state->isUnderWay();
    }

    public function isReady(): bool
    {
        return $this->export->state === ExportState::Ready;
    }

    private static function words(Export $export): string
    {
        return match ($export->kind) {
            ExportKind::Form => 'To fill in on a screen: '.self::pages($export),
            ExportKind::Key => 'The key: '.self::pages($export),
            ExportKind::Paper => 'To print: '.self::pages($export),
            ExportKind::Copies, ExportKind::CopiesApart => self::whose($export),
            ExportKind::Student => "All work of {$export->name}",
            ExportKind::Package => 'Package: '.
                Count::of(count((array) ($export->choices['worksheets'] ?? [])), 'worksheet').
                (($export->choices['keys'] ?? false) === true ? ' with the key' : ' without the key'),
            ExportKind::CopyForm, ExportKind::CopyForms => 'To fill in: '.self::whose($export),
        };
    }

    private static function pages(Export $export): string
    {
        $pages = array_values(array_filter((array) ($export->choices['pages'] ?? []), is_int(...)));

        $sheets = is_string($export->choices['sheets'] ?? null) ? PerSheet::tryFrom($export->choices['sheets']) : null;

        return (count($pages) === 1 ? 'page ' : 'pages ').PageRange::format($pages).self::onSheets($sheets).
            self::inks($export);
    }

    private static function onSheets(?PerSheet $sheets): string
    {
        return match ($sheets) {
            PerSheet::Two => ', two on a sheet',
            PerSheet::Four => ', four on a sheet',
            PerSheet::Twice => ', each twice on a sheet',
            PerSheet::Booklet => ', a booklet',
            default => '',
        };
    }

    private static function whose(Export $export): string
    {
        $who = match ($export->choices['who'] ?? 'all') {
            'all' => 'All copies',
            'begun' => 'Copies with something in them',
            'in' => 'Copies that were handed in',
            default => $export->name,
        };

        return $who.
            (($export->choices['marks'] ?? false) === true ? ', with marks and comments' : '').
            (($export->choices['codes'] ?? false) === true ? ', with codes' : '').
            ($export->kind->isManyFiles() ? ', a file each' : '').
            self::inks($export);
    }

    private static function inks(Export $export): string
    {
        return ($export->choices['grey'] ?? false) === true ? ', in black alone' : '';
    }

    private static function state(Export $export): string
    {
        return match ($export->state) {
            ExportState::Waiting => 'waits its turn',
            ExportState::Working => $export->total > 1 && $export->done > 0
                ? "being made: {$export->done} of {$export->total} pages"
                : 'being made',
            ExportState::Ready => WeightWords::of($export->file->bytes ?? 0).
                ', made '.
                app(School::class)->said($export->created_at),
            ExportState::Refused => (string) $export->problem,
        };
    }
}
