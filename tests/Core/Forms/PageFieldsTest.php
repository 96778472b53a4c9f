<?php

declare(strict_types=1);

namespace Tests\Core\Forms;

use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ChoiceMark;
use OpenSlate\Answers\Counted;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\Limit;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\Option;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Organiser;
use OpenSlate\Elements\OrganiserShape;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Forms\FieldKind;
use OpenSlate\Forms\FormField;
use OpenSlate\Forms\PageFields;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

/** The places of a page as form fields, and what is given there as answers again. */
final class PageFieldsTest extends TestCase
{
    public function test_each_kind_of_place_becomes_the_field_that_takes_the_same(): void
    {
        $kinds = [];
        foreach ($this->fields() as $field) {
            $kinds[$field->name] = $field->kind;
        }
        $this->assertSame(
            [
                '3-name' => FieldKind::Line,
                '3-day' => FieldKind::Line,
                '3-a' => FieldKind::Line,
                '3-b' => FieldKind::Lines,
                '3-n' => FieldKind::Line,
                '3-t' => FieldKind::Tick,
                '3-c' => FieldKind::Choice,
                '3-m' => FieldKind::Choices,
                '3-l' => FieldKind::List,
                '3-p' => FieldKind::Lines,
                '3-g_1-2' => FieldKind::Lines,
                '3-o_1' => FieldKind::Lines,
                '3-o_2' => FieldKind::Lines,
            ],
            $kinds,
            'nothing for what is drawn, for headings of tables, and for labels with words of their own',
        );
    }

    public function test_a_field_lies_where_its_place_does_and_says_what_is_asked_there(): void
    {
        $fields = $this->fields(names: ['a' => 'What is asked in print?', 'g.1-2' => 'High']);
        $this->assertEquals(Frame::of(10, 50, 100, 18), $fields['3-a']->frame);
        $this->assertSame('What is asked in print?', $fields['3-a']->said);
        $this->assertSame('Why?', $fields['3-b']->said, 'its prompt, where nothing is printed');
        $this->assertSame('number', $fields['3-n']->said, 'what it takes, where nothing is known');
        $this->assertEquals(Frame::of(60, 300, 50, 20), $fields['3-g_1-2']->frame);
        $this->assertSame('High', $fields['3-g_1-2']->said);
        $this->assertTrue($fields['3-a']->isNeeded);
        $this->assertFalse($fields['3-b']->isNeeded);
        $this->assertSame(20, $fields['3-b']->longest);
        $this->assertNull($fields['3-a']->longest);
        $this->assertSame('the tide are high', $fields['3-p']->value, 'what is to be mended stands in it');
        $this->assertEquals(Frame::of(10, 130, 30, 20), $fields['3-c']->options[0][1]);
        $this->assertEquals(Frame::of(70, 130, 40, 20), $fields['3-c']->options[1][1]);
        $this->assertSame(['ebb', 'flood'], array_column($fields['3-l']->options, 0));
    }

    public function test_a_place_for_just_so_many_letters_is_a_comb_where_each_has_room(): void
    {
        $isComb = function (Limit $limit, float $width = 100): bool {
            $box = new AnswerBox('a', Frame::of(10, 50, $width, 18), TextAnswer::short($limit));
            $page = new Page(Size::of(400, 600), Colour::white(), null, [$box]);

            return PageFields::of($page, 3, [], [])[0]->isComb;
        };

        $this->assertTrue($isComb(Limit::of(Counted::Characters, 5, 5)));
        $this->assertFalse($isComb(Limit::of(Counted::Characters, 1, 5)), 'from one to five');
        $this->assertFalse($isComb(Limit::of(Counted::Characters, null, 5)), 'five at the most');
        $this->assertFalse($isComb(Limit::of(Counted::Characters, 5, null)), 'five at the least');
        $this->assertFalse($isComb(Limit::of(Counted::Words, 5, 5)));
        $this->assertFalse($isComb(Limit::of(Counted::Characters, 5, 5), 20), 'no room for five letters');
    }

    public function test_a_label_that_fills_itself_in_leaves_its_own_words_free(): void
    {
        $name = $this->fields()['3-name'];
        $this->assertSame('Name', $name->said);
        // "Name:" is five letters of about half of twelve points.
        $this->assertEquals(Frame::of(10 + 33, 10, 200 - 33, 18), $name->frame);
        $this->assertSame('Date', $this->fields()['3-day']->said);
        // However long they are, a quarter of it is left.
        $this->assertEqualsWithDelta(0.25 * 60, $this->fields()['3-day']->frame->width, 0.001);
        $this->assertNull($name->place);
    }

