<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\HandoutItem;
use App\Models\Student;
use App\Models\Teacher;
use OpenSlate\Handout\Mode;

/** An item that is only to be read is read by those who were given the handout. */
final class HandoutItemPolicy
{
    public function read(Teacher|Student $user, HandoutItem $item): bool
    {
        return $user instanceof Student
            && $item->mode === Mode::ReadOnly
            && $user->handouts()->whereKey($item->handout_id)->exists();
    }
}
