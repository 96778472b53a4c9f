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
    public function watch(Teacher|Student $user, HandoutItem $item): bool
    {
        return $user instanceof Teacher && $item->handout->isWatchedBy($user);
    }

    /** What all copies have is for whoever handed it out. */
    public function correct(Teacher|Student $user, HandoutItem $item): bool
    {
        return $user instanceof Teacher && $item->handout->teacher_id === $user->id;
    }

    public function try(Teacher|Student $user, HandoutItem $item): bool
    {
        return $user instanceof Teacher && $item->handout->trial && $item->handout->teacher_id === $user->id;
    }

    /** Its pages are for those who were given the handout, whether to read or as a copy. */
    public function see(Teacher|Student $user, HandoutItem $item): bool
    {
        return $user instanceof Student &&
            HandoutItem::query()->for($user)->whereKey($item->id)->exists() &&
            $user->given()->where('recipients.handout_id', $item->handout_id)->exists();
    }

    public function read(Teacher|Student $user, HandoutItem $item): bool
    {
        return $item->mode->isRead() && $item->off_shelf_at === null && $this->see($user, $item);
    }

    /** A copy of what is on the class shelf. */
    public function take(Teacher|Student $user, HandoutItem $item): bool
    {
        return $item->mode === Mode::OnRequest && $this->read($user, $item);
    }
}
