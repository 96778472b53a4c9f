<?php

declare(strict_types=1);

namespace OpenSlate\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Text\Misread;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** Finds what may number a question: at the beginning of a row, or with room before it. */
final class MarkerFinder
{
    /** Words that say that a number follows which counts a question, in the languages of Europe that schools teach in. */
    private const NAMES = '/^(?:questions?|q|no|nr|num|number|task|problem|exercise|activity|n[°º]|'.
        'aufgabe|frage|übung|exercice|activité|pregunta|ejercicio|tarea|actividad|domanda|esercizio|attività|compito|'.
        'pergunta|questão|exercício|tarefa|atividade|vraag|opgave|opdracht|oefening|fråga|uppgift|övning|spørgsmål|'.
        'oppgave|øvelse|kysymys|tehtävä|harjoitus|pytanie|zadanie|ćwiczenie|otázka|úkol|úloha|cvičení|feladat|kérdés|'.
        'întrebarea|exercițiul|ερώτηση|άσκηση|вопрос|задание|питання|завдання|cwestiwn|tasg|ymarfer|ceist|cleachtadh'.
        ')[.:]?$/iu';

    /** Room before it, of its height. */
    private const ROOM = 1.1;

    /** Room behind a letter that is no word, of its height. */
    private const APART = 0.44;

    /** Room before a column is at least so wide, of the height of its words; and so many rows begin at its edge. */
    private const GUTTER = 0.75;

    private const ROWS = 4;

    /** Room before what is the first on the row of a column, in points. */
    private const COLUMN = 24.0;

    /** How much of its height two words' middles may differ that stand on one row. */
    private const ROW = 0.5;

    /**
     * @param  list<TextLine>  $lines
     * @param  bool  $seen  whether a reader of print has read them: at the beginning of a row it takes a full stop
     *                      for a comma
     * @return list<Marker>
     */
    public static function find(array $lines, bool $seen = false): array
    {
        $words = array_merge([], ...array_map(fn (TextLine $line): array => $line->words, $lines));
        $markers = [];
        $edges = null;
        foreach ($lines as $line) {
            foreach ($line->words as $at => $said) {
                $word = $seen ? new Word(Misread::alone($said->text), $said->frame) : $said;
                if (NumberStyle::readings($word->text) === [] && preg_match(self::NAMES, $word->text) !== 1) {
                    continue;
                }
                $before = self::before($word, $words);
                $room = $before === null ? INF : $word->frame->x - $before->frame->right();
                $begins = $room >= self::COLUMN;
                if (! $begins && $word->text !== $said->text) {
                    continue;
                }
                if ($room < self::ROOM * $word->frame->height) {
                    $edges ??= self::edges($words);
                    $begins = $room >= self::GUTTER * $word->frame->height && self::isAt($word, $edges);
                    if (! $begins) {
                        continue;
                    }
                }
                $next = $line->words[$at + 1] ?? null;
                // What stands behind a number by itself may not have been read.
                $isAlone = $seen && count($line->words) === 1;
                $leads = $begins && ($before === null || $isAlone || self::isAsked($next));
                array_push($markers, ...self::read($word, $next, $leads));
            }
        }

        return $markers;
    }

    /**
     * Where words begin that nothing stands close before, on row after row: the edges of columns, however narrow the
     * gutter.
     *
     * @param  list<Word>  $words
     * @return array<int, int> how many rows, by half points from the left
     */
    private static function edges(array $words): array
    {
        $edges = [];
        foreach ($words as $word) {
            $before = self::before($word, $words);
            if ($before === null || $word->frame->x - $before->frame->right() >= self::GUTTER * $word->frame->height) {
                $at = (int) round(2 * $word->frame->x);
                $edges[$at] = ($edges[$at] ?? 0) + 1;
            }
        }

        return $edges;
    }

    /** @param  array<int, int>  $edges */
    private static function isAt(Word $word, array $edges): bool
    {
        $at = (int) round(2 * $word->frame->x);

        return ($edges[$at - 1] ?? 0) + ($edges[$at] ?? 0) + ($edges[$at + 1] ?? 0) >= self::ROWS;
    }

    /** Whether what follows a number is a word. */
    private static function isAsked(?Word $next): bool
    {
        return $next !== null && preg_match('/\p{L}{2}/u', $next->text) === 1;
    }

    /** @return list<Marker> */
    private static function read(Word $word, ?Word $next, bool $leads): array
    {
        $isAsked = self::isAsked($next);
        if (
            $next !== null &&
            preg_match(self::NAMES, $word->text) === 1 &&
            preg_match('/^(\d{1,3})[.):]?$/', $next->text, $match) === 1
        ) {
            $frame = Frame::around([$word->frame, $next->frame]);

            return [new Marker(NumberStyle::Named, (int) $match[1], $match[1], $frame, $leads)];
        }
        $markers = [];
        $hasRoom = $next === null || $next->frame->x - $word->frame->right() >= self::APART * $word->frame->height;
        foreach (NumberStyle::readings($word->text) as $style => [$value, $number]) {
            if ($style === NumberStyle::BareLetter->value && ! $hasRoom) {
                continue; // "A limpet eats …"
            }
            if ($style === NumberStyle::Decimal->value && ! ($leads && $isAsked)) {
                continue; // What is measured is "3.1" as well.
            }
            $markers[] = new Marker(NumberStyle::from($style), $value, $number, $word->frame, $leads);
        }

        return $markers;
    }

    /**
     * The word that stands before another on its row.
     *
     * @param  list<Word>  $words
     */
    private static function before(Word $word, array $words): ?Word
    {
        $nearest = null;
        foreach ($words as $other) {
            if (
                $other->frame->x < $word->frame->x - 1 &&
                abs($other->frame->middle() - $word->frame->middle()) <= self::ROW * $word->frame->height &&
                ($nearest === null || $other->frame->right() > $nearest->frame->right())
            ) {
                $nearest = $other;
            }
        }

        return $nearest;
    }
}
