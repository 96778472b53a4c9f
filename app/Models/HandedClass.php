<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * A class that was given a handout, with times of its own where it has any.
 *
 * @property int $handout_id
 * @property int $school_class_id
 * @property bool $whole whether whoever joins the class gets it, too
 * @property bool $own_times
 */
final class HandedClass extends Pivot
{
    use HasTimes;

    public const COLUMNS = ['whole', 'own_times', 'out_at', 'due_at', 'closes_at'];

    public $timestamps = false;

    protected $table = 'handout_classes';

    protected function casts(): array
    {
        return [
            'whole' => 'boolean',
            'own_times' => 'boolean',
            'out_at' => 'datetime',
            'due_at' => 'datetime',
            'closes_at' => 'datetime',
        ];
    }
}
