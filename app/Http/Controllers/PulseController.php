<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Copy;
use App\Models\Message;
use App\Models\Student;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What a student's open copy asks every few seconds: what the teacher says, and whether all wait. */
final class PulseController
{
    public function __invoke(Copy $copy, #[CurrentUser('student')] Student $student): JsonResponse
    {
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
            'hold' => $hold->isOn($now) ? ['left' => $hold->left($now)] : null,
        ]);
    }
}
