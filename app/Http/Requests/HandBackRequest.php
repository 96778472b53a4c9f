<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\School;
use DateTimeInterface;
use Illuminate\Foundation\Http\FormRequest;

/** Reads to whom marked copies go back, and when. */
final class HandBackRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'to' => ['required', 'in:marked,handed-in,all,one'],
            'copy' => ['required_if:to,one', 'integer'],
            'when' => ['required', 'in:now,at'],
            'date' => ['required_if:when,at', 'nullable', 'date_format:Y-m-d'],
            'time' => ['required_if:when,at', 'nullable', 'date_format:H:i'],
        ];
    }

    public function to(): string
    {
        return $this->string('to')->toString();
    }

    public function at(School $school): DateTimeInterface
    {
        return $this->input('when') === 'at'
            ? $school->at((string) $this->input('date'), (string) $this->input('time'))
            : now();
    }
}
