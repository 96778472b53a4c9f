<?php

declare(strict_types=1);

namespace App\Exports;

use App\Actions\ShowPicture;
use App\Documents\FileStore;
use App\Documents\Printing\Browser;
use App\Documents\Printing\Underprint;
use App\Models\PageRevision;
use App\View\LaidPrint;
use App\View\PagePictures;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Picture;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Page;
use OpenSlate\Page\Showing;

/**
 * For pages that leave as PDF: by where files lie on this machine. What is cut or covered is not in them, as with what
 * students are sent.
 */
final readonly class PaperPictures implements PagePictures
{
    /**
     * @param  array<int, PageRevision>  $revisions  of the pages, by number
     * @param  array<int, Underprint>  $under  what is laid beneath them as print, and so is no picture, by number
     */
    public function __construct(
        private ShowPicture $show,
        private FileStore $files,
        private array $revisions,
        private array $under,
    ) {
    }

    public function print(Page $page, int $number): ?LaidPrint
    {
        $showing = isset($this->under[$number]) ? null : Showing::ofPrint($page);
        if ($showing === null) {
            return null;
        }
        $address = $this->shown($number, ShowPicture::PAGE);

        return new LaidPrint(
            $address,
            $address,
            $showing->frame,
            $showing->isWhole() ? $showing->turn : Rotation::None,
        );
    }

    public function clip(Clip $clip, int $number): string
    {
        return $this->shown($number, ShowPicture::ELEMENT.$clip->id);
    }

    public function picture(Picture $picture, Page $page, int $number): string
    {
        return $this->shown($number, ShowPicture::ELEMENT.$picture->id);
    }

    public function kept(string $sha256): string
    {
        return Browser::address($this->files->path($sha256));
    }

    private function shown(int $number, string $what): string
    {
        $file = ($this->show)($this->revisions[$number], $what);

        return $file === null ? '' : $this->kept($file->sha256);
    }
}
