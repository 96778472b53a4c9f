<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

enum ShapeForm: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';
    case Line = 'line';
    case Arrow = 'arrow';

    public function isLine(): bool
    {
        return $this === self::Line || $this === self::Arrow;
    }
}
