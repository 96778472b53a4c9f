<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Attend;
use App\Models\Copy;
use App\Models\Message;
use App\Models\Student;
use App\View\Company;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a student's open copy asks every few seconds: what the teacher says, and whether all wait. */
final class PulseController
{
    public function __invoke(
        Request $request,
        Copy $copy,
        #[CurrentUser('student')] Student $student,
        Attend $attend,
        Company $company,
    ): JsonResponse {
        $handout = $copy->item->handout;
        $hold = $handout->hold();
        $now = now()->toDateTimeImmutable();

        return response()->json([
            'words' => Message::query()
                ->shown($handout->id)
                ->to($student->id)
                ->get(['id', 'words'])
                ->reverse()
                ->map(fn (Message $message): array => ['id' => $message->id, 'words' => $message->words])
                ->values(),
            'copy' => $copy->keptAs(),
            'news' => $copy->news(),
            'hold' => $hold->isOn($now) ? ['left' => $hold->left($now)] : null,
            'company' => $copy->isShared() ? $this->company($request, $copy, $student, $attend, $company) : null,
        ]);
    }

    /** @return array<string, mixed> */
    private function company(
        Request $request,
        Copy $copy,
        Student $student,
        Attend $attend,
        Company $company,
    ): array {
        $at = $request->validate([
            'window' => ['required', 'string', 'regex:/^[a-z0-9]{4,32}$/D'],
            'seen' => ['required', 'integer', 'min:0'],
            'place' => ['nullable', 'string', 'max:100'],
        ]);
        $attend($copy, $student, (string) $at['window'], (string) ($at['place'] ?? ''));

        return $company->of($copy, $student, (int) $at['seen'], (string) $at['window']);
    }
}
