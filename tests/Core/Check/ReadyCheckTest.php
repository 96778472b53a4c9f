<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use OpenSlate\Answers\TextAnswer;
use OpenSlate\Check\CheckedPage;
use OpenSlate\Check\CheckedPlan;
use OpenSlate\Check\CheckedSheet;
use OpenSlate\Check\Finding;
use OpenSlate\Check\ReadyCheck;
use OpenSlate\Check\Severity;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Clip;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Joint;
use OpenSlate\Elements\Label;
use OpenSlate\Elements\LabelText;
use OpenSlate\Elements\Link;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\Patch;
use OpenSlate\Elements\Recording;
use OpenSlate\Elements\Shape;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\Table;
use OpenSlate\Elements\TableCell;
use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Backdrop;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;
use OpenSlate\Weight\PageWeight;
use OpenSlate\Weight\WeighedFile;
use OpenSlate\Weight\WeighedKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each finding has a worksheet that has exactly this fault, and one that nearly has it. */
final class ReadyCheckTest extends TestCase
{
    /** @return iterable<string, array{string, CheckedSheet, CheckedSheet, 3?: CheckedPlan, 4?: CheckedPlan}> */
    public static function faults(): iterable
    {
        $one = self::sheet([]);
        $plan = self::plan();
        yield 'no page' => ['no-pages', new CheckedSheet('Tides', []), $one];
        yield 'a master that sets were cut from' => [
            'master',
            new CheckedSheet('Tides', $one->pages, 1),
            new CheckedSheet('Tides', $one->pages, 0),
        ];
        yield 'a key among the pages' => ['key-page', self::sheet([], Role::Key), self::sheet([], Role::Unknown)];
        foreach ([Role::Cover, Role::Contents, Role::Terms, Role::Guide, Role::Credits] as $role) {
            yield "a page that is no student’s: {$role->value}" => ['teacher-page', self::sheet([], $role), $one];
        }
        $heavy = fn (int $bytes): CheckedSheet => new CheckedSheet('Tides', [
            new CheckedPage(1, $one->pages[0]->page, Role::Student, 'p1', weight: new PageWeight([
                new WeighedFile(WeighedKind::Picture, 'a', $bytes),
            ])),
        ]);
        yield 'a heavy page' => ['heavy-page', $heavy(PageWeight::HEAVY), $heavy(PageWeight::HEAVY - 1)];
        $empty = new CheckedPage(2, self::page([]), Role::Student, 'p2');
        $printed = new CheckedPage(
            2,
            new Page(Size::ofPaper(PaperSize::A4), Colour::white(), Backdrop::of(str_repeat('ab', 32), 1)),
            Role::Student,
            'p2',
        );
        yield 'an empty page' => [
            'empty-page',
            new CheckedSheet('Tides', [...$one->pages, $empty]),
            new CheckedSheet('Tides', [...$one->pages, $printed]),
        ];
        $words = new Label('l', Frame::of(50, 20, 300, 20), 'Only words');
        yield 'nothing to fill in' => [
            'nothing-to-fill',
            new CheckedSheet('Tides', [new CheckedPage(1, self::page([$words]), Role::Student, 'p1')]),
            new CheckedSheet('Tides', [
                new CheckedPage(1, self::page([$words, new Part('m', Frame::of(50, 90, 40, 40))]), Role::Student, 'p1'),
            ]),
        ];
        yield 'a copy of what is only to be read' => [
            'nothing-to-fill',
            new CheckedSheet('Tides', [new CheckedPage(1, self::page([$words]), Role::Student, 'p1')]),
            $one,
            $plan,
            new CheckedPlan('Tides', '', null, true, givesCopies: false),
        ];
        yield 'two places over each other' => [
            'overlap',
            self::sheet([self::box('b', 300, 102), self::box('c', 300, 110)]),
            self::sheet([self::box('b', 52, 142), self::box('c', 52, 161.5)]),
        ];
        yield 'a place below a patch' => [
            'covered',
            self::sheet([self::box('b', 100, 300), new Patch('p', Frame::of(90, 290, 300, 60))]),
            self::sheet([new Patch('p', Frame::of(90, 290, 300, 60)), self::box('b', 100, 300)]),
        ];
        $clip = fn (bool $kept): Clip => new Clip(
            'p',
            Frame::of(90, 290, 300, 60),
            str_repeat('ab', 32),
            1,
            kept: $kept,
        );
        yield 'a place below a clip, but not of an answer that is left out' => [
            'covered',
            self::sheet([self::box('b', 100, 300), $clip(false)]),
            self::sheet([self::box('b', 100, 300), $clip(true)]),
        ];
        $said = fn (string $words): Recording => new Recording(
            'v',
            Frame::of(90, 290, 250, 34),
            str_repeat('ab', 32),
            words: $words,
        );
        yield 'a place below a recording' => [
            'covered',
            self::sheet([self::box('b', 100, 300), $said('Look.')]),
            self::sheet([$said('Look.'), self::box('b', 100, 300)]),
        ];
        yield 'a recording below a patch' => [
            'covered',
            self::sheet([$said('Look.'), new Patch('p', Frame::of(80, 280, 300, 60)), self::box('b', 100, 400)]),
            self::sheet([new Patch('p', Frame::of(80, 280, 300, 60)), $said('Look.'), self::box('b', 100, 400)]),
        ];
        yield 'a recording without its words' => [
            'no-words',
            self::sheet([$said(' '), self::box('b', 100, 400)]),
            self::sheet([$said('Look.'), self::box('b', 100, 400)]),
        ];
        yield 'a box off the page' => [
            'off-page',
            self::sheet([self::box('b', 500, 300)]),
            self::sheet([self::box('b', 395.6, 300)]),
        ];
        yield 'a place that asks nothing' => [
            'no-name',
            self::sheet([new AnswerBox('b', Frame::of(50, 300, 200, 18))]),
            self::sheet([new AnswerBox('b', Frame::of(50, 300, 200, 18))], asked: ['b' => 'When is high water?']),
        ];
        yield 'a place too low to write in' => [
            'too-low',
            self::sheet([new AnswerBox('b', Frame::of(50, 300, 200, 8.9), prompt: 'Name')]),
            self::sheet([new AnswerBox('b', Frame::of(50, 300, 200, 9), prompt: 'Name')]),
        ];
        yield 'a label without words' => [
            'empty-label',
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), ' ')]),
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), '', fills: LabelText::Student)]),
        ];
        yield 'a label as it was laid' => [
            'label-as-laid',
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), 'Directions')]),
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), 'Directions: read')]),
        ];
        yield 'words too faint' => [
            'faint-words',
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), 'Read', colour: Colour::of('#777777'))]),
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), 'Read', colour: Colour::of('#767676'))]),
        ];
        $large = fn (float $size, bool $bold, string $colour): CheckedSheet => self::sheet([
            new Label('l', Frame::of(50, 300, 200, 40), 'Read', $size, $bold, colour: Colour::of($colour)),
        ]);
        yield 'large words too faint' => [
            'faint-words',
            $large(18, false, '#959595'),
            $large(18, false, '#949494'),
        ];
        yield 'bold words just not large' => [
            'faint-words',
            $large(13.9, true, '#949494'),
            $large(14, true, '#949494'),
        ];
        $card = fn (string $fill): Part => new Part(
            'm',
            Frame::of(50, 300, 90, 40),
            text: 'gull',
            fill: Colour::of($fill),
            ink: Colour::of('#ffffff'),
        );
        yield 'words on a card too faint' => [
            'faint-words',
            self::sheet([$card('#777777')]),
            self::sheet([$card('#767676')]),
        ];
        $banner = fn (string $fill, float $width): CheckedSheet => self::sheet([
            new Shape('s', Frame::of(40, 290, $width, 60), fill: Colour::of($fill), weight: 0),
            new Label('l', Frame::of(50, 300, 200, 20), 'Read', colour: Colour::white()),
        ]);
        yield 'white words on a pale shape' => ['faint-words', $banner('#eeeeee', 400), $banner('#26343b', 400)];
        yield 'white words half on a shape, half on who knows what' => [
            'faint-words',
            $banner('#eeeeee', 400),
            $banner('#eeeeee', 100),
        ];
        yield 'words too small' => [
            'small-words',
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), 'Read', 7.9)]),
            self::sheet([new Label('l', Frame::of(50, 300, 200, 20), 'Read', 8)]),
        ];
        yield 'words that do not fit' => [
            'cut-words',
            self::sheet([new Label('l', Frame::of(50, 300, 60, 16), 'Read the whole table first, then write', 12)]),
            self::sheet([new Label('l', Frame::of(50, 300, 240, 16), 'Read the whole table first, then write', 12)]),
        ];
        $link = fn (string $to, string $words = 'The table', bool $on = true): CheckedSheet => self::sheet([
            new Link('k', Frame::of(50, 300, 200, 20), LinkTarget::page($to), $words, on: $on),
        ], pages: 2);
        yield 'a link to a page that is not here' => ['dead-link', $link('gone'), $link('p2')];
        $other = fn (int ...$there): CheckedSheet => new CheckedSheet('Tides', self::sheet([
            new Link('k', Frame::of(50, 300, 200, 20), LinkTarget::worksheet(7), 'The table'),
        ])->pages, others: array_values($there));
        yield 'a link to a worksheet that is not on the shelf' => ['dead-link', $other(6), $other(6, 7)];
        yield 'a link that is switched off may lead nowhere' => [
            'dead-link',
            $link('gone'),
            $link('gone', on: false),
        ];
        yield 'a link to its own page' => ['link-to-itself', $link('p1'), $link('p2')];
        yield 'a link without words' => ['link-without-words', $link('p2', ' '), $link('p2')];
        $zone = fn (string $takes): Spot => new Spot('z', Frame::of(50, 300, 200, 100), name: 'sea', takes: [$takes]);
        $cards = [
            new Part('m', Frame::of(300, 300, 60, 30), text: 'gull'),
            new Part('n', Frame::of(300, 350, 60, 30), text: 'crab'),
        ];
        yield 'a zone that nothing may go into' => [
            'spot-without-parts',
            self::sheet([$zone('whale'), new Spot('y', Frame::of(50, 450, 200, 100), name: 'land'), ...$cards]),
            self::sheet([$zone('crab'), new Spot('y', Frame::of(50, 450, 200, 100), name: 'land'), ...$cards]),
        ];
        yield 'a card that may go nowhere' => [
            'part-without-spot',
            self::sheet([$zone('crab'), ...$cards]),
            self::sheet([
                $zone('crab'),
                new Part('m', Frame::of(300, 300, 60, 30), text: 'gull', joints: [new Joint('a', 0, 0.5)]),
                $cards[1],
            ]),
        ];
        $keyed = fn (array $key, ?float $points = null): AnswerBox => new AnswerBox(
            'b',
            Frame::of(50, 300, 200, 18),
            prompt: 'When?',
            points: $points,
            key: $key,
        );
        yield 'a place without a key where another has one' => [
            'no-key',
            self::sheet([$keyed(['noon'])]),
            self::sheet([$keyed([])]),
        ];
        $whole = fn (float $points): CheckedSheet => new CheckedSheet('Tides', [
            new CheckedPage(1, self::page([$keyed(['noon'], $points)]), Role::Student, 'p1'),
        ]);
        yield 'points that do not add up' => ['points-differ', $whole(4), $whole(5), self::plan(points: 5)];
        yield 'a title that is a file’s name' => [
            'file-name',
            new CheckedSheet('tide-times.PDF', $one->pages),
            new CheckedSheet('Tide times', $one->pages),
        ];
        yield 'a title from a machine' => [
            'file-name',
            $one,
            $one,
            self::plan(title: 'Scan 0034'),
            self::plan(title: 'Scan the shore'),
        ];
        yield 'no due time' => ['no-due', $one, $one, self::plan(due: false), $plan];
    }

    #[DataProvider('faults')]
    public function test_a_fault_is_found_alone_and_what_nearly_has_it_is_not(
        string $code,
        CheckedSheet $has,
        CheckedSheet $nearly,
        ?CheckedPlan $plan = null,
        ?CheckedPlan $planOfNearly = null,
    ): void {
        $codes = fn (CheckedSheet $sheet, ?CheckedPlan $how): array => array_map(
            fn (Finding $finding): string => $finding->code,
            ReadyCheck::of($sheet, $how),
        );
        $this->assertSame([$code], $codes($has, $plan));
        $this->assertSame([], $codes($nearly, $planOfNearly ?? $plan));
    }

    /** @return iterable<string, array{string, int, string|null}> what is said, of how many pages, what is found */
    public static function directions(): iterable
    {
        yield 'two for three' => ['Do the two pages.', 3, 'said-pages'];
        yield 'two of two' => ['Do the two pages.', 2, null];
        yield 'both of three' => ['Write on both sheets', 3, 'said-pages'];
        yield 'in digits' => ['Finish all 4 pages.', 3, 'said-pages'];
        yield 'with a word between' => ['Fill in these three loose pages.', 2, 'said-pages'];
        yield 'of something else' => ['Copy two pages of your book.', 1, null];
        yield 'of each day' => ['One page a day, please.', 3, null];
        yield 'a range beyond' => ['Do pages 2 to 4.', 3, 'said-range'];
        yield 'a range within' => ['Do pages 2 to 3.', 3, null];
        yield 'a range with a dash' => ['pages 1–5', 4, 'said-range'];
        yield 'a range in words' => ['pages one and five', 4, 'said-range'];
        yield 'a range of the reader' => ['Read pages 40 to 44 in the reader.', 3, null];
        yield 'a page beyond' => ['Look at page 7 first.', 3, 'said-page'];
        yield 'a page within' => ['Look at page 3 first.', 3, null];
        yield 'a page of the atlas' => ['Use page 7 of the atlas.', 3, null];
        yield 'too many questions' => ['Answer the ten questions.', 2, 'said-questions'];
        yield 'as many questions' => ['Answer the two questions.', 2, null];
        yield 'fewer than there are places' => ['Answer all 2 questions.', 3, null];
        yield 'nothing of the kind' => ['Use ink. Two of you share one table.', 3, null];
    }

    #[DataProvider('directions')]
    public function test_directions_are_held_against_what_is_there(string $said, int $pages, ?string $code): void
    {
        $sheet = self::sheet([], pages: $pages);
        $found = ReadyCheck::of($sheet, self::plan(directions: $said));
        $this->assertSame($code === null ? [] : [$code], array_map(fn (Finding $one): string => $one->code, $found));

        $label = new Label('l', Frame::of(50, 300, 400, 60), $said);
        $found = ReadyCheck::of(self::sheet([$label], pages: $pages));
        $this->assertSame(
            $code === null ? [] : [[$code, 1, 'l']],
            array_map(fn (Finding $one): array => [$one->code, $one->page, $one->element], $found),
        );
    }

    public function test_what_is_about_the_whole_comes_first_then_page_by_page_the_worst_first(): void
    {
        $sheet = new CheckedSheet('scan', [
            self::sheet([new AnswerBox('b', Frame::of(50, 300, 200, 5))])->pages[0],
            new CheckedPage(2, self::page([self::box('a', 50, 100)]), Role::Key, 'p2'),
        ]);
        $this->assertSame(
            [
                [null, 'file-name', Severity::Mend],
                [1, 'too-low', Severity::Mend],
                [1, 'no-name', Severity::Look],
                [2, 'key-page', Severity::Stops],
            ],
            array_map(
                fn (Finding $one): array => [$one->page, $one->code, $one->severity],
                ReadyCheck::of($sheet),
            ),
        );
    }

    public function test_half_a_point_over_any_edge_is_not_seen_and_more_is(): void
    {
        // A4 is 595.28 by 841.89 points (ISO 216, at 72 points to the inch).
        foreach ([[-0.4, 300, -0.6, 300], [50, -0.4, 50, -0.6]] as [$x, $y, $offX, $offY]) {
            $this->assertSame([], ReadyCheck::of(self::sheet([self::box('b', $x, $y)])));
            $this->assertSame('off-page', ReadyCheck::of(self::sheet([self::box('b', $offX, $offY)]))[0]->code);
        }
        $size = Size::ofPaper(PaperSize::A4);
        foreach ([[0.4, 0], [0.6, 1]] as [$over, $found]) {
            $right = self::sheet([self::box('b', $size->width - 200 + $over, 300)]);
            $foot = self::sheet([self::box('b', 300, $size->height - 20 + $over)]);
            $this->assertCount($found, ReadyCheck::of($right));
            $this->assertCount($found, ReadyCheck::of($foot));
        }
    }

    public function test_it_says_how_many_right_answers_are_missing_and_what_the_points_come_to(): void
    {
        $box = fn (string $id, array $key, ?float $points): AnswerBox => new AnswerBox(
            $id,
            Frame::of(50, 300 + 30 * ord($id), 200, 18)->keptIn(Frame::of(0, 0, 595, 841)),
            prompt: 'When?',
            points: $points,
            key: $key,
        );
        $words = fn (float $points, int $of): string => ReadyCheck::of(
            new CheckedSheet('Tides', [
                new CheckedPage(1, self::page([$box('b', ['noon'], $points)]), Role::Student, 'p1'),
            ]),
            self::plan(points: $of),
        )[0]->words;
        foreach ([[4, '4 points'], [1, '1 point'], [2.5, '2.5 points']] as [$points, $said]) {
            $this->assertSame(
                "Its places are worth {$said} together, and it is handed out for 5 points.",
                $words($points, 5),
            );
        }

        $cell = fn (array $key): TableCell => new TableCell('', true, $key);
        $found = ReadyCheck::of(self::sheet([
            new Table('t', Frame::of(50, 300, 300, 60), [0.5, 0.5], [0.5, 0.5], [
                $cell(['noon']), $cell([]), $cell([]), $cell(['one']),
            ]),
        ]));
        $this->assertSame('A1 has no right answer, and others have one.', $found[0]->words);
        $this->assertStringEndsWith('lacks 2 right answers, and others have one.', $found[1]->words);
    }

    public function test_a_finding_is_a_sentence_that_names_what_it_is_about(): void
    {
        [$finding] = ReadyCheck::of(self::sheet([self::box('b', 500, 300)]));
        $this->assertSame('A2 lies partly off the page.', $finding->words);
        $this->assertSame([1, 'b'], [$finding->page, $finding->element]);
        foreach (self::faults() as $name => [, $has]) {
            foreach (ReadyCheck::of($has, self::plan(due: false)) as $one) {
                $this->assertMatchesRegularExpression('/^\S.*[.?]$/u', $one->words, (string) $name);
            }
        }
    }

    private static function plan(
        string $title = 'Tides',
        string $directions = '',
        ?int $points = null,
        bool $due = true,
    ): CheckedPlan {
        return new CheckedPlan($title, $directions, $points, $due);
    }

    private static function box(string $id, float $x, float $y): AnswerBox
    {
        return new AnswerBox($id, Frame::of($x, $y, 200, 20), TextAnswer::short(), 'When?');
    }

    /**
     * Pages without a fault, each with one place, but for what is laid on the first besides.
     *
     * @param  list<Element>  $more
     * @param  array<string, string>  $asked
     */
    private static function sheet(
        array $more,
        Role $role = Role::Student,
        array $asked = [],
        int $pages = 1,
    ): CheckedSheet {
        $all = [];
        for ($n = 1; $n <= $pages; $n++) {
            $all[] = new CheckedPage(
                $n,
                self::page([self::box('a', 50, 100), ...$n === 1 ? $more : []]),
                $role,
                "p{$n}",
                asked: $n === 1 ? $asked : [],
            );
        }

        return new CheckedSheet('Tides', $all);
    }

    /** @param  list<Element>  $elements */
    private static function page(array $elements): Page
    {
        return new Page(Size::ofPaper(PaperSize::A4), Colour::white(), null, $elements);
    }
}
