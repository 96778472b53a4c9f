<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;

/** Reads what stands in the form fields of a PDF (ISO 32000-1, 12.7.3 and 12.7.4). */
final class FilledForm
{
    private const MOST_ON_A_PAGE = 1000;

    /** A name is made of the names of the fields above, this deep at the most. */
    private const DEEPEST = 8;

    public function __construct(private PdfObjects $objects)
    {
    }

    /**
     * @return array<string, string> by the full name of each field; of buttons, the name of the state that they are in
     *
     * @throws FileRefused
     */
    public function values(string $path): array
    {
        $widgets = $this->objects->annotations($path, '/Widget', self::MOST_ON_A_PAGE);
        $names = array_map(fn (array $widget): string => TextString::read($widget['/T'] ?? null), $widgets);
        $above = $widgets;
        for ($depth = 0; $depth < self::DEEPEST; $depth++) {
            $above = $this->objects->followed(
                $path,
                array_map(fn (mixed $field): mixed => is_array($field) ? $field['/Parent'] ?? null : null, $above),
            );
            foreach ($above as $at => $field) {
                if (is_array($field)) {
                    $name = TextString::read($field['/T'] ?? null);
                    $names[$at] = implode('.', array_filter([$name, $names[$at]], fn (string $of): bool => $of !== ''));
                    $widgets[$at] += $field;
                }
            }
        }
        $given = $this->objects->followed(
            $path,
            array_map(fn (array $widget): mixed => $widget['/V'] ?? null, $widgets),
        );
        $values = [];
        foreach ($widgets as $at => $widget) {
            $values[$names[$at]] = match ($widget['/FT'] ?? null) {
                '/Btn' => $this->state($given[$at] ?? $widget['/V'] ?? null),
                '/Tx', '/Ch' => $this->text($given[$at] ?? $widget['/V'] ?? null),
                default => '',
            };
        }

        return $values;
    }

    private function state(mixed $value): string
    {
        return is_string($value) && str_starts_with($value, '/') ? mb_scrub(substr($value, 1)) : 'Off';
    }

    /** Of a list in which several can be chosen, the first. */
    private function text(mixed $value): string
    {
        return TextString::read(is_array($value) ? $value[0] ?? null : $value);
    }
}
