<?php

declare(strict_types=1);

namespace Database\Seeders;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\PictureAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Font;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;

/** A page made from nothing, with every kind of place to answer. */
final class SkillsSheet
{
    public const NAME = 'Before we sail';

    private const LEFT = 40.0;

    private const WIDTH = 515.0;

    /** Right, wrong and half done: what students have put into its places so far. */
    public const WORK = [
        [
            'ring' => 'b',
            'height' => '4.2',
            'wind' => 'west',
            'jacket' => 'yes',
            'rope' => 'yes',
            'table.2-2' => '08:40',
            'table.2-3' => '09:15',
            'table.3-2' => '10:05',
            'passage' => 'The ferry leaves the harbour at nine. It carries crabs, lobsters and mail.',
            'why' => 'I would wear a life jacket. It keeps me afloat. Everyone on deck has one.',
            'flag' => '{"ink":[["blue",40,[300,150,0,600]],["blue",40,[300,150,700,0,0,300,-700,0]],'.
                '["red",14,[480,240,80,60,80,-60,80,60,80,-60]]]}',
        ],
        [
            'ring' => 'a',
            'height' => '42',
            'wind' => 'north',
            'umbrella' => 'yes',
            'passage' => 'The ferry leave the harbor at nine. it carries crabs, lobsters and mail',
            'why' => 'A rope. You can tie the boat.',
        ],
        ['ring' => 'b', 'jacket' => 'yes', 'table.2-2' => '08:40'],
    ];

    /** @return list<Element> */
    public static function elements(): array
    {
        $said = fn (string $id, float $y, string $text): Label => new Label(
            $id,
            Frame::of(self::LEFT, $y, self::WIDTH, 18),
            $text,
            13,
            font: Font::School,
        );

        return [
            $said('q1', 100, '1   The water in the harbour rises. Which tide is it? Ring the word.'),
            new Label('q1w', Frame::of(70, 124, 300, 20), 'ebb          flood          slack', 15, font: Font::School),
            new AnswerBox(
                id: 'ring',
                frame: Frame::of(64, 120, 206, 26),
                form: ChoiceAnswer::of(
                    [
                        new Option('a', 'ebb', 0.0, 0.05, 0.19, 0.9),
                        new Option('b', 'flood', 0.32, 0.05, 0.23, 0.9),
                        new Option('c', 'slack', 0.68, 0.05, 0.23, 0.9),
                    ],
                    false,
                    ChoiceMark::Ring,
                ),
                prompt: 'Which tide is it?',
                size: 12,
                cover: false,
                outline: false,
                points: 1.0,
                key: ['b'],
            ),
            $said('q2', 156, '2   How high is the water at noon, by the chart in class?'),
            new AnswerBox(
                'height',
                Frame::of(420, 154, 90, 22),
                new NumberAnswer('m'),
                'Height at noon',
                13,
                points: 1.0,
                key: ['4.2 ± 0.1'],
            ),
            $said('q3', 188, '3   Look at the flag on the quay. The wind comes from the'),
            new AnswerBox(
                'wind',
                Frame::of(420, 186, 90, 22),
                ListAnswer::of(['north', 'east', 'south', 'west']),
                '',
                13,
                points: 1.0,
                key: ['west'],
            ),
            $said('q4', 220, '4   Tick what belongs on deck.'),
            ...self::ticks(),
            $said('q5', 252, '5   Fill in the harbour log. Use the 24-hour clock.'),
            new Table(
                id: 'table',
                frame: Frame::of(self::LEFT + 20, 274, 400, 84),
                columns: [0.4, 0.3, 0.3],
                rows: [0.25, 0.25, 0.25, 0.25],
                cells: self::cells(),
                prompt: 'Harbour log',
                size: 12,
                font: Font::School,
                points: 0.5,
            ),
            $said('q6', 372, '6   Somebody wrote this in a hurry. Mend it: there are mistakes to find.'),
            new AnswerBox(
                'passage',
                Frame::of(self::LEFT + 20, 394, 470, 58),
                PassageAnswer::of(
                    'the ferry leave the harbor at nine it carries crabs lobsters and mail',
                    'The ferry leaves the harbour at nine. It carries crabs, lobsters and mail.',
                ),
                'The ferry',
                14,
                font: Font::Book,
                points: 7.0,
            ),
            $said('q7', 472, '7   What is the most important thing on deck, and why?'),
            new AnswerBox(
                id: 'why',
                frame: Frame::of(self::LEFT + 20, 494, 470, 76),
                form: TextAnswer::lines(Limit::of(Counted::Sentences, 3, 5)),
                prompt: 'Your opinion, and why',
                size: 13,
                font: Font::School,
                help: 'Say what it is. Say what it does. Say what could happen without it.',
                needed: true,
                points: 3.0,
            ),
            $said('q8', 590, '8   Draw a flag for your boat.'),
            new AnswerBox(
                'flag',
                Frame::of(self::LEFT + 20, 612, 220, 150),
                new DrawingAnswer(),
                'Your flag',
                12,
                points: 2.0,
            ),
            new Label('q9', Frame::of(310, 590, 245, 18), '9   Tie a knot and take a picture.', 13, font: Font::School),
            new AnswerBox(
                'knot',
                Frame::of(330, 612, 200, 150),
                new PictureAnswer(),
                'A picture of your knot',
                12,
                points: 2.0,
            ),
        ];
    }

    /** @return list<Element> */
    private static function ticks(): array
    {
        $ticks = [];
        $things = ['jacket' => ['life jacket', 'yes'], 'rope' => ['rope', 'yes'], 'umbrella' => ['umbrella', 'no']];
        foreach ($things as $id => [$words, $key]) {
            $x = 240 + 110 * intdiv(count($ticks), 2);
            $ticks[] = new AnswerBox(
                $id,
                Frame::of($x, 219, 18, 18),
                new TickAnswer(),
                $words,
                points: 0.5,
                key: [$key],
            );
            $ticks[] = new Label("{$id}w", Frame::of($x + 23, 220, 84, 18), $words, 13, font: Font::School);
        }

        return $ticks;
    }

    /** @return list<TableCell> */
    private static function cells(): array
    {
        $cells = array_map(fn (string $words): TableCell => new TableCell($words), ['Boat', 'In', 'Out']);
        foreach (
            [
                'Sandpiper' => ['08:40', '09:15'],
                'Old Kittiwake' => ['10:05', '11:30'],
                'Marsh Harrier' => ['12:20', '13:00'],
            ] as $boat => $times
        ) {
            $cells[] = new TableCell($boat);
            foreach ($times as $time) {
                $cells[] = new TableCell('', true, [$time]);
            }
        }

        return $cells;
    }
}
