<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\Choices;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\PageBoxes;

/** Reads the form fields of a PDF (ISO 32000-1, 12.7): where they are, what they are called, and what they take. */
final class FormFields
{
    private const MOST_ON_A_PAGE = 400;

    /** Names are inherited from the fields above, this deep at the most. */
    private const DEEPEST = 8;

    /** Flags of fields: bits 17 and 16 of buttons, bit 13 of text (12.7.4.2, 12.7.4.3). */
    private const PUSH = 1 << 16;

    private const RADIO = 1 << 15;

    private const SEVERAL_LINES = 1 << 12;

    public function __construct(private PdfObjects $objects, private PdfReader $reader)
    {
    }

    /**
     * @return array<int, list<Blank>> by page number
     *
     * @throws FileRefused
     */
    public function read(string $path): array
    {
        if (! $this->mayHaveForm($path)) {
            return [];
        }
        $widgets = $this->objects->annotations($path, '/Widget', self::MOST_ON_A_PAGE);
        if ($widgets === []) {
            return [];
        }
        $boxes = $this->reader->boxes($path);
        $groups = array_map(fn (array $widget): mixed => $widget['/Parent'] ?? null, $widgets);
        $own = array_map(fn (array $widget): string => TextString::read($widget['/TU'] ?? null), $widgets);
        $parents = $this->objects->followed($path, $groups);
        $widgets = $this->inherited($path, $widgets);
        $states = $this->states($path, $widgets);
        $choices = $this->choices($path, $widgets);
        $fields = [];
        $radios = [];
        foreach ($widgets as $place => $widget) {
            $number = (int) $place;
            $frame = isset($boxes[$number]) ? $this->frame($boxes[$number], $widget['/Rect'] ?? null) : null;
            if (
                $frame === null ||
                $frame->width <= 0 ||
                $frame->height <= 0 ||
                ! in_array($widget['/FT'] ?? null, ['/Tx', '/Ch', '/Btn'], true) ||
                $this->has($widget, self::PUSH)
            ) {
                continue;
            }
            $label = self::called($widget);
            if ($widget['/FT'] === '/Btn' && $this->has($widget, self::RADIO)) {
                $group = is_string($groups[$place]) ? $groups[$place] : $label;
                $parent = $parents[$place];
                // What is said of a button itself is what it stands for, and what is said of all of them, the question.
                $asked = is_array($parent) ? self::called($parent) : $label;
                $radios["{$number} {$group}"][] = [
                    $frame,
                    ($own[$place] === $asked ? '' : $own[$place]) ?: $states[$place] ?? '',
                    $asked ?: $label,
                ];
            } else {
                $fields[$number][] = new Blank(
                    BlankKind::Field,
                    $frame,
                    1.0,
                    label: $label,
                    form: $this->form($widget, $choices[$place] ?? []),
                );
            }
        }
        foreach ($radios as $place => $buttons) {
            $fields[(int) $place][] = $this->group($buttons);
        }

        return $fields;
    }

    /** @param  array<array-key, mixed>  $field */
    private static function called(array $field): string
    {
        return TextString::read($field['/TU'] ?? null) ?: TextString::read($field['/T'] ?? null);
    }

    private function frame(PageBoxes $boxes, mixed $rectangle): ?Frame
    {
        $corners = is_array($rectangle)
            ? array_values(array_filter($rectangle, fn (mixed $side): bool => is_int($side) || is_float($side)))
            : [];

        return count($corners) === 4
            ? $boxes->place([(float) $corners[0], (float) $corners[1], (float) $corners[2], (float) $corners[3]])
            : null;
    }

    /**
     * Whether the file's bytes name a field, or pack objects together (ISO 32000-1, 7.5.7) so that a name could be in
     * there unseen. Most scans do neither, and are spared being looked through.
     */
    private function mayHaveForm(string $path): bool
    {
        $bytes = (string) file_get_contents($path);

        return str_contains($bytes, '/Widget') || str_contains($bytes, '/ObjStm');
    }

    /**
     * What the field takes (12.7.4): null where nothing but words is known of it.
     *
     * @param  array<array-key, mixed>  $widget
     * @param  list<string>  $choices
     */
    private function form(array $widget, array $choices): ?AnswerForm
    {
        if ($widget['/FT'] === '/Btn') {
            return new TickAnswer();
        }
        if ($widget['/FT'] === '/Ch') {
            return count($choices) < Choices::FEWEST
                ? null
                : ListAnswer::of(array_slice($choices, 0, Choices::MOST));
        }
        $most = $widget['/MaxLen'] ?? null;
        $limit =
            is_int($most) && $most > 0 && $most <= Limit::MOST
                ? Limit::of(Counted::Characters, null, $most)
                : null;
        $several = $this->has($widget, self::SEVERAL_LINES);

        return $limit === null && ! $several
            ? null
            : ($several
                ? TextAnswer::lines($limit)
                : TextAnswer::short($limit));
    }

