<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteOnPage;
use App\Models\Comment;
use App\Models\Copy;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenSlate\Geometry\Point;

/** What a teacher writes on a page of a copy beside its places: with a pen, and in words at a spot. */
final class RemarkController
{
    public function ink(
        Request $request,
        Copy $copy,
        int $number,
        #[CurrentUser('teacher')] Teacher $teacher,
        WriteOnPage $write,
    ): Response {
        $ink = $request->validate(['ink' => ['present', 'nullable', 'string']])['ink'];
        $write->draw($copy, $number, $teacher, (string) $ink);

        return response()->noContent();
    }

    /** Words at a new spot; or, of a comment that is there, other words, another spot, or nothing for taking it away. */
    public function spot(
        Request $request,
        Copy $copy,
        int $number,
        #[CurrentUser('teacher')] Teacher $teacher,
        WriteOnPage $write,
    ): Response {
        $said = $request->validate([
            'words' => ['nullable', 'string', 'max:'.Comment::LONGEST],
            'x' => ['required', 'numeric'],
            'y' => ['required', 'numeric'],
            'comment' => ['nullable', 'integer'],
        ]);
        $write->say(
            $copy,
            $number,
            $teacher,
            new Point((float) $said['x'], (float) $said['y']),
            trim((string) ($said['words'] ?? '')),
            isset($said['comment']) ? (int) $said['comment'] : null,
        );

        return response()->noContent();
    }
}
