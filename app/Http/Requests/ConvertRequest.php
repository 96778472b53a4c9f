<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenSlate\Conversion\DocumentChoices;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Scan\ScanChoices;

/** How a teacher wants the pages of a document, or of photos, to be made. */
final class ConvertRequest extends FormRequest
{
    public function documentChoices(): DocumentChoices
    {
        return new DocumentChoices($this->boolean('changes'), $this->boolean('comments'));
    }

    /** @throws ValidationException when what is cut out is nothing that can be */
    public function scanChoices(): ScanChoices
    {
        $paper = $this->string('paper')->value();
        $cuts = json_decode($this->string('cuts')->value(), true);
        try {
            return ScanChoices::of([
                'colour' => $this->boolean('colour', true),
                'even' => $this->boolean('even', true),
                'cuts' => is_array($cuts) ? array_values($cuts) : [],
            ] + ($paper === '' ? [] : ['paper' => $paper]));
        } catch (InvalidJson) {
            throw ValidationException::withMessages([
                'cuts' => 'What is to be cut out does not go round a part of the photo. Set its corners again.',
            ]);
        }
    }
}