    /**
     * Buttons of which one is on, as one choice over all of them.
     *
     * @param  non-empty-list<array{Frame, string, string}>  $buttons  frame, what it stands for, label of the field
     */
    private function group(array $buttons): Blank
    {
        $around = Frame::around(array_column($buttons, 0));
        if (count($buttons) < Choices::FEWEST || count($buttons) > Choices::MOST) {
            return new Blank(BlankKind::Field, $around, 1.0, label: $buttons[0][2], form: new TickAnswer());
        }
        $share = fn (float $part, float $whole): float => round(
            max(0.0, min(1.0, $part / max(0.001, $whole))),
            5,
        );
        $options = array_map(
            fn (array $button, int $at): Option => new Option(
                $at < 26 ? chr(97 + $at) : 'o'.$at,
                mb_substr($button[1], 0, Choices::LONGEST),
                $share($button[0]->x - $around->x, $around->width),
                $share($button[0]->y - $around->y, $around->height),
                max(0.002, $share($button[0]->width, $around->width)),
                max(0.002, $share($button[0]->height, $around->height)),
            ),
            $buttons,
            array_keys($buttons),
        );

        return new Blank(
            BlankKind::Field,
            $around,
            1.0,
            label: $buttons[0][2],
            form: ChoiceAnswer::of($options, false, ChoiceMark::Tick),
        );
    }

    /**
     * The name of the state in which each button is on: what its appearance has besides /Off (12.7.4.2.3).
     *
     * @param  array<array-key, array<array-key, mixed>>  $widgets
     * @return array<array-key, string>
     */
    private function states(string $path, array $widgets): array
    {
        $appearances = $this->objects->followed(
            $path,
            array_map(fn (array $widget): mixed => $widget['/AP'] ?? null, $widgets),
        );
        $normal = $this->objects->followed(
            $path,
            array_map(
                fn (mixed $appearance): mixed => is_array($appearance) ? $appearance['/N'] ?? null : null,
                $appearances,
            ),
        );

        return array_map(function (mixed $states): string {
            $on = is_array($states)
                ? array_values(
                    array_filter(
                        array_keys($states),
                        fn (int|string $name): bool => is_string($name) &&
                            str_starts_with($name, '/') &&
                            $name !== '/Off',
                    ),
                )
                : [];

            return mb_scrub(substr((string) ($on[0] ?? ''), 1));
        }, $normal);
    }

    /**
     * The words of each list, once each: the shown ones where it has a value besides (12.7.4.4).
     *
     * @param  array<array-key, array<array-key, mixed>>  $widgets
     * @return array<array-key, list<string>>
     */
    private function choices(string $path, array $widgets): array
    {
        $lists = $this->objects->followed(
            $path,
            array_map(fn (array $widget): mixed => $widget['/Opt'] ?? null, $widgets),
        );

        return array_map(function (mixed $list): array {
            $words = array_map(
                fn (mixed $choice): string => mb_substr(
                    trim(TextString::read(is_array($choice) ? $choice[1] ?? null : $choice)),
                    0,
                    Choices::LONGEST,
                ),
                is_array($list) ? array_values($list) : [],
            );

            return array_values(array_unique(array_filter($words, fn (string $choice): bool => $choice !== '')));
        }, $lists);
    }

    /**
     * @param  array<array-key, array<array-key, mixed>>  $widgets
     * @return array<array-key, array<array-key, mixed>> with what they have from the fields above them
     */
    private function inherited(string $path, array $widgets): array
    {
        for ($depth = 0; $depth < self::DEEPEST; $depth++) {
            $parents = $this->objects->followed(
                $path,
                array_map(fn (array $widget): mixed => $widget['/Parent'] ?? null, $widgets),
            );
            if (array_filter($parents, is_array(...)) === []) {
                break;
            }
            foreach ($widgets as $place => $widget) {
                $parent = $parents[$place] ?? null;
                unset($widget['/Parent']);
                $widgets[$place] = is_array($parent) ? $widget + $parent : $widget;
            }
        }

        return $widgets;
    }

    /** @param  array<array-key, mixed>  $widget */
    private function has(array $widget, int $flag): bool
    {
        $flags = $widget['/Ff'] ?? 0;

        return is_int($flags) &&
            ($flags & $flag) !== 0 &&
            (($widget['/FT'] ?? null) === '/Btn') === ($flag !== self::SEVERAL_LINES);
    }
}
