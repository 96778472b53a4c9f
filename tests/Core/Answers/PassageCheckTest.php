<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\PassageCheck;
use OpenSlate\Judging\OwnWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two short sentences may hold four planted mistakes (common practice, no source). */
final class PassageCheckTest extends TestCase
{
    private const SUPPLIED = 'the ferry sail at nine. It carrys crabs lobsters and mail';

    private const RIGHT = 'The ferry sails at nine. It carries crabs, lobsters and mail.';

    /** @return array<string, array{string, int, int, int}> what a student made of it: made, missed, broken */
    public static function mended(): array
    {
        return [
            'all' => [self::RIGHT, 5, 0, 0],
            'none' => [self::SUPPLIED, 0, 5, 0],
            'all, with other spaces' => ["The ferry sails at nine.\n\nIt carries crabs,  lobsters and mail. ", 5, 0, 0],
            'one missed' => ['The ferry sails at nine. It carries crabs lobsters and mail.', 4, 1, 0],
            'one mended in a wrong way' => ['The ferry sails at nine. It carris crabs, lobsters and mail.', 4, 1, 0],
            'one newly broken' => ['The ferry sails at nein. It carries crabs, lobsters and mail.', 5, 0, 1],
            'a word left out' => ['The ferry sails at nine. It carries crabs, lobsters and.', 5, 0, 1],
            'a word put in' => ['The old ferry sails at nine. It carries crabs, lobsters and mail.', 5, 0, 1],
            'only the capital' => ['The ferry sail at nine. It carrys crabs lobsters and mail', 1, 4, 0],
        ];
    }

    #[DataProvider('mended')]
    public function test_what_was_mended_missed_and_broken_is_counted(
        string $given,
        int $made,
        int $missed,
        int $broken,
    ): void {
        $check = PassageCheck::of(self::SUPPLIED, self::RIGHT, $given);

        $this->assertSame(
            [$made, $missed, $broken],
            [count($check->made), count($check->missed), count($check->broken)],
        );
        $this->assertSame($given === self::RIGHT || $made + $missed === 5, true);
    }

    public function test_it_is_said_by_kind(): void
    {
        $check = PassageCheck::of(
            self::SUPPLIED,
            self::RIGHT,
            'The ferry sails at nein. It carries crabs lobsters and mail',
        );

        $this->assertSame('3 of 5 mended, missed: 1 comma, 1 end mark; new: 1 word', $check->words());
    }

    public function test_each_mended_mistake_earns_and_each_new_one_costs(): void
    {
        $form = PassageAnswer::of(self::SUPPLIED, self::RIGHT);
        $judge = fn (string $given): array => [
            $form->judge([], $given, OwnWords::of([]))->verdict->value,
            $form->judge([], $given, OwnWords::of([]))->earned,
        ];
        $this->assertSame(['right', 1], $judge(self::RIGHT));
        $this->assertSame(['part', 4], $judge('The ferry sails at nine. It carries crabs lobsters and mail.'));
        $this->assertSame(['part', 3], $judge('The ferry sails at nein. It carries crabs lobsters and mail.'));
        $this->assertSame(['wrong', 0], $judge('Nothing like it at all'));
        $this->assertSame(['wrong', 0], $judge(''));
        $this->assertSame('unjudged', PassageAnswer::of('a b', '')->judge([], 'a c', OwnWords::of([]))->verdict->value);
    }

    public function test_a_word_too_many_is_missed_where_it_is_left(): void
    {
        [$supplied, $right] = ['The the boat sank sank at noon', 'The boat sank at noon'];

        $this->assertCount(2, PassageCheck::of($supplied, $right, $right)->made);
        $this->assertCount(1, PassageCheck::of($supplied, $right, 'The boat sank sank at noon')->missed);
        $this->assertCount(1, PassageCheck::of($supplied, $right, 'The the boat sank at noon')->missed);
        $this->assertSame([], PassageCheck::of($supplied, $right, $supplied)->made);
    }

    public function test_a_mark_left_out_where_a_word_was_changed_is_missed_there(): void
    {
        $check = PassageCheck::of('the ferry, sails at noon', 'the ferry sails at noon', 'the ferry, sail at noon');

        $this->assertSame([0, 1, 1], [count($check->made), count($check->missed), count($check->broken)]);
    }

    public function test_any_way_to_mend_only_some_of_them_counts_those(): void
    {
        // Each mistake mended alone, in every combination: made is always how many were.
        $pieces = [['the', 'The'],
            ['sail ', 'sails '],
            ['carrys', 'carries'],
            ['crabs ', 'crabs, '],
            ['mail', 'mail.']];
        for ($set = 0; $set < 32; $set++) {
            $given = self::SUPPLIED;
            foreach ($pieces as $at => [$wrong, $right]) {
                $given = ($set >> $at & 1) === 1 ? preg_replace("/{$wrong}/", $right, $given, 1) ?? '' : $given;
            }
            $check = PassageCheck::of(self::SUPPLIED, self::RIGHT, $given);
            $this->assertSame(substr_count(decbin($set), '1'), count($check->made), $given);
            $this->assertSame([], $check->broken, $given);
        }
    }
}
