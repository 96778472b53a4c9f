<?php

declare(strict_types=1);

namespace App\View;

/** The pictures that stand for the digits of a PIN: a word and a drawing, as path data in a square of 24. */
enum PinPicture: int
{
    case Anchor = 0;
    case Fish = 1;
    case Boat = 2;
    case Star = 3;
    case Sun = 4;
    case Leaf = 5;
    case House = 6;
    case Key = 7;
    case Moon = 8;
    case Cup = 9;

    public function words(): string
    {
        return strtolower($this->name);
    }

    public function path(): string
    {
        return match ($this) {
            self::Anchor => 'M12 7v14M7 11h10M4 14c0 4 4 7 8 7s8-3 8-7M12 7a2 2 0 1 0 0-4a2 2 0 0 0 0 4',
            self::Fish => 'M3 12c3-6 10-6 14 0c-4 6-11 6-14 0M17 12l4-4v8zM8 11h.01',
            self::Boat => 'M3 16h18l-3 5H6zM11 3v13M13 4l6 9h-6zM9 6l-5 7h5z',
            self::Star => 'M12 3l2.6 6 6.4.6-4.8 4.2 1.4 6.2-5.6-3.3L6.4 20l1.4-6.2L3 9.6 9.4 9z',
            self::Sun => 'M12 8a4 4 0 1 0 0 8a4 4 0 0 0 0-8'.
                'M12 2v3M12 19v3M2 12h3M19 12h3M5 5l2 2M17 17l2 2M19 5l-2 2M7 17l-2 2',
            self::Leaf => 'M5 19C4 9 10 4 20 4c0 10-5 16-15 15M5 19l9-9',
            self::House => 'M3 12l9-8 9 8M6 10v10h12V10M10 20v-6h4v6',
            self::Key => 'M8 12a4 4 0 1 0-.1 0M11 11l9 9M16 16l3-3M19 19l2-2',
            self::Moon => 'M19 15A8 8 0 1 1 10 4a7 7 0 0 0 9 11',
            self::Cup => 'M4 8h13v8a4 4 0 0 1-4 4H8a4 4 0 0 1-4-4zM17 10h2a2 2 0 0 1 0 5h-2M8 2v3M12 2v3',
        };
    }

    /** @return list<self> of a PIN */
    public static function of(string $pin): array
    {
        return array_map(fn (string $digit): self => self::from((int) $digit), str_split($pin));
    }
}
