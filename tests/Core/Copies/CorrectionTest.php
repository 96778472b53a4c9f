<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Answers\NumberAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Copies\Correction;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Waiting;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class CorrectionTest extends TestCase
{
    /** @param  array<int, array<string, AnswerForm>>  $pages  forms by name, by page, in the order of the edition */
    private static function places(array $pages): Places
    {
        return Places::of(array_values(array_map(
            fn (array $forms): Page => new Page(
                Size::of(600, 400),
                Colour::white(),
                elements: array_values(array_map(
                    fn (string $name, AnswerForm $form): AnswerBox => new AnswerBox(
                        $name,
                        Frame::of(10, 10, 100, 20),
                        $form,
                    ),
                    array_map(strval(...), array_keys($forms)),
                    $forms,
                )),
            ),
            $pages,
        )));
    }

    /**
     * @param  array<int, array<string, AnswerForm>>  $from
     * @param  array<int, array<string, AnswerForm>>  $to
     * @param  array<string, string>  $texts
     * @param  array<string, Waiting>  $waiting
     */
    private static function corrected(array $from, array $to, array $texts, array $waiting = []): Correction
    {
        return Correction::of(
            self::places($from),
            array_keys($from),
            self::places($to),
            array_keys($to),
            $texts,
            $waiting,
        );
    }

    public function test_a_page_that_came_on_paper_goes_with_its_page_and_waits_while_that_is_gone(): void
    {
        $text = TextAnswer::short();
        $picture = str_repeat('ab', 32);
        [$old, $new] = [[7 => ['a' => $text], 8 => ['c' => $text]], [8 => ['c' => $text], 7 => ['a' => $text]]];
        $moved = self::corrected($old, $new, [OnPaper::on(1)->id => $picture, '2.c' => 'neap']);
        $this->assertSame([OnPaper::on(2)->id => $picture, '1.c' => 'neap'], $moved->texts);
        $this->assertSame([], $moved->waiting);

        $gone = self::corrected($old, [8 => ['c' => $text]], [OnPaper::on(1)->id => $picture]);
        $this->assertSame([], $gone->texts);
        $this->assertSame(AnswerKind::Picture, array_values($gone->waiting)[0]->kind);
        $back = self::corrected([8 => ['c' => $text]], $new, [], $gone->waiting);
        $this->assertSame([OnPaper::on(2)->id => $picture], $back->texts);
        $this->assertSame([], $back->waiting);
    }

    public function test_an_answer_stays_with_its_place_wherever_its_page_stands(): void
    {
        $text = TextAnswer::short();
        $correction = self::corrected(
            [7 => ['a' => $text, 'b' => $text], 8 => ['c' => $text]],
            [9 => ['new' => $text], 8 => ['c' => $text], 7 => ['b' => $text, 'a' => $text]],
            ['1.a' => 'ebb', '1.b' => 'flood', '2.c' => 'neap', '1.gone' => ''],
        );

        $this->assertSame(['3.a' => 'ebb', '3.b' => 'flood', '2.c' => 'neap'], $correction->texts);
        $this->assertSame([], $correction->waiting);
    }

    public function test_what_its_place_does_not_take_any_more_waits_and_comes_back_with_the_place(): void
    {
        $before = [7 => ['a' => TextAnswer::lines(), 'b' => new TickAnswer, 'c' => ListAnswer::of(['ebb', 'flood'])]];
        $texts = ['1.a' => 'Because.', '1.b' => 'yes', '1.c' => 'ebb'];
        $after = [7 => ['a' => new NumberAnswer, 'b' => TextAnswer::short(), 'c' => ListAnswer::of(['in', 'out'])]];
        $correction = self::corrected($before, $after, $texts);

        $this->assertSame(['1.a' => 'Because.'], $correction->texts, 'words stay words');
        $this->assertEquals(
            ['7/b' => new Waiting(AnswerKind::Tick, 'yes'), '7/c' => new Waiting(AnswerKind::List, 'ebb')],
            $correction->waiting,
        );
        $back = self::corrected($after, $before, $correction->texts, $correction->waiting);
        $this->assertSame([$texts, []], [self::sorted($back->texts), $back->waiting]);

        $gone = self::corrected($before, [8 => ['a' => TextAnswer::lines()]], $texts);
        $this->assertSame([[], 3], [$gone->texts, count($gone->waiting)]);
        $this->assertEquals($gone->waiting, Waiting::fromJson(Waiting::toJson($gone->waiting)));
        $this->assertSame([], Waiting::fromJson(null));
        $this->assertSame(
            ['Because.', '', 'ebb'],
            array_values(array_map(fn (Waiting $one): string => $one->words(), $gone->waiting)),
        );
    }

    public function test_a_place_is_called_by_its_page_while_that_is_gone(): void
    {
        $this->assertSame('2.a.1-2', Correction::renumbered('1.a.1-2', [7, 8], [8, 7]));
        $this->assertSame('1.a', Correction::renumbered('1.a', [7], [7, 8]));
        $this->assertSame('7/a', Correction::renumbered('1.a', [7, 8], [8]));
        $this->assertSame('7/a', Correction::renumbered('7/a', [8], [8, 9]));
        $this->assertSame('2.a', Correction::renumbered('7/a', [8], [8, 7]));
        $this->assertSame('0/a', Correction::renumbered('5.a', [8], [8, 7]));
    }

    public function test_what_was_written_since_stays_and_what_waits_goes_on_waiting(): void
    {
        $pages = [7 => ['a' => TextAnswer::short()]];
        $waits = ['7/a' => new Waiting(AnswerKind::Short, 'old')];
        $correction = self::corrected($pages, $pages, ['1.a' => 'new'], $waits);

        $this->assertSame(['1.a' => 'new'], $correction->texts);
        $this->assertEquals($waits, $correction->waiting);
    }

    /** Random worksheets: the identity changes nothing, nothing is lost, and two corrections in a row are as one. */
    public function test_two_corrections_in_a_row_are_as_one(): void
    {
        mt_srand(60);
        for ($run = 0; $run < 400; $run++) {
            [$one, $two, $three] = [self::random(), self::random(), self::random()];
            $texts = [];
            foreach (self::places($one)->all() as $place) {
                $answers = $place->form->kind() === AnswerKind::Tick ? ['yes', ''] : ['ebb', '12', 'flood', ''];
                $texts[$place->id] = $place->form instanceof ListAnswer ? 'ebb' : $answers[array_rand($answers)];
            }
            $texts = array_filter($texts, fn (string $text): bool => $text !== '');
            $same = self::corrected($one, $one, $texts);
            $this->assertSame([self::sorted($texts), []], [self::sorted($same->texts), $same->waiting]);

            $step = self::corrected($one, $two, $texts);
            $this->assertCount(count($texts), [...$step->texts, ...$step->waiting], 'nothing is lost');
            $then = self::corrected($two, $three, $step->texts, $step->waiting);
            $this->assertCount(count($texts), [...$then->texts, ...$then->waiting]);
            $direct = self::corrected($one, $three, $texts);
            $this->assertSame(self::sorted($direct->texts), self::sorted($then->texts));
            $this->assertSame(
                array_map(fn (Waiting $one): string => $one->text, self::sorted($direct->waiting)),
                array_map(fn (Waiting $one): string => $one->text, self::sorted($then->waiting)),
            );
        }
    }

    /** @return array<int, array<string, AnswerForm>> */
    private static function random(): array
    {
        $forms = [
            TextAnswer::short(...),
            TextAnswer::lines(...),
            fn (): AnswerForm => new NumberAnswer,
            fn (): AnswerForm => new TickAnswer,
            fn (): AnswerForm => ListAnswer::of(['ebb', 'flood']),
            fn (): AnswerForm => ListAnswer::of(['ebb', 'neap']),
        ];
        $pages = array_slice([7, 8, 9], 0, mt_rand(1, 3));
        shuffle($pages);
        $worksheet = [];
        foreach ($pages as $page) {
            foreach (array_slice(['a', 'b', 'c'], 0, mt_rand(1, 3)) as $name) {
                $worksheet[$page][$name] = $forms[array_rand($forms)]();
            }
        }

        return $worksheet;
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $all
     * @return array<string, T>
     */
    private static function sorted(array $all): array
    {
        ksort($all);

        return $all;
    }
}
