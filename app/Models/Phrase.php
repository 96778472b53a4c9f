<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A comment that a teacher keeps for using again.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $words
 * @property int $used
 */
final class Phrase extends Model
{
    public const LONGEST = 500;

    public const MOST = 500;

    protected $fillable = ['teacher_id', 'words', 'used'];
}
