<?php

declare(strict_types=1);

namespace OpenSlate\Format;

use InvalidArgumentException;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\TextAlign;
use OpenSlate\Elements\TextSize;
use OpenSlate\Json\Fields;
use OpenSlate\Paper\Colour;

/** Reads what elements of many kinds have alike. All throw InvalidJson where it is not in the format. */
final class Looks
{
    public static function size(Fields $fields): float
    {
        return $fields->number('size', TextSize::SMALLEST, TextSize::LARGEST);
    }

    public static function font(Fields $fields): Font
    {
        return $fields->has('font') ? $fields->oneOf('font', Font::class) : Font::Plain;
    }

    public static function align(Fields $fields): TextAlign
    {
        return $fields->has('align') ? $fields->oneOf('align', TextAlign::class) : TextAlign::Left;
    }

    public static function colour(Fields $fields, string $name): ?Colour
    {
        if (! $fields->isGiven($name)) {
            return null;
        }
        try {
            return Colour::of($fields->text($name, 7));
        } catch (InvalidArgumentException $problem) {
            throw $fields->wrong($name, $problem);
        }
    }

    public static function flag(Fields $fields, string $name): bool
    {
        return $fields->has($name) && $fields->flag($name);
    }

    public static function hash(Fields $fields): string
    {
        return $fields->matching('source', '/^[0-9a-f]{64}$/D', 'a SHA-256');
    }
}
