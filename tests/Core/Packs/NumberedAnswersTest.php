<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Role;
use OpenSlate\Packs\RoleSigns;
use OpenSlate\Packs\Verdict;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;

/** Keys that have none of the words of what they answer: common practice of teaching resources, no source. */
final class NumberedAnswersTest extends TestCase
{
    private const ASKED = [
        'Lesson 4',
        '1. How long is a rope of two cables? ______',
        '2. Which tank holds more of the two? ______',
        '3. How many crates fit in the hold? ______',
    ];

    public function test_a_page_with_something_for_each_number_is_the_key_of_the_one_with_its_title(): void
    {
        $verdict = $this->last('Lesson 4', '1. 370 m', '2. The left one', '3. 24');
        $this->assertSame(Role::Key, $verdict->role);
        $this->assertSame('has something for each number of page 1 and asks for nothing', $verdict->reason);
    }

    public function test_where_a_number_is_missing_or_too_many_or_has_nothing_it_is_not(): void
    {
        $this->assertNotSame(Role::Key, $this->last('Lesson 4', '1. 370 m', '2. The left one')->role);
        $this->assertNotSame(Role::Key, $this->last('Lesson 4', '1. 370 m', '2. Left', '3. 24', '4. 5')->role);
        $this->assertNotSame(Role::Key, $this->last('Lesson 4', '1. 370 m', '2. Left', '3.')->role);
    }

    public function test_one_with_another_title_or_that_asks_or_says_more_is_not(): void
    {
        $this->assertNotSame(Role::Key, $this->last('Lesson 5', '1. 370 m', '2. The left one', '3. 24')->role);
        $this->assertNotSame(Role::Key, $this->last('Lesson 4', '1. 370 m', '2. The left one', '3. 24?')->role);
        $this->assertNotSame(Role::Key, $this->last('Lesson 4', '1. 370 m', '2. Left', '3. ______ 24')->role);
        $long = str_repeat('the keeper of the lamp climbs and counts the masts of the boats ', 3);
        $this->assertNotSame(Role::Key, $this->last('Lesson 4', "1. {$long}", "2. {$long}", "3. {$long}")->role);
    }

    public function test_what_comes_before_its_questions_is_what_they_are_about(): void
    {
        $verdicts = PackReading::of([
            $this->page(1, ['Lesson 4', '1. A cable is 185 m.', '2. A tank is round.', '3. A crate is square.']),
            $this->page(2, self::ASKED),
        ])->verdicts;
        $this->assertNotSame(Role::Key, $verdicts[1]->role);
    }

    public function test_a_sheet_whose_name_is_key_is_one(): void
    {
        foreach (['Name ___KEY___', 'Name: Answer Key', 'Name __________ KEY __________', 'NAME: ANSWERS'] as $line) {
            $this->assertTrue(RoleSigns::isSignedKey($line), $line);
        }
        foreach (['Name the key of the lamp.', 'Name ______ Class ______', 'The key is under the mat.'] as $line) {
            $this->assertFalse(RoleSigns::isSignedKey($line), $line);
        }
        $sheet = ['Record sheet', 'Name ___KEY___', '1 twelve', '2 nine', '3 four'];
        $this->assertSame(Role::Key, PackReading::of([$this->page(1, $sheet)])->verdicts[1]->role);
    }

    public function test_of_two_sheets_that_say_the_same_one_with_a_little_more_ink_is_doubtful(): void
    {
        $words = ['Is or are?', 'Underline the right word.', '1. The gulls is / are loud.', '2. It is / are lit.'];
        $role = fn (float $ink): Role => PackReading::of([
            $this->page(1, $words, 0.0104),
            $this->page(2, $words, $ink),
        ])->verdicts[2]->role;

        $this->assertSame(Role::Student, $role(0.0104));
        $this->assertSame(Role::Unknown, $role(0.0106));
        $this->assertSame(Role::Student, $role(0.0102));
    }

    public function test_a_sheet_with_gaps_that_comes_back_is_no_key_of_itself(): void
    {
        $sheet = fn (int $number): PageText => $this->page($number, ['I noticed', '1. ____', '2. ____', '3. ____']);
        $roles = array_column(PackReading::of(array_map($sheet, range(1, 4)))->verdicts, 'role');

        $this->assertNotContains(Role::Key, $roles);
    }

    public function test_a_text_that_is_called_one_is_read_by_students_and_a_planning_page_is_theirs(): void
    {
        foreach (['Source 2', 'Extract B: the storm', 'Passage IV'] as $title) {
            $this->assertTrue(RoleSigns::isTextHeading($title), $title);
        }
        foreach (['Sources', 'Source of light', 'Reading for pleasure', 'Article about bells'] as $title) {
            $this->assertFalse(RoleSigns::isTextHeading($title), $title);
        }
        $this->assertFalse(RoleSigns::isGuideHeading('Planning page'));
        $this->assertTrue(RoleSigns::isGuideHeading('Planning'));
        $this->assertTrue(RoleSigns::isPuzzleHeading('Planning page'));
    }

    private function last(string ...$lines): Verdict
    {
        return PackReading::of([$this->page(1, self::ASKED), $this->page(2, array_values($lines))])->verdicts[2];
    }

    /** @param  list<string>  $lines */
    private function page(int $number, array $lines, ?float $ink = null): PageText
    {
        return new PageText(
            $number,
            Size::of(595, 842),
            array_map(function (int $at, string $text): TextLine {
                $x = 60.0;
                $words = [];
                foreach (explode(' ', $text) as $word) {
                    $words[] = new Word($word, Frame::of($x, 120 + 30 * $at, 6.0 * strlen($word), 12));
                    $x += 6.0 * strlen($word) + 4;
                }

                return TextLine::of(...$words);
            }, array_keys($lines), $lines),
            $ink,
        );
    }
}
