<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WriteComment;
use App\Http\Requests\CommentRequest;
use App\Models\Handout;
use App\Models\Phrase;
use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Comments on copies, and the phrases that a teacher keeps for them. */
final class CommentController
{
    public function store(
        CommentRequest $request,
        Handout $handout,
        #[CurrentUser('teacher')] Teacher $teacher,
        WriteComment $write,
    ): Response {
        $words = $request->words();
        $handout->load('items.edition');
        $item = $request->item($handout) ?? abort(404);
        $place = $request->place();
        abort_unless($place === '' || $item->edition->placesToFill()->find($place) !== null, 404);

        $write($teacher, $request->copiesOf($item), $place === '' ? null : $place, $words);
        if ($words !== '' && mb_strlen($words) <= Phrase::LONGEST) {
            $this->keep($teacher, $words, $request->boolean('keep'));
        }

        return response()->noContent();
    }

    /** The phrases that begin so, those used most first. */
    public function phrases(Request $request, #[CurrentUser('teacher')] Teacher $teacher): JsonResponse
    {
        $start = $request->query('start');
        $phrases = is_string($start) && trim($start) !== ''
            ? Phrase::query()
                ->where('teacher_id', $teacher->id)
                ->whereLike('words', addcslashes(trim($start), '%_\\').'%')
                ->orderByDesc('used')
                ->limit(5)
                ->pluck('words')
                ->all()
            : [];

        return response()->json(['phrases' => $phrases]);
    }

    /** A phrase is kept where that is asked for; one that is kept is used once more. */
    private function keep(Teacher $teacher, string $words, bool $asked): void
    {
        $known = Phrase::query()->where(['teacher_id' => $teacher->id, 'words' => $words])->increment('used');
        if ($known === 0 && $asked && Phrase::query()->where('teacher_id', $teacher->id)->count() < Phrase::MOST) {
            Phrase::query()->insertOrIgnore([
                'teacher_id' => $teacher->id,
                'words' => $words,
                'used' => 1,
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
    }
}
