<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Handout;
use App\Models\Message;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use OpenSlate\Handout\Hold;

/** What a teacher tells those at work, without going round: a word, or that they wait. */
final class MessageController
{
    public function store(
        Request $request,
        Handout $handout,
        #[CurrentUser('teacher')] Teacher $teacher,
    ): RedirectResponse {
        $said = $request->validateWithBag('word', [
            'words' => ['required', 'string', 'max:'.Message::LONGEST],
            'student' => ['nullable', 'integer'],
        ], ['words.required' => 'Write what you want to say.']);
        $student = isset($said['student']) ? $handout->recipients()->findOrFail((int) $said['student']) : null;
        Message::create([
            'handout_id' => $handout->id,
            'student_id' => $student?->id,
            'teacher_id' => $teacher->id,
            'words' => trim((string) $said['words']),
        ]);
        $handout->increment('told');

        return back()->with('done', $student === null
            ? 'It shows in all copies that are open, and in those that are opened within the hour.'
            : "It shows in what {$student->name} has open, or opens within the hour.");
    }

    public function destroy(Handout $handout, Message $message): RedirectResponse
    {
        $message->delete();
        $handout->increment('told');

        return back()->with('done', 'It is taken away.');
    }

    public function hold(Request $request, Handout $handout): RedirectResponse
    {
        $asked = $request->validateWithBag('hold', [
            'minutes' => ['nullable', 'integer', 'between:1,'.Hold::LONGEST_MINUTES],
        ]);
        $minutes = isset($asked['minutes']) ? (int) $asked['minutes'] : null;
        $handout->update([
            'held_at' => Carbon::now(),
            'held_until' => $minutes === null ? null : Carbon::now()->addMinutes($minutes),
        ]);

        return back();
    }

    public function goOn(Handout $handout): RedirectResponse
    {
        $handout->update(['held_at' => null, 'held_until' => null]);

        return back()->with('done', 'All go on where they were.');
    }
}
