<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Copies\Draft;
use OpenSlate\Copies\History;
use OpenSlate\Copies\Work;
use PHPUnit\Framework\TestCase;

final class HistoryTest extends TestCase
{
    /** Random histories: what is replayed is what was there, whichever moments fall out or get something late. */
    public function test_any_moment_is_what_the_copy_was_then(): void
    {
        mt_srand(38);
        for ($run = 0; $run < 300; $run++) {
            [$states, $moments] = self::random();
            foreach ($states as $at => $state) {
                $this->assertSame($state, self::sorted(History::replayed(array_slice($moments, 0, $at + 1))));
            }
            // One falls out: the others are as they were.
            $gone = mt_rand(0, count($moments) - 2);
            $thinned = $moments;
            $thinned[$gone + 1] = History::joined($thinned[$gone], $thinned[$gone + 1]);
            array_splice($thinned, $gone, 1);
            $left = array_values(array_diff_key($states, [$gone => 1]));
            foreach ($left as $at => $state) {
                $this->assertSame($state, self::sorted(History::replayed(array_slice($thinned, 0, $at + 1))));
            }
            // Something comes late to one: it has it, the others are as they were.
            $late = ['1.'.mt_rand(0, 4) => 'late'];
            $added = $moments;
            $added[$gone + 1] = History::without($late, $states[$gone], $added[$gone + 1]);
            $added[$gone] = History::joined($added[$gone], $late);
            foreach ($states as $at => $state) {
                $expected = $at === $gone ? self::sorted([...$state, ...$late]) : $state;
                $this->assertSame($expected, self::sorted(History::replayed(array_slice($added, 0, $at + 1))));
            }
            $this->assertSame($moments, array_map(History::fromJson(...), array_map(History::toJson(...), $moments)));
        }
    }

    public function test_a_fresh_copy_begins_anew_and_knows_from_when(): void
    {
        $used = Work::none()->save(new Draft(0, 'abcd', ['1.a' => 'ebb', '1.b' => '12']))->work;
        $fresh = $used->anew(['1.b' => '12']);

        $this->assertSame(['1.b' => '12'], $fresh->texts());
        $this->assertSame([2, 2], [$fresh->revision, $fresh->since]);
        $this->assertEquals($fresh, Work::fromJson($fresh->toJson()));
        $saved = $fresh->save(new Draft(2, 'abcd', ['1.a' => 'flood']))->work;
        $this->assertSame([3, 2], [$saved->revision, $saved->since]);
        $this->assertStringNotContainsString('since', $used->toJson());
    }

    /**
     * @return array{non-empty-list<array<string, string>>, non-empty-list<array<string, string|null>>} states, moments
     */
    private static function random(): array
    {
        $states = $moments = [];
        $state = [];
        for ($moment = 0, $count = mt_rand(2, 8); $moment < $count; $moment++) {
            $before = $state;
            for ($change = mt_rand(0, 3); $change > 0; $change--) {
                $place = '1.'.mt_rand(0, 4);
                if (mt_rand(0, 3) === 0) {
                    unset($state[$place]);
                } else {
                    $state[$place] = (string) mt_rand(1, 3);
                }
            }
            $moments[] = History::changes($before, $state);
            $states[] = $state = self::sorted($state);
        }

        return [$states, $moments];
    }

    /**
     * @param  array<string, string>  $texts
     * @return array<string, string>
     */
    private static function sorted(array $texts): array
    {
        ksort($texts);

        return $texts;
    }
}
