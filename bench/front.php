<?php

// The program with routes more: the bare framework routes that saving and editing are measured against.

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

if (! str_starts_with((string) $_SERVER['REQUEST_URI'], '/bare')) {
    return require dirname(__DIR__).'/public/index.php';
}
require dirname(__DIR__).'/vendor/autoload.php';
/** @var Application $app */
$app = require dirname(__DIR__).'/bootstrap/app.php';
// Cached routes are put in place when the program has started; these come after them.
$app->booted(
    fn () => $app->booted(function (): void {
        Route::patch('bare/{id}', function (Request $request, int $id) {
            DB::table('bare')
                ->where('id', $id)
                ->update(['text' => json_encode($request->all())]);

            return response()->json(['ok' => true]);
        });
        $readAndWrite = function (Request $request, int $id) {
            $was = DB::table('bare')->where('id', $id)->value('text');
            DB::table('bare')
                ->where('id', $id)
                ->update(['text' => json_encode($request->all())]);

            return response()->json(['was' => $was]);
        };
        Route::patch('bare/{id}/read', $readAndWrite);
        Route::middleware(['web', 'auth:student', 'auth.session'])->patch('bare/{id}/student', $readAndWrite);
        Route::middleware(['web', 'auth:teacher', 'auth.session'])->patch('bare/{id}/signed-in', $readAndWrite);
    }),
);
$app->handleRequest(Request::capture());
