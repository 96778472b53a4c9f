<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

enum ElementKind: string
{
    case Box = 'box';
    case Patch = 'patch';
    case Label = 'label';
    case Link = 'link';
    case Clip = 'clip';
    case Table = 'table';
    case Picture = 'picture';
    case Recording = 'recording';
    case Shape = 'shape';
    case Part = 'part';
    case Spot = 'spot';
    case Organiser = 'organiser';

    /** The letter of the tag by which people and lists name an element of this kind. */
    public function letter(): string
    {
        return match ($this) {
            self::Box => 'A',
            self::Patch => 'P',
            self::Label => 'L',
            self::Link => 'G',
            self::Clip => 'C',
            self::Table => 'T',
            self::Picture => 'I',
            self::Recording => 'V',
            self::Shape => 'S',
            self::Part => 'M',
            self::Spot => 'O',
            self::Organiser => 'R',
        };
    }
}
