<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Who;
use Illuminate\Http\JsonResponse;

/** Says who is signed in: asked by pages that come to sight again. */
final class WhoController
{
    public function __invoke(): JsonResponse
    {
        return response()->json(['who' => Who::isHere()]);
    }
}
