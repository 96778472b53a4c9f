<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Models\StoredFile;
use App\Models\WorksheetPage;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\Element;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Weight\Lightening;
use OpenSlate\Weight\WeighedFile;
use OpenSlate\Weight\WeighedKind;

/** What of a page could be lighter: each step is made, so that it can be seen what it saves and how it looks. */
final class OfferLighter
{
    /** Pictures of one page that are looked at, the heaviest first. */
    private const MOST = 12;

    public function __construct(private WeighPages $weigh, private Pictures $pictures, private FileStore $files)
    {
    }

    /** @return list<LighterStep> those that are worth it, the heaviest first */
    public function __invoke(WorksheetPage $row): array
    {
        $page = $row->current->page();
        $weight = ($this->weigh)($row->newCollection([$row]))[$row->id];
        $steps = [];
        foreach (array_slice($weight->files, 0, self::MOST) as $file) {
            $how = $this->lightening($row, $page, $file);
            if ($how !== null) {
                $steps[] = new LighterStep($file, $this->made(StoredFile::findOrFail($file->sha256), $how));
            }
        }

        return array_values(array_filter($steps, fn (LighterStep $step): bool => $step->isWorth()));
    }

    /** One that was made of something on the page; null where there is none. */
    public function find(WorksheetPage $row, string $made): ?StoredFile
    {
        $files = ($this->weigh)($row->newCollection([$row]))[$row->id]->files;
        $isOffered = DB::table('lighter_pictures')
            ->where('made', $made)
            ->whereIn('sha256', array_map(fn (WeighedFile $file): string => $file->sha256, $files))
            ->exists();

        return $isOffered ? StoredFile::find($made) : null;
    }

    /** Null where it is as light as it gets, or is no picture. */
    private function lightening(WorksheetPage $row, Page $page, WeighedFile $file): ?Lightening
    {
        [$width, $height] = $this->sides($file);
        if ($file->kind === WeighedKind::Print) {
            // One for all pages that show it, however they lay it.
            return $row->backdrop === null || $page->backdrop?->light === true || $width === 0
                ? null
                : Lightening::ofPrint($width, $row->backdrop->width);
        }
        if (! in_array($file->kind, [WeighedKind::Picture, WeighedKind::Part], true)) {
            return null;
        }

        return $width === 0 || $height === 0
            ? null
            : Lightening::ofPicture(
                $width,
                $height,
                $this->largest($page, $file),
                $this->pictures->isSeenThrough($this->files->path($file->sha256)),
            );
    }

    /** The largest frame in which a page shows a picture: one file may lie there several times. */
    private function largest(Page $page, WeighedFile $file): Frame
    {
        $frames = array_map(
            fn (Element $element): Frame => $element->frame(),
            array_filter(
                $page->elements(),
                fn (Element $element): bool => in_array($file->sha256, WeighPages::sources($element), true),
            ),
        );
        usort($frames, fn (Frame $a, Frame $b): int => $b->width * $b->height <=> $a->width * $a->height);

        return $frames[0];
    }

    /** @return array{int, int} in pixels */
    private function sides(WeighedFile $file): array
    {
        [$width, $height] = @getimagesize($this->files->path($file->sha256)) ?: [0, 0];

        return [$width, $height];
    }

    private function made(StoredFile $file, Lightening $how): StoredFile
    {
        $name = ['sha256' => $file->sha256, 'name' => $how->name()];
        $made = DB::table('lighter_pictures')->where($name)->value('made');
        if ($made !== null) {
            return StoredFile::findOrFail((string) $made);
        }
        $lighter = $this->pictures->lightened($file, $how);
        DB::table('lighter_pictures')->insertOrIgnore($name + ['made' => $lighter->sha256, 'created_at' => now()]);

        return $lighter;
    }
}
