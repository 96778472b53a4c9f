<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileStore;
use App\Documents\Pictures;
use App\Models\Backdrop;
use App\Models\PageRevision;
use App\Models\StoredFile;
use Illuminate\Support\Facades\DB;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Picture;
use OpenSlate\Page\Page;
use OpenSlate\Page\Showing;
use OpenSlate\Paper\Raster;

/** Makes the pictures of a page as they show to those who are handed it, each once. */
final class ShowPicture
{
    public const PAGE = 'page';

    public const THUMBNAIL = 'thumbnail';

    public const ELEMENT = 'element-';

    public function __construct(private Pictures $pictures, private FileStore $files)
    {
    }

    /** @param  string  $what  PAGE, THUMBNAIL, or ELEMENT and an element's id; null where nothing of that name shows */
    public function __invoke(PageRevision $revision, string $what): ?StoredFile
    {
        $page = $revision->page();
        [$file, $showing] = $this->source($page, $what);
        if ($file === null || $showing === null || $showing->isWhole()) {
            return $file;
        }

        return $this->made($revision, $what) ??
            $this->files->alone("shown-{$revision->id}-{$what}", function () use (
                $revision,
                $what,
                $file,
                $showing,
                $page,
            ): StoredFile {
                // A class opens its copies all at once: the first makes it, the others find it.
                $made = $this->made($revision, $what);
                if ($made === null) {
                    $made = $this->pictures->shown(
                        $file,
                        $showing,
                        $page->paper,
                        $what === self::THUMBNAIL ? Raster::THUMBNAIL_WIDTH : null,
                        $what === self::PAGE && $page->backdrop?->light === true,
                    );
                    DB::table('shown_pictures')->insertOrIgnore([
                        'page_revision_id' => $revision->id,
                        'name' => $what,
                        'sha256' => $made->sha256,
                    ]);
                }

                return $made;
            });
    }

    /** Makes all of a page that is not shown as it is, so that nobody waits for it. */
    public function all(PageRevision $revision): void
    {
        $elements = array_filter(
            $revision->page()->elements(),
            fn ($element): bool => $element instanceof Clip || $element instanceof Picture,
        );
        foreach (
            [
                self::PAGE,
                self::THUMBNAIL,
                ...array_map(fn ($element): string => self::ELEMENT.$element->id(), $elements),
            ] as $what
        ) {
            $this($revision, $what);
        }
    }

    private function made(PageRevision $revision, string $what): ?StoredFile
    {
        $sha256 = DB::table('shown_pictures')
            ->where(['page_revision_id' => $revision->id, 'name' => $what])
            ->value('sha256');

        return $sha256 === null ? null : StoredFile::where('sha256', $sha256)->firstOrFail();
    }

    /** @return array{StoredFile|null, Showing|null} the picture as it is kept, and what of it shows */
    private function source(Page $page, string $what): array
    {
        if ($what === self::PAGE || $what === self::THUMBNAIL) {
            $showing = Showing::ofPrint($page);

            return [
                $page->backdrop === null || $showing === null
                    ? null
                    : $this->printed(
                        $page->backdrop->source,
                        $page->backdrop->page,
                        $what === self::THUMBNAIL && $showing->isWhole(),
                        $page->backdrop->light,
                    ),
                $showing,
            ];
        }
        $element = $page->element(substr($what, strlen(self::ELEMENT)));

        return match (true) {
            $element instanceof Clip => [
                $this->printed($element->source, $element->page),
                Showing::ofClip($page, $element),
            ],
            $element instanceof Picture => [StoredFile::find($element->source), Showing::ofPicture($page, $element)],
            default => [null, null],
        };
    }

    private function printed(string $source, int $page, bool $small = false, bool $light = false): ?StoredFile
    {
        $backdrop = Backdrop::where(['source' => $source, 'page' => $page])->first();
        if ($backdrop === null) {
            return null;
        }
        $large = $light ? $backdrop->light ?? $backdrop->image : $backdrop->image;

        return StoredFile::find($small ? $backdrop->thumbnail : $large);
    }
}
