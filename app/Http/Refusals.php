<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\MasterLocked;
use App\Documents\FileRefused;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use OpenSlate\Arrange\ArrangementRefused;
use OpenSlate\Boards\BoardRefused;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Json\InvalidJson;
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
        $exceptions->render(function (PostTooLargeException $problem, Request $request): ?Response {
            $refusal = FileRefused::tooLarge((int) $request->header('Content-Length'), (int) config('slate.files.most_bytes'));
            $isFile = $request->is('worksheets', 'worksheets/*/files');

            return $isFile || $request->expectsJson()
                ? self::say($isFile ? $refusal->getMessage() : 'That is more than can be sent at once. Send less and try again.', Response::HTTP_REQUEST_ENTITY_TOO_LARGE, ['code' => $refusal->reason])
                : null;
        });
        // A disk that is full, a database that is held: said in words, noted once, and no fault of the program's.
        $exceptions->render(function (Throwable $cause, Request $request): ?Response {
            $problem = StorageProblem::in($cause);

            return $problem === null ? null : ($request->expectsJson()
                ? self::say($problem->words(), $problem->status(), ['code' => 'storage'])
                : response()->view('errors.sentence', ['title' => $problem->title(), 'words' => $problem->words()], $problem->status()))->header('Retry-After', '5');
        });
        // What a query was given is what somebody typed: only the query itself, and what the database said, is noted.
        $exceptions->report(function (QueryException $problem): bool {
            Log::error('Database: '.self::withoutValues($problem), StorageProblem::in($problem) !== null ? [] : ['at' => array_slice(explode("\n", $problem->getTraceAsString()), 0, 12)]);

            return false;
        });
        $exceptions->shouldRenderJsonWhen(fn (Request $request, Throwable $cause): bool => $request->expectsJson());
    }

    private static function withoutValues(QueryException $problem): string
    {
        return strtok((string) $problem->getPrevious()?->getMessage(), "\n").' ('.$problem->getSql().')';
    }

    /** @param  array<string, mixed>  $more */
    private static function say(string $message, int $status, array $more = []): JsonResponse
    {
        return response()->json(['message' => $message] + $more, $status);
    }
}
