<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

/** Which ends of a connector have an arrow's head. With one at one end, it matters which way it is joined. */
enum Head: string
{
    case None = 'none';
    case End = 'end';
    case Start = 'start';
    case Both = 'both';

    public function isOneWay(): bool
    {
        return $this === self::End || $this === self::Start;
    }

    public function isAtStart(): bool
    {
        return $this === self::Start || $this === self::Both;
    }

    public function isAtEnd(): bool
    {
        return $this === self::End || $this === self::Both;
    }
}
