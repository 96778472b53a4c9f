<?php

declare(strict_types=1);

namespace OpenSlate\Scan;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** A picture that pages were made of: what is shown of it, and what was cut out. */
final readonly class ScannedPicture
{
    /**
     * @param  string  $file  hash of the picture as it is shown, upright
     * @param  int  $width  of the upright picture itself, in pixels
     * @param  Quadrilateral|null  $found  what is proposed, as shares of its sides; null where nothing is sure
     * @param  ScanCut  $cut  what was done
     */
    public function __construct(
        public string $file,
        public int $width,
        public int $height,
        public ?Quadrilateral $found,
        public ScanCut $cut,
    ) {
    }

    /** @param  list<self>  $pictures */
    public static function encode(array $pictures): string
    {
        return json_encode(['pictures' => array_map(fn (self $one): array => [
            'file' => $one->file,
            'width' => $one->width,
            'height' => $one->height,
            'found' => (new ScanCut($one->found))->kept(),
            'cut' => $one->cut->kept(),
        ], $pictures)], JSON_THROW_ON_ERROR);
    }

    /**
     * @return list<self>
     *
     * @throws InvalidJson
     */
    public static function decode(string $json): array
    {
        return array_map(fn (Fields $one): self => new self(
            $one->text('file', 64),
            $one->integer('width', 1),
            $one->integer('height', 1),
            ScanCut::of($one->object('found'))->corners,
            ScanCut::of($one->object('cut')),
        ), Fields::parse($json)->objects('pictures', ScanChoices::MOST));
    }

    /** @return list<array{float, float}>|null the proposed corners in pixels of the upright picture */
    public function corners(): ?array
    {
        return $this->found === null ? null : array_map(fn ($corner): array => [
            round($corner->x * $this->width, 1),
            round($corner->y * $this->height, 1),
        ], $this->found->corners());
    }
}
