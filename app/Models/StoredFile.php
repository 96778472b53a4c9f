<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

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

    public const PICTURES = ['image/'];

    public const RECORDINGS = ['audio/', 'video/'];

    /**
     * Whether these are kept, and all of them of some kind.
     *
     * @param  list<string>  $kind  how their media types begin
     * @param  list<string>  $hashes
     */
    public static function areOf(array $kind, array $hashes): bool
    {
        $hashes = array_values(array_unique($hashes));

        return self::findMany($hashes)->filter(fn (self $file): bool => $file->isOf($kind))->count() ===
            count($hashes);
    }

    /** @param  list<string>  $kind  how its media type begins */
    public function isOf(array $kind): bool
    {
        return Str::startsWith($this->media_type, $kind);
    }
}
