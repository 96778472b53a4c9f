<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Answers\TickAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Place;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Saved;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Spot;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WorkTest extends TestCase
{
    private Places $places;

    protected function setUp(): void
    {
        $page = fn (AnswerBox ...$boxes): Page => new Page(
            Size::of(600, 800),
            Colour::white(),
            null,
            array_values($boxes),
        );
        $this->places = Places::of([
            $page(new AnswerBox('b', Frame::of(50, 200, 100, 18)), new AnswerBox('a', Frame::of(50, 100, 100, 18))),
            $page(new AnswerBox('a', Frame::of(50, 100, 300, 90), TextAnswer::lines())),
        ]);
    }

    public function test_a_window_that_has_seen_an_answer_may_change_it(): void
    {
        $first = $this->save(Work::none(), 0, 'one', ['1.a' => 'ebb'])->work;
        $second = $this->save($first, $first->revision, 'two', ['1.a' => 'flood']);

        $this->assertSame([[], 'flood'], [$second->conflicts, $second->work->text('1.a')]);
    }

    public function test_what_is_needed_is_kept_with_the_places(): void
    {
        $places = Places::of([
            new Page(Size::of(600, 800), Colour::white(), null, [
                new AnswerBox('n', Frame::of(50, 50, 90, 18), needed: true),
                new AnswerBox('m', Frame::of(50, 90, 90, 18)),
            ]),
        ]);

        $this->assertSame(
            [true, false],
            array_map(fn (Place $place): bool => $place->needed, Places::fromJson($places->toJson())->all()),
        );
        $this->assertSame(1, Work::none()->stillNeeded(Places::fromJson($places->toJson())));
    }

    public function test_places_stand_in_reading_order_and_one_id_on_two_pages_is_two_places(): void
    {
        $this->assertSame(
            ['1.a', '1.b', '2.a'],
            array_map(fn (Place $place): string => $place->id, $this->places->all()),
        );
        $this->assertEquals($this->places, Places::fromJson($this->places->toJson()));
        $this->assertSame('{}', Places::of([])->toJson());
        $this->assertSame(0, Places::fromJson('{}')->count());
    }

    public function test_what_is_typed_is_kept_and_counted(): void
    {
        $work = $this->save(Work::none(), 0, 'one', ['1.a' => 'tide', '2.a' => "two\nlines"])->work;

        $this->assertSame(1, $work->revision);
        $this->assertSame("two\nlines", $work->text('2.a'));
        $this->assertSame(2, $work->filled($this->places));
        $this->assertEquals($work, Work::fromJson($work->toJson()));
    }

    public function test_spaces_do_not_fill_a_place(): void
    {
        foreach (['', ' ', "\n\t", "\u{00A0}", "\u{200B}", "\u{3000}", "\u{FEFF}"] as $empty) {
            $this->assertFalse(TextAnswer::short()->isFilled($empty), json_encode($empty) ?: '');
        }
        foreach (['0', '-', '?', 'x ', '水', '½', '🙂'] as $filled) {
            $this->assertTrue(TextAnswer::lines()->isFilled($filled), $filled);
        }
    }

    public function test_a_draft_sent_twice_changes_nothing_more(): void
    {
        $once = $this->save(Work::none(), 0, 'one', ['1.a' => 'tide']);
        $twice = $this->save($once->work, 0, 'one', ['1.a' => 'tide']);

        $this->assertEquals($once->work, $twice->work);
        $this->assertSame([], $twice->conflicts);
    }

    public function test_one_window_goes_on_although_a_reply_was_lost(): void
    {
        $first = $this->save(Work::none(), 0, 'one', ['1.a' => 'ti'])->work;
        $second = $this->save($first, 0, 'one', ['1.a' => 'tide']);

        $this->assertSame('tide', $second->work->text('1.a'));
        $this->assertSame([], $second->conflicts);
    }

    public function test_two_windows_never_overwrite_each_other_in_silence(): void
    {
        $work = $this->save(Work::none(), 0, 'one', ['1.a' => 'from one'])->work;
        $saved = $this->save($work, 0, 'two', ['1.a' => 'from two', '1.b' => 'free']);

        $this->assertSame('from one', $saved->work->text('1.a'));
        $this->assertSame('free', $saved->work->text('1.b'), 'the answer that nobody else touched is saved');
        $this->assertSame(['1.a' => 'from one'], $saved->conflicts);

        $settled = $this->save($saved->work, $saved->work->revision, 'two', ['1.a' => 'from two']);
        $this->assertSame('from two', $settled->work->text('1.a'));
        $this->assertSame([], $settled->conflicts);
    }

    public function test_two_windows_that_typed_the_same_agree(): void
    {
        $work = $this->save(Work::none(), 0, 'one', ['1.a' => 'same'])->work;
        $this->assertSame([], $this->save($work, 0, 'two', ['1.a' => 'same'])->conflicts);
    }

    public function test_a_window_is_told_what_others_wrote_where_it_did_not(): void
    {
        $work = $this->save(Work::none(), 0, 'one', ['1.a' => 'from one'])->work;
        $saved = $this->save($work, 0, 'two', ['1.b' => 'from two']);

        $this->assertSame(['1.a' => 'from one'], $saved->newer);
        $this->assertSame([], $this->save($saved->work, $saved->work->revision, 'two', ['1.b' => 'more'])->newer);
    }

    public function test_clearing_an_answer_is_an_answer(): void
    {
        $work = $this->save(Work::none(), 0, 'one', ['1.a' => 'tide'])->work;
        $cleared = $this->save($work, 1, 'one', ['1.a' => ''])->work;

        $this->assertSame('', $cleared->text('1.a'));
        $this->assertSame(0, $cleared->filled($this->places));
    }

    public function test_drafts_that_are_none_are_refused(): void
    {
        $draft = ['base' => 0, 'window' => 'wind', 'answers' => []];
        foreach (
            [
                'must be an object' => null,
                '$.answers' => ['answers' => ['x']] + $draft,
                '$.base' => ['base' => -1] + $draft,
                '$.window' => ['window' => '<b>'] + $draft,
                '$.points: is not known' => ['points' => 10] + $draft,
            ] as $said => $bad
        ) {
            try {
                Draft::decode($bad, $this->places);
                $this->fail("The draft was taken although it {$said}.");
            } catch (InvalidJson $problem) {
                $this->assertStringContainsString($said, $problem->getMessage());
            }
        }
    }

    public function test_an_answer_that_cannot_be_kept_is_refused_alone(): void
    {
        $draft = Draft::decode(
            [
                'base' => 0,
                'window' => 'wind',
                'answers' => ['9.z' => 'x', '1.a' => str_repeat('x', 301), '2.a' => 5, '1.b' => 'fine'],
            ],
            $this->places,
        );

        $this->assertSame(['1.b' => 'fine'], $draft->answers);
        $this->assertSame(['9.z', '1.a', '2.a'], array_keys($draft->refused));
        $this->assertStringContainsString('no place', $draft->refused['9.z']);
        $this->assertStringContainsString('at most 300', $draft->refused['1.a']);
        $this->assertStringContainsString('must be text', $draft->refused['2.a']);
        $saved = Work::none()->save($draft);
        $this->assertSame(
            [$draft->refused, 'fine', ''],
            [$saved->refused, $saved->work->text('1.b'), $saved->work->text('1.a')],
        );
    }

    public function test_line_ends_are_made_one_and_control_characters_dropped_but_words_stay(): void
    {
        $draft = Draft::decode(
            ['base' => 0, 'window' => 'wind', 'answers' => ['2.a' => "a\r\nb\rc\0\x07 \td  "]],
            $this->places,
        );

        $this->assertSame("a\nb\nc \td  ", $draft->answers['2.a']);
    }

    public function test_whatever_windows_do_nothing_typed_is_lost(): void
    {
        mt_srand(5);
        $work = Work::none();
        $windows = array_fill_keys(['aaaa', 'bbbb', 'cccc'], 0);
        for ($n = 0; $n < 500; $n++) {
            $window = (string) array_rand($windows);
            $place = array_map(fn (Place $place): string => $place->id, $this->places->all())[mt_rand(0, 2)];
            $before = $work->text($place);
            $saved = $this->save($work, $windows[$window], $window, [$place => "text {$n}"]);
            // Either it is on the server now, or the window was told what stands there instead.
            $this->assertSame($saved->conflicts === [] ? "text {$n}" : $before, $saved->work->text($place));
            $this->assertSame($saved->conflicts === [] ? [] : [$place => $before], $saved->conflicts);
            $work = $saved->work;
            if (mt_rand(0, 1) === 1) {
                $windows[$window] = $work->revision;
            }
        }
    }

    /** @param  array<string, string>  $answers */
    private function save(Work $work, int $base, string $window, array $answers): Saved
    {
        return $work->save(new Draft($base, $window, $answers));
    }

    public function test_ticks_that_follow_one_another_are_one_question_filled_by_any_of_them(): void
    {
        $tick = fn (string $id, float $y): AnswerBox => new AnswerBox($id, Frame::of(50, $y, 12, 12), new TickAnswer);
        $page = new Page(Size::of(600, 800), Colour::white(), null, [
            $tick('a', 100),
            $tick('b', 120),
            new AnswerBox('why', Frame::of(50, 140, 300, 18)),
            $tick('c', 200),
        ]);
        $this->places = Places::of([$page, $page]);
        $this->assertSame(6, $this->places->count(), 'two runs and a text on each page; a page ends a run');
        $both = $this->save(Work::none(), 0, 'one', ['1.a' => 'yes', '1.b' => 'yes'])->work;
        $this->assertSame(1, $both->filled($this->places));
        $this->assertSame(2, $this->save($both, 1, 'one', ['2.c' => 'yes'])->work->filled($this->places));
        $this->assertSame(6, Places::fromJson($this->places->toJson())->count());
    }

    /** @param  list<int>  $filled  after one, two and three of three are moved */
    #[TestWith([false, [0, 0, 1], 1])]
    #[TestWith([true, [1, 2, 3], 3])]
    public function test_parts_count_as_one_when_all_are_moved_or_each_for_itself(
        bool $each,
        array $filled,
        int $places,
    ): void {
        $parts = array_map(
            fn (string $id): Part => new Part($id, Frame::of(500, 20, 40, 20), text: $id),
            ['a', 'b', 'c'],
        );
        $page = new Page(Size::of(600, 800), Colour::white(), null, [
            ...$parts,
            new Spot('z', Frame::of(50, 50, 200, 200)),
        ]);
        $this->places = Places::fromJson(Places::of([$page->withPartsCounted($each)])->toJson());
        $this->assertSame($places, $this->places->count());
        $at = '[60,60,"@z"]';
        $moved = '';
        foreach (['a.1', 'b.1', 'c.1'] as $n => $key) {
            $moved .= ($n > 0 ? ',' : '')."\"{$key}\":{$at}";
            $model = "{{$moved}}";
            $work = $this->save(Work::none(), 0, 'one', ['1._parts' => $model])->work;
            $this->assertSame($filled[$n], $work->filled($this->places), $model);
        }
    }
}
