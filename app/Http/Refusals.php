<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\MasterLocked;
use App\Documents\FileRefused;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Trim\ArrangementRefused;
use OpenSlate\Trim\BoardRefused;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Turns the refusals of the rules into answers that a page can show: a status, and a sentence. */
final class Refusals
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([FileRefused::class, EditRefused::class, InvalidJson::class, CopyRefused::class, MasterLocked::class, ArrangementRefused::class, BoardRefused::class]);
        $exceptions->render(fn (FileRefused $refusal): JsonResponse => self::say($refusal->getMessage(), Response::HTTP_UNPROCESSABLE_ENTITY, ['code' => $refusal->reason]));
        $exceptions->render(fn (EditRefused|InvalidJson|ArrangementRefused|BoardRefused $refusal): JsonResponse => self::say($refusal->getMessage(), Response::HTTP_UNPROCESSABLE_ENTITY));
        $exceptions->render(fn (MasterLocked $refusal): JsonResponse => self::say($refusal->getMessage(), Response::HTTP_LOCKED));
        $exceptions->render(fn (CopyRefused $refusal, Request $request): Response => $request->expectsJson()
            ? self::say($refusal->getMessage(), Response::HTTP_CONFLICT)
            : back()->withErrors(['copy' => $refusal->getMessage()]));
        $exceptions->render(function (PostTooLargeException $problem): JsonResponse {
            $refusal = FileRefused::tooLarge((int) request()->header('Content-Length'), (int) config('slate.files.most_bytes'));

            return self::say($refusal->getMessage(), Response::HTTP_REQUEST_ENTITY_TOO_LARGE, ['code' => $refusal->reason]);
        });
        $exceptions->shouldRenderJsonWhen(fn (Request $request, Throwable $cause): bool => $request->expectsJson());
    }

    /** @param  array<string, mixed>  $more */
    private static function say(string $message, int $status, array $more = []): JsonResponse
    {
        return response()->json(['message' => $message] + $more, $status);
    }
}
