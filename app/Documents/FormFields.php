<?php

declare(strict_types=1);

namespace App\Documents;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;

/** Reads the form fields of a PDF (ISO 32000-1, 12.7): where they are, and what they are called. */
final class FormFields
{
    private const MOST_ON_A_PAGE = 400;

    /** Names are inherited from the fields above, this deep at the most. */
    private const DEEPEST = 8;

    public function __construct(private PdfObjects $objects, private PdfReader $reader)
    {
    }

    /**
     * @return array<int, list<Blank>> by page number
     *
     * @throws FileRefused
     */
    public function read(string $path): array
    {
        $widgets = $this->objects->annotations($path, '/Widget', self::MOST_ON_A_PAGE);
        if ($widgets === []) {
            return [];
        }
        $boxes = $this->reader->boxes($path);
        $fields = [];
        foreach ($this->inherited($path, $widgets) as $place => $widget) {
            $number = (int) $place;
            $rectangle = $widget['/Rect'] ?? null;
            $corners = is_array($rectangle) ? array_values(array_filter($rectangle, fn (mixed $side): bool => is_int($side) || is_float($side))) : [];
            if (count($corners) === 4 && isset($boxes[$number]) && in_array($widget['/FT'] ?? null, ['/Tx', '/Ch', '/Btn'], true) && ! $this->isPush($widget)) {
                $frame = $boxes[$number]->place([(float) $corners[0], (float) $corners[1], (float) $corners[2], (float) $corners[3]]);
                $fields[$number][] = new Blank(BlankKind::Field, $frame, 1.0, label: $this->text($widget['/TU'] ?? null) ?: $this->text($widget['/T'] ?? null));
            }
        }

        return $fields;
    }

    /**
     * @param  array<array-key, array<array-key, mixed>>  $widgets
     * @return array<array-key, array<array-key, mixed>> with what they have from the fields above them
     */
    private function inherited(string $path, array $widgets): array
    {
        for ($depth = 0; $depth < self::DEEPEST; $depth++) {
            $parents = $this->objects->followed($path, array_map(fn (array $widget): mixed => $widget['/Parent'] ?? null, $widgets));
            if (array_filter($parents, is_array(...)) === []) {
                break;
            }
            foreach ($widgets as $place => $widget) {
                $parent = $parents[$place] ?? null;
                unset($widget['/Parent']);
                $widgets[$place] = is_array($parent) ? $widget + $parent : $widget;
            }
        }

        return $widgets;
    }

    /** @param  array<array-key, mixed>  $widget */
    private function isPush(array $widget): bool
    {
        // Bit 17 of the flags: a button that only does something (12.7.4.2).
        return ($widget['/FT'] ?? null) === '/Btn' && is_int($widget['/Ff'] ?? null) && ($widget['/Ff'] & (1 << 16)) !== 0;
    }

    private function text(mixed $value): string
    {
        return match (true) {
            ! is_string($value) => '',
            str_starts_with($value, 'u:') => trim(substr($value, 2)),
            str_starts_with($value, 'b:') => mb_scrub((string) @hex2bin(substr($value, 2))),
            default => '',
        };
    }
}
