<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Several write on one copy at the same time. */
final class SharedWorkTest extends TestCase
{
    public function test_words_of_two_in_one_place_are_both_kept(): void
    {
        $work = $this->saved(Work::none(), 'ada', 1, ['1.a' => 'The tide'], by: 1);
        $work = $this->saved($work, 'ben', 1, ['1.a' => 'The tide is low'], ['1.a' => 'The tide'], by: 2);
        $saved = $work->merge(
            new Draft(1, 'ada', ['1.a' => 'The spring tide'], was: ['1.a' => 'The tide'], number: 2, by: 1),
            $this->places(),
        );

        $this->assertSame('The spring tide is low', $saved->work->text('1.a'));
        $this->assertSame(['1.a' => 'The spring tide is low'], $saved->merged);
        $this->assertSame(['1.a' => 1], $saved->work->writers());
    }

    public function test_a_draft_that_comes_again_changes_nothing_more(): void
    {
        $draft = new Draft(0, 'ada', ['1.a' => 'Kelp'], was: ['1.a' => ''], number: 1);
        $work = Work::none()->merge($draft, $this->places())->work;
        $work = $this->saved($work, 'ben', 1, ['1.a' => 'Kelp and crab'], ['1.a' => 'Kelp']);

        $again = $work->merge($draft, $this->places());
        $this->assertSame($work, $again->work);
        $this->assertSame(['1.a' => 'Kelp and crab'], $again->merged);
    }

    public function test_what_cannot_be_put_together_is_a_conflict_and_stays(): void
    {
        $work = $this->saved(Work::none(), 'ada', 1, ['1.b' => 'ebb']);
        $saved = $work->merge(new Draft(0, 'ben', ['1.b' => 'flood'], was: ['1.b' => ''], number: 1), $this->places());

        $this->assertSame(['1.b' => 'ebb'], $saved->conflicts);
        $this->assertSame('ebb', $saved->work->text('1.b'));
        $this->assertSame([], $saved->merged);
    }

    public function test_it_is_the_same_after_it_was_kept(): void
    {
        $work = $this->saved(Work::none(), 'ada', 3, ['1.a' => 'Kelp'], by: 7);
        $this->assertEquals($work, Work::fromJson($work->toJson()));
        $this->assertStringContainsString('"by":7', $work->toJson());
    }

    public function test_a_window_may_have_a_name_of_digits_alone_and_the_oldest_are_forgotten(): void
    {
        $work = Work::none();
        foreach (range(1000, 1069) as $n) {
            $work = $this->saved($work, (string) $n, 7, ['1.a' => "word {$n}"], ['1.a' => $work->text('1.a')]);
        }
        $kept = Work::fromJson($work->toJson());
        $this->assertEquals($work, $kept);
        $again = fn (string $window): string => $kept
            ->merge(new Draft(0, $window, ['1.a' => 'again'], was: ['1.a' => ''], number: 7), $this->places())
            ->work
            ->text('1.a');
        $this->assertSame('word 1069', $again('1069'), 'it is known by its number');
        $this->assertSame('word 1069', $again('1010'));
        $this->assertStringContainsString('again', $again('1009'), 'of the sixty that wrote last');
    }

    public function test_news_are_what_others_wrote(): void
    {
        $work = $this->saved(Work::none(), 'ada', 1, ['1.a' => 'Kelp'], by: 1);
        $this->assertSame(['1.a'], array_keys($work->news(0, 'ben')));
        $this->assertSame([], $work->news(0, 'ada'));
        $this->assertSame([], $work->news($work->revision, 'ben'));
    }

    /**
     * A thousand times, six type into two places, letter by letter, wherever they like; replies are lost, drafts come
     * twice, windows lag behind. In the end all see the same, and every word of each is there, once.
     */
    public function test_nothing_is_lost_in_a_thousand_interleavings(): void
    {
        for ($seed = 1; $seed <= 1000; $seed++) {
            $chance = new Randomizer(new Mt19937($seed));
            $server = Work::none();
            $windows = array_map(fn (int $n): SharedWindow => new SharedWindow('window'.$n, $n, $chance), range(1, 6));
            for ($step = 0; $step < 60; $step++) {
                $server = $windows[$chance->getInt(0, 5)]->act($server, $this->places());
            }
            for ($round = 0; $round < 3; $round++) {
                foreach ($windows as $window) {
                    $server = $window->finish($server, $this->places());
                }
            }
            $there = preg_split('/\s+/', trim($server->text('1.a').' '.$server->text('1.c')));
            $typed = array_merge(...array_map(fn (SharedWindow $one): array => $one->words, $windows));
            sort($there);
            sort($typed);
            $this->assertSame($typed, $there, "seed {$seed}: ".$server->text('1.a').' | '.$server->text('1.c'));
            foreach ($windows as $window) {
                $this->assertSame($server->text('1.a'), $window->field('1.a'), "seed {$seed}");
                $this->assertSame($server->text('1.c'), $window->field('1.c'), "seed {$seed}");
            }
        }
    }

    /**
     * @param  array<string, string>  $answers
     * @param  array<string, string>  $was
     */
    private function saved(Work $work, string $window, int $n, array $answers, array $was = [], ?int $by = null): Work
    {
        return $work->merge(new Draft(0, $window, $answers, was: $was, number: $n, by: $by), $this->places())->work;
    }

    private function places(): Places
    {
        return Places::fromJson(
            '{"1.a":{"answer":"lines"},"1.b":{"answer":"list","choices":["ebb","flood"]},"1.c":{"answer":"lines"}}',
        );
    }
}
