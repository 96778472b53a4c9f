<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\MistakeKind;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextChange;
use OpenSlate\Answers\TextDiff;

/** Says what was changed in a passage to correct, and what was planted in it. */
final class PassageWords
{
    /** @return list<array{'span'|'del'|'ins', string}> the passage as mended, in pieces */
    public static function pieces(PassageAnswer $form, string $answer): array
    {
        $text = $form->mended($answer);
        $pieces = [];
        $at = 0;
        foreach (TextDiff::between($form->wrong, $text) as $change) {
            array_push(
                $pieces,
                ['span', mb_substr($text, $at, $change->after - $at)],
                ['del', $change->from],
                ['ins', $change->to],
            );
            $at = $change->after + mb_strlen($change->to);
        }
        $pieces[] = ['span', mb_substr($text, $at)];

        return array_values(array_filter($pieces, fn (array $piece): bool => $piece[1] !== ''));
    }

    public static function changes(PassageAnswer $form, string $answer): string
    {
        return self::counted(count(TextDiff::between($form->wrong, $form->mended($answer))));
    }

    public static function counted(int $count): string
    {
        return $count === 0 ? 'No changes yet' : Count::of($count, 'change');
    }

    /** "4 mistakes: 1 capital, 2 commas, 1 end mark" */
    public static function planted(PassageAnswer $form): string
    {
        $planted = $form->planted();
        $byKind = array_count_values(array_map(fn (TextChange $change): string => $change->kind->value, $planted));
        $kinds = array_map(
            fn (string $kind, int $count): string => MistakeKind::from($kind)->named($count),
            array_keys($byKind),
            $byKind,
        );

        return Count::of(count($planted), 'mistake').($kinds === [] ? '' : ': '.implode(', ', $kinds));
    }
}
