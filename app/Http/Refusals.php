<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\MasterLocked;
use App\Actions\StaleArrangement;
use App\Actions\StaleEdit;
use App\Documents\FileRefused;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\View\ContactSheet;
use App\View\Station;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use OpenSlate\Copies\CopyRefused;
use OpenSlate\Refusal;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Turns the refusals of the rules into answers that a page can show: a status, and a sentence. */
final class Refusals
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(Refusal::class);
        $exceptions->render(
            fn (Refusal $refusal, Request $request): Response => $request->expectsJson()
                ? self::say($refusal->getMessage(), self::status($refusal), self::more($refusal, $request))
                : back()->withErrors(['refused' => $refusal->getMessage()]),
        );
        $exceptions->render(function (PostTooLargeException $problem, Request $request): ?Response {
            $refusal = FileRefused::tooLarge(
                (int) $request->header('Content-Length'),
                (int) config('slate.files.most_bytes'),
            );
            $isFile = $request->is('worksheets', 'worksheets/*/files');

            return $isFile || $request->expectsJson()
                ? self::say(
                    $isFile
                        ? $refusal->getMessage()
                        : 'That is more than can be sent at once. Send less and try again.',
                    Response::HTTP_REQUEST_ENTITY_TOO_LARGE,
                    ['code' => $refusal->reason],
                )
                : null;
        });
        // A disk that is full, a database that is held: said in words, noted once, and no fault of the program's.
        $exceptions->render(function (Throwable $cause, Request $request): ?Response {
            $problem = StorageProblem::in($cause);

            return $problem === null
                ? null
                : ($request->expectsJson()
                    ? self::say($problem->words(), $problem->status(), ['code' => 'storage'])
                    : response()->view(
                        'errors.sentence',
                        ['title' => $problem->title(), 'words' => $problem->words()],
                        $problem->status(),
                    )
                )->header('Retry-After', '5');
        });
        // What a query was given is what somebody typed: only the query itself, and what the database said, is noted.
        $exceptions->report(function (QueryException $problem): bool {
            Log::error(
                'Database: '.self::withoutValues($problem),
                StorageProblem::in($problem) !== null
                    ? []
                    : ['at' => array_slice(explode("\n", $problem->getTraceAsString()), 0, 12)],
            );

            return false;
        });
        $exceptions->shouldRenderJsonWhen(fn (Request $request, Throwable $cause): bool => $request->expectsJson());
    }

    private static function status(Refusal $refusal): int
    {
        return match (true) {
            $refusal instanceof MasterLocked => Response::HTTP_LOCKED,
            $refusal instanceof CopyRefused,
            $refusal instanceof StaleEdit,
            $refusal instanceof StaleArrangement => Response::HTTP_CONFLICT,
            default => Response::HTTP_UNPROCESSABLE_ENTITY,
        };
    }

    /** @return array<string, mixed> what a window needs beside the sentence: whoever was late sees what is there now */
    private static function more(Refusal $refusal, Request $request): array
    {
        [$page, $worksheet] = [$request->route('page'), $request->route('worksheet')];

        return match (true) {
            $refusal instanceof FileRefused => ['code' => $refusal->reason],
            $refusal instanceof CopyRefused && $refusal->isKept !== null => ['kept' => $refusal->isKept],
            ! $refusal instanceof StaleEdit && ! $refusal instanceof StaleArrangement => [],
            $page instanceof WorksheetPage => Station::named($request->input('station'))->drawn($page->refresh()),
            $worksheet instanceof Worksheet => ContactSheet::drawn($worksheet),
            default => [],
        };
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
