<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

/** How students get one item of a handout. */
enum Mode: string
{
    case ReadOnly = 'read_only';
    case OwnCopy = 'own_copy';

    /** One for each team, in which all of it write. */
    case TeamCopy = 'team_copy';

    /** One for each class. */
    case ClassCopy = 'class_copy';

    /** Of a class shelf: to be read, and a copy for whoever takes one. */
    case OnRequest = 'on_request';

    /** Whether there may be copies to watch. */
    public function hasCopies(): bool
    {
        return $this !== self::ReadOnly;
    }

    /** Whether it may be read without a copy. */
    public function isRead(): bool
    {
        return $this === self::ReadOnly || $this === self::OnRequest;
    }

    /** Whether several write in one copy. */
    public function isShared(): bool
    {
        return $this === self::TeamCopy || $this === self::ClassCopy;
    }

    /** Whether students are given copies of it, and do not have to take them. */
    public function isGiven(): bool
    {
        return $this === self::OwnCopy || $this->isShared();
    }
}
