<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file kept once, under the SHA-256 of its bytes.
 *
 * @property string $sha256
 * @property int $bytes
 * @property string $media_type
 */
final class StoredFile extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'sha256';

    protected $keyType = 'string';

    protected $table = 'stored_files';

    protected $fillable = ['sha256', 'bytes', 'media_type'];

    /** @param  list<string>  $hashes */
    public static function arePictures(array $hashes): bool
    {
        $hashes = array_unique($hashes);

        return $hashes === [] ||
            self::whereIn('sha256', $hashes)->whereLike('media_type', 'image/%')->count() === count($hashes);
    }
}
