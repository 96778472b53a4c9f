<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\AnswerRefused;

/**
 * The work of a copy, carried from one edition of its worksheet to another.
 *
 * An answer stays with its place by the identity of the page and of what lies on it, wherever the page stands by now.
 * Where the place is gone, or takes no such answer any more, the answer waits beside the page, and comes back with the
 * place. So nothing is lost, the correction that changes nothing changes nothing, and two in a row are as one.
 */
final readonly class Correction
{
    /**
     * @param  array<string, string>  $texts  by place of the new edition
     * @param  array<string, Waiting>  $waiting  by page and place: "17/k3f9"
     */
    private function __construct(public array $texts, public array $waiting)
    {
    }

    /**
     * @param  list<int>  $before  the page behind each number of the old edition, from the first
     * @param  list<int>  $after  likewise of the new one
     * @param  array<string, string>  $texts  by place of the old edition
     * @param  array<string, Waiting>  $waiting  what waits since an earlier correction
     */
    public static function of(
        Places $old,
        array $before,
        Places $new,
        array $after,
        array $texts,
        array $waiting = [],
    ): self {
        $numbers = array_flip($after);
        $kept = $waits = [];
        $place = function (string $identity) use ($numbers, $new): ?Place {
            [$page, $name] = explode('/', $identity, 2);
            $number = $numbers[(int) $page] ?? null;

            return match (true) {
                $number === null => null,
                OnPaper::isName($name) => OnPaper::on($number + 1),
                default => $new->find(Place::idOn($number + 1, $name)),
            };
        };
        foreach ($texts as $id => $text) {
            [$number, $name] = explode('.', $id, 2);
            $page = $before[(int) $number - 1] ?? null;
            if ($text === '' || $page === null) {
                continue;
            }
            $identity = "{$page}/{$name}";
            $from = OnPaper::isName($name) ? OnPaper::on(1) : $old->find($id);
            $from = $from?->form->kind() ?? AnswerKind::Lines;
            $to = $place($identity);
            if ($to !== null && self::takes($to->form, $from, $text)) {
                $kept[$to->id] = $text;
            } else {
                $waits[$identity] = new Waiting($from, $text);
            }
        }
        foreach ($waiting as $identity => $one) {
            $to = $place($identity);
            if ($to !== null && ! isset($kept[$to->id]) && self::takes($to->form, $one->kind, $one->text)) {
                $kept[$to->id] = $one->text;
            } else {
                $waits[$identity] ??= $one;
            }
        }

        return new self($kept, $waits);
    }

    /**
     * What a place of one edition is called in another; where its page is gone, it is called by the page ("17/k3f9"),
     * and
     * by its number again once the page is back.
     *
     * @param  list<int>  $before  the page behind each number of the old edition, from the first
     * @param  list<int>  $after  likewise of the new one
     */
    public static function renumbered(string $place, array $before, array $after): string
    {
        $identity = $place;
        if (! str_contains($place, '/')) {
            [$number, $name] = explode('.', $place, 2);
            $identity = ($before[(int) $number - 1] ?? 0)."/{$name}";
        }
        [$page, $name] = explode('/', $identity, 2);
        $at = array_search((int) $page, $after, true);

        return $at === false ? $identity : Place::idOn((int) $at + 1, $name);
    }

    private static function takes(AnswerForm $form, AnswerKind $from, string $text): bool
    {
        $isOfItsKind = $form->kind() === $from ||
            ($from->isWords() && $form->kind()->isWords());
        try {
            return $isOfItsKind && $form->tidy($text) === $text;
        } catch (AnswerRefused) {
            return false;
        }
    }
}
