<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TextChange;
use OpenSlate\Answers\TextDiff;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;

/**
 * What a student's browser shows of answers that were just saved: how much is written, what was mended, where parts
 * are.
 */
final class SavedWords
{
    /** Of the passages that are compared with one save, in bytes: three or four of the longest. */
    private const MOST_COMPARED = 15000;

    /**
     * @param  list<string>  $keys  of the places that were written in
     * @return array{limits: object, passages: object, models: object}
     */
    public static function of(Work $work, Places $places, array $keys): array
    {
        // What was mended is looked for in so much at once; the others are saved all the same, and looked at in turn.
        $left = self::MOST_COMPARED;
        $limits = [];
        $passages = [];
        $models = [];
        foreach ($keys as $key) {
            $form = $places->find($key)?->form;
            $text = $work->text($key);
            if ($form instanceof TextAnswer && $form->limit !== null) {
                $limits[$key] = ['said' => $form->limit->said($text), 'met' => $form->limit->isMet($text)];
            } elseif ($form instanceof NumberAnswer) {
                $limits[$key] = ['said' => self::number($form, $text), 'met' => true];
            } elseif ($form instanceof PassageAnswer && $left > 0) {
                $passages[$key] = self::passage($form, $text);
                $left -= strlen($form->wrong) + strlen($text);
            } elseif ($form instanceof ModelAnswer) {
                $models[$key] = $text;
            }
        }

        return ['limits' => (object) $limits, 'passages' => (object) $passages, 'models' => (object) $models];
    }

    /** What helps where no figures were written; it is kept all the same, and marked if it is a number in words. */
    public static function number(NumberAnswer $form, string $text): string
    {
        $isNumber = $form->isNumber($text) && preg_match('/\p{N}/u', $text) === 1;

        return $text === '' || $isNumber ? '' : 'Write it in figures: 4, not “four”.';
    }

    /** @return array{text: string, words: string, changes: list<array{at: int, from: string, to: string}>} */
    public static function passage(PassageAnswer $form, string $text): array
    {
        $mended = $form->mended($text);
        $changes = TextDiff::between($form->wrong, $mended);

        return [
            'text' => $mended,
            'words' => PassageWords::counted(count($changes)),
            'changes' => array_map(
                fn (TextChange $change): array => [
                    'at' => $change->after,
                    'from' => $change->from,
                    'to' => $change->to,
                ],
                $changes,
            ),
        ];
    }
}