    public function test_what_stood_in_a_place_comes_back_from_its_field(): void
    {
        $texts = [
            '3.a' => 'high',
            '3.b' => "two\nlines",
            '3.n' => '4.2',
            '3.t' => 'yes',
            '3.c' => 'y',
            '3.m' => 'x,y',
            '3.l' => 'flood',
            '3.p' => 'the tide is high',
            '3.g.1-2' => '5.2',
            '3.o.2' => 'then',
        ];
        $read = [];
        foreach ($this->fields($texts) as $field) {
            $answer = $field->read($this->asInAFile($field));
            if ($field->place !== null && $answer !== '' && $answer !== null) {
                $read[$field->place] = $answer;
            }
        }
        $this->assertSame($texts, $read);
    }

    public function test_only_what_was_chosen_is_on(): void
    {
        $fields = $this->fields(['3.c' => 'x', '3.m' => 'y']);
        $this->assertSame([true, false], [$fields['3-c']->isOn(0), $fields['3-c']->isOn(1)]);
        $this->assertSame([false, true], [$fields['3-m']->isOn(0), $fields['3-m']->isOn(1)]);
        $this->assertFalse($fields['3-c']->isOn(2), 'there is no third');
        $this->assertFalse($fields['3-t']->isOn(0));
    }

    public function test_what_a_file_does_not_say_is_not_taken_for_an_empty_answer(): void
    {
        foreach ($this->fields() as $field) {
            $this->assertNull($field->read([]));
            $this->assertNull($field->read(['3-zz' => 'x']));
        }
    }

    public function test_lines_end_as_they_do_here_and_unknown_states_are_off(): void
    {
        $fields = $this->fields();
        $this->assertSame("a\nb\nc", $fields['3-b']->read(['3-b' => "a\r\nb\rc"]));
        $this->assertSame('', $fields['3-t']->read(['3-t' => 'Off']));
        $this->assertSame('', $fields['3-t']->read(['3-t' => 'o1']));
        $this->assertSame('', $fields['3-c']->read(['3-c' => 'o9']));
        $this->assertSame('x', $fields['3-c']->read(['3-c' => 'o1']));
        $this->assertSame('y', $fields['3-m']->read(['3-m-2' => 'Yes']));
        $this->assertSame('', $fields['3-m']->read(['3-m-1' => 'Off', '3-m-2' => 'Off']));
    }

    /**
     * @param  array<string, string>  $texts
     * @param  array<string, string>  $names
     * @return array<string, FormField> by name
     */
    private function fields(array $texts = [], array $names = []): array
    {
        $options = [new Option('x', 'north', 0.0, 0.0, 0.3, 1.0), new Option('y', 'south', 0.6, 0.0, 0.4, 1.0)];
        $page = new Page(Size::of(400, 600), Colour::white(), null, [
            new Label('name', Frame::of(10, 10, 200, 18), 'Name:', fills: LabelText::Student),
            new Label('day', Frame::of(10, 30, 60, 18), 'A day of this very long week', fills: LabelText::Date),
            new Label('own', Frame::of(300, 10, 60, 18), 'Words'),
            new AnswerBox('a', Frame::of(10, 50, 100, 18), needed: true),
            new AnswerBox(
                'b',
                Frame::of(10, 70, 100, 18),
                TextAnswer::lines(Limit::of(Counted::Characters, null, 20)),
                'Why?',
            ),
            new AnswerBox('n', Frame::of(10, 90, 100, 18), new NumberAnswer()),
            new AnswerBox('t', Frame::of(10, 110, 12, 12), new TickAnswer()),
            new AnswerBox('c', Frame::of(10, 130, 100, 20), ChoiceAnswer::of($options, false, ChoiceMark::Ring)),
            new AnswerBox('m', Frame::of(10, 155, 100, 20), ChoiceAnswer::of($options, true, ChoiceMark::Ring)),
            new AnswerBox('l', Frame::of(10, 180, 100, 18), ListAnswer::of(['ebb', 'flood'])),
            new AnswerBox(
                'p',
                Frame::of(10, 200, 200, 40),
                PassageAnswer::of('the tide are high', 'The tide is high.'),
            ),
            new AnswerBox('d', Frame::of(10, 250, 100, 40), new DrawingAnswer()),
            new Table(
                'g',
                Frame::of(10, 300, 100, 20),
                [0.5, 0.5],
                [1.0],
                [new TableCell('High'), new TableCell('', fill: true)],
            ),
            new Organiser('o', Frame::of(10, 330, 300, 100), OrganiserShape::Steps, 2),
        ]);
        $by = [];
        foreach (PageFields::of($page, 3, $names, $texts) as $field) {
            $by[$field->name] = $field;
        }

        return $by;
    }

    /** @return array<string, string> what a file has that was written from it */
    private function asInAFile(FormField $field): array
    {
        $values = [];
        foreach (array_keys($field->answers) as $option) {
            $on = $field->isOn($option);
            match ($field->kind) {
                FieldKind::Choices => ($values[$field->nameOf($option)] = $on ? FormField::ON : 'Off'),
                FieldKind::Choice => $on && ($values[$field->name] = FormField::state($option)),
                default => ($values[$field->name] = $on ? FormField::ON : 'Off'),
            };
        }

        return $field->answers === [] ? [$field->name => $field->value] : $values;
    }
}
