<?php

declare(strict_types=1);

namespace App\Exports;

use App\Actions\ShowPicture;
use App\Documents\Deadline;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Printing\Browser;
use App\Documents\Printing\Sheet;
use App\Documents\Printing\Underlay;
use App\Models\PageRevision;
use OpenSlate\Paper\Size;

/** Makes a PDF of pages: what lies on them is drawn by their one renderer, their print is laid beneath. */
final class Paper
{
    /** Of CSS, to an inch. A point is a 72nd. */
    private const PIXELS = 96 / 72;

    public function __construct(
        private Browser $browser,
        private Underlay $underlay,
        private Underprints $underprints,
        private ShowPicture $show,
        private FileStore $files,
        private Deadline $deadline,
    ) {
    }

    /**
     * @param  non-empty-list<Leaf|Notes|CutOuts>  $leaves
     * @param  array<int, PageRevision>  $revisions  of their pages, by number
     * @param  string  $folder  to work in
     * @return string where the PDF is
     *
     * @throws FileRefused when a limit is reached
     */
    public function make(string $title, array $leaves, array $revisions, string $folder): string
    {
        $this->deadline->more(count($leaves) * (float) config('slate.printing.seconds_for_each_page'));
        $under = $this->underprints->of($revisions);
        $this->style("{$folder}/app.css");
        $sizes = [];
        foreach ($leaves as $leaf) {
            $sizes[self::name(self::size($leaf))] = self::size($leaf);
        }
        $html = "{$folder}/pages.html";
        file_put_contents(
            $html,
            view('leaving.pages', [
                'title' => $title,
                'leaves' => $leaves,
                'sizes' => array_map(
                    fn (Size $size): array => [self::room($size->width), self::room($size->height)],
                    $sizes,
                ),
                'under' => $under,
                'pictures' => new PaperPictures($this->show, $this->files, $revisions, $under),
            ])->render(),
        );

        return $this->underlay->lay(
            $this->browser->print($html, $folder),
            array_map(
                fn (Leaf|Notes|CutOuts $leaf): Sheet => new Sheet(
                    self::size($leaf),
                    $leaf instanceof Leaf && ! $leaf->isOnPaper() ? $under[$leaf->number] ?? null : null,
                ),
                $leaves,
            ),
            $folder,
        );
    }

    private static function size(Leaf|Notes|CutOuts $leaf): Size
    {
        return $leaf instanceof Leaf ? $leaf->page->size : $leaf->size;
    }

    /** What sheets of a size are called in the style. */
    public static function name(Size $size): string
    {
        return 'size-'.str_replace('.', '_', "{$size->width}-{$size->height}");
    }

    /** Browsers make pages of whole pixels: one more than it takes, which is cut off later. */
    private static function room(float $points): int
    {
        return (int) ceil($points * self::PIXELS) + 1;
    }

    /** The style of the screen, with its fonts where they lie. */
    private function style(string $to): void
    {
        $built = public_path('build');
        $manifest = json_decode((string) file_get_contents("{$built}/manifest.json"), true, flags: JSON_THROW_ON_ERROR);
        $style = (string) file_get_contents("{$built}/".$manifest['resources/css/app.scss']['file']);
        file_put_contents(
            $to,
            str_replace(
                ['url(/build/', 'font-display:swap'],
                ['url('.Browser::address($built).'/', 'font-display:block'],
                $style,
            ),
        );
    }
}
