<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file as a teacher brought it in.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $sha256
 * @property string $name
 */
final class Original extends Model
{
    protected $fillable = ['teacher_id', 'sha256', 'name'];
}
