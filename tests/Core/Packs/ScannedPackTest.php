<?php

declare(strict_types=1);

namespace Tests\Core\Packs;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Verdict;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;
use PHPUnit\Framework\TestCase;
use Tests\Support\TypedLine;

/** What is drawn on a scan, and how heavy its types are, cannot be told from how much ink it has. */
final class ScannedPackTest extends TestCase
{
    private const TASKS = [
        'Name:',
        'Tick the right one.',
        '1. What is a quay?',
        'a place for ships',
        '2. What is the ebb?',
        'falling water',
    ];

    public function test_a_page_that_says_the_same_as_one_before_it_may_be_marked(): void
    {
        $this->assertSame(['student', 'unknown'], $this->roles(['Harbour quiz', self::TASKS], [
            'Harbour quiz',
            // Words are misread, and what was written on it is read as something.
            [...array_diff(self::TASKS, ['falling water']), 'falliug water', 'oa'],
        ]));
        $this->assertSame(['student', 'student'], $this->roles(
            ['Harbour quiz', self::TASKS],
            ['Harbour quiz', self::TASKS],
            isSeen: false,
        ));
        $this->assertStringContainsString(
            'page 3 says the same',
            $this->verdicts(['Harbour quiz', self::TASKS], ['Harbour quiz', self::TASKS])[1]->reason,
        );
    }

    public function test_a_page_of_another_title_or_label_or_with_other_tasks_is_the_students(): void
    {
        $this->assertSame(['student', 'student'], $this->roles(
            ['Harbour quiz', self::TASKS],
            ['The tides', self::TASKS],
        ));
        $this->assertSame(['student', 'unknown'], $this->roles(
            ['Harbour quiz', self::TASKS],
            ['Harhour quiz', self::TASKS],
        ));
        $this->assertSame(['student', 'student'], $this->roles(
            ['Harbour quiz', ['Day 3', ...self::TASKS]],
            ['Harbour quiz', ['Day 4', ...self::TASKS]],
        ));
        $others = ['Name:', 'Write it down.', '3. Who lights the lamp?', '4. Where does the pilot wait for the flood?'];
        $this->assertSame(['student', 'student'], $this->roles(
            ['Harbour quiz', self::TASKS],
            ['Harbour quiz', $others],
        ));
        // Of what a long page says, among much else, a short one may have all.
        $this->assertSame(['student', 'student'], $this->roles(
            ['Harbour quiz', ['Name:', 'Tick the right one.', '1. What is a quay?']],
            ['Harbour quiz', [...self::TASKS, ...$others, 'Draw the lamp and the boat that it leads home.']],
        ));
    }

    public function test_more_ink_makes_no_scan_a_key(): void
    {
        $pages = [];
        foreach ([['Nouns', 0.04], ['Verbs', 0.04], ['Nouns', 0.045], ['Verbs', 0.045]] as $at => [$title, $ink]) {
            $pages[] = $this->page($at + 1, $title, ['Underline them.', 'The grey boat sails home.'], $ink, true);
        }
        $roles = array_map(fn (Verdict $one): string => $one->role->value, PackReading::of($pages)->verdicts);
        $this->assertNotContains('key', $roles);
        $this->assertSame('unknown', $roles[3]);
        $this->assertSame('unknown', $roles[4]);
    }

    public function test_words_that_fill_places_make_a_key_and_dust_that_was_read_does_not(): void
    {
        $with = fn (string ...$more): array => ['Harbour quiz', [...self::TASKS, ...$more]];

        $this->assertSame(['student', 'key'], $this->roles($with(), $with('stone', 'wooden', 'salty')));
        $dusty = $with('oa', '15', 'les', 'i', '3.');
        $this->assertSame(['student', 'unknown'], $this->roles($with(), $dusty));
        $this->assertSame(['student', 'key'], $this->roles($with(), $dusty, isSeen: false));
    }

    public function test_a_title_with_another_number_is_another(): void
    {
        $this->assertSame(['student', 'student'], $this->roles(['List 1 Quiz', self::TASKS], [
            'List 2 Quiz',
            self::TASKS,
        ]));
        // What a pen wrote may be larger than the title.
        $this->assertSame(['student', 'unknown'], $this->roles(['List 1 Quiz', self::TASKS], [
            'V',
            ['List 1 Quiz', ...self::TASKS],
        ]));
    }

    public function test_what_stands_in_a_corner_heads_the_page_though_it_is_read_last(): void
    {
        $page = $this->page(3, 'Harbour quiz', self::TASKS, 0.05, true);
        $corner = new TextLine('KEY', Frame::of(520, 40, 20, 9), [new Word('KEY', Frame::of(520, 40, 20, 9))]);
        $roles = PackReading::of([
            $this->page(1, 'Harbour Puzzles', [], 0.05, true),
            $this->page(2, 'For a wet day', [], 0.05, true),
            $page->withRead([...$page->lines, $corner]),
        ])->verdicts;

        $this->assertSame('key', $roles[3]->role->value);
    }

    /**
     * @param  array{string, list<string>}  $first  its title and its lines
     * @param  array{string, list<string>}  $second  likewise
     * @return list<string>
     */
    private function roles(array $first, array $second, bool $isSeen = true): array
    {
        return array_map(fn (Verdict $one): string => $one->role->value, $this->verdicts($first, $second, $isSeen));
    }

    /**
     * @param  array{string, list<string>}  $first  its title and its lines
     * @param  array{string, list<string>}  $second  likewise
     * @return list<Verdict>
     */
    private function verdicts(array $first, array $second, bool $isSeen = true): array
    {
        $verdicts = PackReading::of([
            $this->page(1, 'Harbour Puzzles', [], 0.05, $isSeen),
            $this->page(2, 'For a wet day', [], 0.05, $isSeen),
            $this->page(3, $first[0], $first[1], 0.05, $isSeen),
            $this->page(4, $second[0], $second[1], 0.05, $isSeen),
        ])->verdicts;

        return [$verdicts[3], $verdicts[4]];
    }

    /** @param  list<string>  $lines */
    private function page(int $number, string $title, array $lines, float $ink, bool $isSeen): PageText
    {
        $all = [TypedLine::of($title, 60, 60, 24)];
        foreach ($lines as $at => $line) {
            $all[] = TypedLine::of($line, 60, 140 + 30 * $at, 12);
        }

        return new PageText($number, Size::of(595, 842), $all, $ink, seen: $isSeen);
    }
}
