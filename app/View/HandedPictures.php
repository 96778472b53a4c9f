<?php

declare(strict_types=1);

namespace App\View;

use App\Models\HandoutItem;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Picture;
use OpenSlate\Geometry\Rotation;
use OpenSlate\Page\Page;
use OpenSlate\Page\Showing;

/**
 * For those who were handed an item: by its pages and what lies there. Such an address tells nothing of the file behind
 * it, and what comes from there holds nothing but what shows.
 */
final readonly class HandedPictures implements PagePictures
{
    public function __construct(private HandoutItem $item)
    {
    }

    public function print(Page $page, int $number): ?LaidPrint
    {
        $showing = Showing::ofPrint($page);
        if ($showing === null) {
            return null;
        }

        return new LaidPrint(
            $this->address($number, 'page'),
            $this->address($number, 'thumbnail'),
            $showing->frame,
            $showing->isWhole() ? $showing->turn : Rotation::None,
        );
    }

    public function clip(Clip $clip, int $number): string
    {
        return $this->address($number, "element-{$clip->id}");
    }

    public function picture(Picture $picture, Page $page, int $number): string
    {
        return Showing::ofPicture($page, $picture)->isWhole()
            ? PictureAddress::of($picture->source)
            : $this->address($number, "element-{$picture->id}");
    }

    public function kept(string $sha256): string
    {
        return PictureAddress::of($sha256);
    }

    private function address(int $number, string $what): string
    {
        // Browsers keep it for good: in another database the same numbers may be another page.
        return route(
            CopyAddress::sheets($this->item),
            [
                'item' => $this->item->id,
                'number' => $number,
                'what' => $what,
                'of' => $this->item->handout->created_at->getTimestamp(),
            ],
            false,
        );
    }
}
