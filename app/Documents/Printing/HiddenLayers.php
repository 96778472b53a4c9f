<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use App\Documents\FileRefused;
use App\Documents\Pdf\PdfObjects;

/** Whether a PDF has layers that are not shown when it is opened (optional content: ISO 32000-1, 8.11). */
final class HiddenLayers
{
    public function __construct(private PdfObjects $objects)
    {
    }

    /** @throws FileRefused */
    public function areIn(string $path): bool
    {
        $root = $this->objects->end($path)[1];
        $layers = $this->value($path, $this->entry($this->value($path, $root), '/OCProperties'));
        $shown = $this->value($path, $this->entry($layers, '/D'));
        $off = $this->value($path, $this->entry($shown, '/OFF'));

        return (is_array($off) && $off !== []) ||
            $this->entry($shown, '/BaseState') === '/OFF' ||
            // Some show on the screen only, or in print only.
            $this->entry($shown, '/AS') !== null;
    }

    private function value(string $path, mixed $value): mixed
    {
        return $this->objects->followed($path, [$value])[0];
    }

    private function entry(mixed $dictionary, string $name): mixed
    {
        return is_array($dictionary) ? $dictionary[$name] ?? null : null;
    }
}
