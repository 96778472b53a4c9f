<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use OpenSlate\Conversion\ControlKind;
use OpenSlate\Conversion\FormControl;

/** Makes the links that mark places to be filled in into form fields (ISO 32000-1, 12.7). */
final class PdfForm
{
    private const SEVERAL_LINES = 1 << 12;

    private const COMBO = 1 << 17;

    public function __construct(private PdfObjects $objects)
    {
    }

    /**
     * @param  list<FormControl>  $controls  by the numbers in the addresses of the links
     * @return string where the PDF with the fields is
     *
     * @throws FileRefused
     */
    public function fromLinks(string $path, array $controls, string $made): string
    {
        $links = $this->objects->annotated($path, '/Link');
        $actions = $this->objects->followed($path, array_map(fn (array $link): mixed => $link['/A'] ?? null, $links));
        $places = [];
        foreach ($links as $reference => $link) {
            $number = $this->number($actions[$reference]);
            $rectangle = $link['/Rect'] ?? null;
            if ($number !== null && isset($controls[$number]) && is_array($rectangle) && count($rectangle) === 4) {
                $places[$number][$reference] = array_map(floatval(...), array_values($rectangle));
            }
        }
        $objects = [];
        $fields = [];
        foreach ($places as $number => $rectangles) {
            // A place that runs over the end of a line has several links: where most of it is, there is the field.
            uasort($rectangles, fn (array $a, array $b): int => abs($b[2] - $b[0]) <=> abs($a[2] - $a[0]));
            $fields[] = (string) array_key_first($rectangles);
            foreach (array_keys($rectangles) as $index => $reference) {
                $objects["obj:{$reference}"] = ['value' => $index === 0
                    ? $this->field($controls[$number], $rectangles[$reference])
                    : ['/Type' => '/Annot', '/Subtype' => '/Popup', '/Rect' => [0, 0, 0, 0], '/F' => 2]];
            }
        }

        return $fields === [] ? $path : $this->objects->replaced($path, $objects, $made);
    }

    private function number(mixed $action): ?int
    {
        $address = is_array($action) ? $action['/URI'] ?? null : null;

        return is_string($address) && str_starts_with($address, 'u:') ? FieldMark::number(substr($address, 2)) : null;
    }

    /**
     * @param  list<float>  $rectangle
     * @return array<string, mixed>
     */
    private function field(FormControl $control, array $rectangle): array
    {
        $what = match ($control->kind) {
            ControlKind::Tick => ['/FT' => '/Btn'],
            ControlKind::List => [
                '/FT' => '/Ch',
                '/Ff' => self::COMBO,
                '/Opt' => array_map(fn (string $choice): string => "u:{$choice}", $control->choices),
            ],
            ControlKind::Lines => ['/FT' => '/Tx', '/Ff' => self::SEVERAL_LINES],
            ControlKind::Line => ['/FT' => '/Tx'] +
                ($control->longest === null ? [] : ['/MaxLen' => $control->longest]),
        };

        return [
            '/Type' => '/Annot',
            '/Subtype' => '/Widget',
            '/Rect' => $rectangle,
            '/F' => 4,
            '/T' => "u:{$control->name}",
        ] + $what;
    }
}
