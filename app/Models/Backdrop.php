<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Paper\Size;

/**
 * One printed page of a stored file: its size in points, the colour of its paper, its two pictures.
 *
 * @property int $id
 * @property string $source
 * @property int $page
 * @property float $width
 * @property float $height
 * @property string $paper
 * @property string $image
 * @property string $thumbnail
 * @property string|null $blanks as OpenSlate\Blanks\Proposals writes them; null until somebody has looked
 */
final class Backdrop extends Model
{
    public $timestamps = false;

    protected $table = 'backdrops';

    protected $fillable = ['source', 'page', 'width', 'height', 'paper', 'image', 'thumbnail', 'blanks'];

    /** @return list<Blank>|null null until somebody has looked for them */
    public function blanksFound(): ?array
    {
        return $this->blanks === null ? null : Proposals::decode($this->blanks);
    }

    public function size(): Size
    {
        return Size::of($this->width, $this->height);
    }
}
