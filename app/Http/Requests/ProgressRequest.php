<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Reads which pages of a worksheet on its way the caller has already. */
final class ProgressRequest extends FormRequest
{
    /** @return list<int>|null numbers; null where no pages are asked for */
    public function have(): ?array
    {
        $have = $this->query('have');

        return is_string($have)
            ? array_map(fn (string $number): int => (int) $number, explode(',', mb_substr($have, 0, 5000)))
            : null;
    }
}
