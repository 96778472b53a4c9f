<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenSlate\Cutting\Piece;
use OpenSlate\Geometry\Frame;

/**
 * A piece of a page that lies on a clean one: what a page with chosen questions was made of.
 *
 * @property int $id
 * @property int $page_id
 * @property int $source_page_id the page that it was cut out of
 * @property int $source_revision what of that page this one has
 * @property string $name of its clip
 * @property float $x where it is on that page, in points
 * @property float $y
 * @property float $width
 * @property float $height
 * @property float $across how far it was moved
 * @property float $down
 * @property-read WorksheetPage $source
 */
final class PagePiece extends Model
{
    public $timestamps = false;

    protected $fillable = [
        'page_id',
        'source_page_id',
        'source_revision',
        'name',
        'x',
        'y',
        'width',
        'height',
        'across',
        'down',
    ];

    /** @return BelongsTo<WorksheetPage, $this> */
    public function source(): BelongsTo
    {
        return $this->belongsTo(WorksheetPage::class, 'source_page_id');
    }

    public static function keep(WorksheetPage $on, WorksheetPage $of, Piece $piece): void
    {
        self::create([
            'page_id' => $on->id,
            'source_page_id' => $of->id,
            'source_revision' => $of->revision,
            'name' => $piece->name,
            'x' => $piece->strip->x,
            'y' => $piece->strip->y,
            'width' => $piece->strip->width,
            'height' => $piece->strip->height,
            'across' => $piece->across,
            'down' => $piece->down,
        ]);
    }

    /** With its source loaded. */
    public function piece(): Piece
    {
        return new Piece(
            $this->source->position ?? 0,
            $this->name,
            Frame::of($this->x, $this->y, $this->width, $this->height),
            $this->across,
            $this->down,
        );
    }
}
