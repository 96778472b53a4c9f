<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

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
 */
final class Backdrop extends Model
{
    public $timestamps = false;

    protected $fillable = ['source', 'page', 'width', 'height', 'paper', 'image', 'thumbnail'];
}
