<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\School;
use Carbon\CarbonInterface;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use OpenSlate\Handout\AnswersShown;

/** Reads when students are to see the answers. */
final class AnswersRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'show' => ['required', 'in:never,now,at,handed_in,back'],
            'date' => ['required_if:show,at', 'nullable', 'date_format:Y-m-d'],
            'time' => ['required_if:show,at', 'nullable', 'date_format:H:i'],
        ];
    }

    public function shown(): AnswersShown
    {
        return AnswersShown::tryFrom((string) $this->input('show')) ?? AnswersShown::Asked;
    }

    public function at(School $school): ?CarbonInterface
    {
        return match ($this->input('show')) {
            'now' => now(),
            'at' => Carbon::instance($school->at((string) $this->input('date'), (string) $this->input('time'))),
            default => null,
        };
    }
}
