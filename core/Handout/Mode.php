<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

/** How students get one item of a handout. */
enum Mode: string
{
    case ReadOnly = 'read_only';
    case OwnCopy = 'own_copy';

    /** Of a class shelf: to be read, and a copy for whoever takes one. */
    case OnRequest = 'on_request';

    /** Whether there may be copies to watch. */
    public function hasCopies(): bool
    {
        return $this !== self::ReadOnly;
    }

    public function isRead(): bool
    {
        return $this !== self::OwnCopy;
    }
}
