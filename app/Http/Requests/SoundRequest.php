<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Copy;
use Illuminate\Foundation\Http\FormRequest;

/** What a teacher says aloud of a place of a copy, or of the whole. */
final class SoundRequest extends FormRequest
{
    use CarriesFile;

    /** Null for the whole; a place that the copy does not have is not found. */
    public function placeOn(Copy $copy): ?string
    {
        $place = $this->input('place');
        if (! is_string($place) || $place === '') {
            return null;
        }
        abort_unless($copy->item->edition->placesToFill()->find($place) !== null, 404);

        return $place;
    }
}
