<?php

declare(strict_types=1);

namespace OpenSlate\Blanks;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Table;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * What is asked at the places of a page, by what is printed there: the words beside or above a box, those at the head
 * of a cell's row and column; with what the teacher says of a text, where that says more ("two details").
 */
final class PrintedQuestions
{
    /** A letter is about as wide as this share of its type's size. */
    private const LETTER = 0.5;

    private const LINE_HEIGHT = 1.3;

    /**
     * @param  list<TextLine>  $lines  what can be read on the page (ShownWords); the labels on it are added
     * @return array<string, string> by the place's name on the page; none where there are no words
     */
    public static function of(Page $page, array $lines): array
    {
        $ground = new Ground(new Marks(size: $page->size, lines: [...$lines, ...self::labels($page)]));
        $questions = [];
        foreach ($page->elements() as $element) {
            if ($element instanceof AnswerBox) {
                $questions[$element->id] = match (true) {
                    $element->prompt === '' => Prompts::at($ground, $element->frame),
                    // What a tick, a list or a choice stands for, its teacher has said; a text can be asked for twice.
                    $element->form instanceof TextAnswer => self::both(
                        Prompts::at($ground, $element->frame),
                        $element->prompt,
                    ),
                    default => $element->prompt,
                };
            } elseif ($element instanceof Table) {
                $questions += self::cells($ground, $element);
            }
        }

        return self::apart(array_filter($questions, fn (string $words): bool => $words !== ''));
    }

    /** Each once: the one in which the other is said already, or both. */
    private static function both(string $printed, string $prompt): string
    {
        $bare = fn (string $words): string => trim(
            (string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($words)),
        );

        return match (true) {
            str_contains(" {$bare($prompt)} ", " {$bare($printed)} ") => $prompt,
            str_contains(" {$bare($printed)} ", " {$bare($prompt)} ") => $printed,
            default => trim("{$printed} {$prompt}"),
        };
    }

    /** @return array<string, string> */
    private static function cells(Ground $ground, Table $table): array
    {
        $questions = [];
        $y = $table->frame->y;
        foreach ($table->rows as $row => $down) {
            $x = $table->frame->x;
            $height = $down * $table->frame->height;
            foreach ($table->columns as $column => $across) {
                $width = $across * $table->frame->width;
                if ($table->cell($row, $column)->fill && $table->heading($row, $column) === '') {
                    $questions[$table->place($row, $column)] = Prompts::of(
                        $ground,
                        new Blank(BlankKind::Cell, Frame::of($x, $y, $width, $height), 1.0),
                    );
                }
                $x += $width;
            }
            $y += $height;
        }

        return $questions;
    }

    /** @return list<TextLine> the labels' lines, about where they stand */
    private static function labels(Page $page): array
    {
        $lines = [];
        foreach ($page->elements() as $element) {
            if (! $element instanceof Label) {
                continue;
            }
            foreach (explode("\n", $element->text) as $at => $text) {
                $words = preg_split('/\s+/u', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
                $height = self::LINE_HEIGHT * $element->size;
                $x = $element->frame->x;
                $placed = [];
                foreach ($words as $word) {
                    $width = mb_strlen($word) * $element->size * self::LETTER;
                    $placed[] = new Word($word, Frame::of($x, $element->frame->y + $at * $height, $width, $height));
                    $x += $width + $element->size * self::LETTER;
                }
                if ($placed !== []) {
                    $lines[] = TextLine::of(...$placed);
                }
            }
        }

        return $lines;
    }

    /**
     * Places that the same words stand at are told apart by their number.
     *
     * @param  array<string, string>  $questions
     * @return array<string, string>
     */
    private static function apart(array $questions): array
    {
        $all = array_count_values($questions);
        $seen = [];

        return array_map(function (string $words) use ($all, &$seen): string {
            $seen[$words] = ($seen[$words] ?? 0) + 1;

            return $all[$words] === 1 ? $words : "{$words}, {$seen[$words]} of {$all[$words]}";
        }, $questions);
    }
}
