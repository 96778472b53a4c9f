<?php

declare(strict_types=1);

namespace Tests\Core\Conversion;

use OpenSlate\Conversion\DocumentChoices;
use OpenSlate\Conversion\DocumentFacts;
use OpenSlate\Conversion\LayoutCheck;
use OpenSlate\Conversion\LayoutFinding;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use PHPUnit\Framework\TestCase;

final class LayoutCheckTest extends TestCase
{
    public function test_a_document_that_came_out_as_it_was_has_nothing_to_look_at(): void
    {
        $facts = new DocumentFacts(fonts: ['Liberation Sans'], pages: 1, boxes: ['Mind the tide']);

        $this->assertSame(
            [],
            $this->found(
                $facts,
                standIns: ['Liberation Sans' => 'Liberation Sans'],
                printed: ['BAAAAA+LiberationSans-Bold'],
                pages: [$this->page('Mind the tide', 60, 60)],
            ),
        );
    }

    public function test_a_font_that_is_not_here_is_named_with_what_stands_in_for_it(): void
    {
        $facts = new DocumentFacts(fonts: ['Quaymark', 'Arial', 'Carlito', 'Nowhere set']);
        $standIns = [
            'Quaymark' => 'DejaVu Sans',
            'Arial' => 'Liberation Sans',
            'Carlito' => 'Carlito',
            'Nowhere set' => 'Lato',
        ];

        $this->assertSame(
            [
                'font: The font Quaymark is not here. DejaVu Sans stands in for it: lines may break elsewhere.',
                'font: The font Arial is not here. Liberation Sans stands in for it, with letters of the same width: '.
                'lines break as they did.',
            ],
            $this->found($facts, $standIns, ['AAAAAA+DejaVuSans', 'BAAAAA+LiberationSans', 'CAAAAA+Carlito-Bold']),
            'a font that is here, and one that nothing printed is set in, are not',
        );
    }

    public function test_a_font_that_the_document_brings_along_is_there(): void
    {
        $facts = new DocumentFacts(fonts: ['Quaymark']);

        $this->assertSame(
            [],
            $this->found($facts, ['Quaymark' => 'DejaVu Sans'], ['AAAAAA+Quaymark', 'BAAAAA+DejaVuSans']),
        );
    }

    public function test_pages_are_counted_against_what_the_document_says(): void
    {
        $this->assertSame([], $this->found(new DocumentFacts(pages: null), pages: [$this->page('a', 60, 60)]));
        $this->assertSame(
            ['pages: The document says that it has 1 page; here it has 2 pages. Look where the pages end.'],
            $this->found(new DocumentFacts(pages: 1), pages: [$this->page('a', 60, 60), $this->page('b', 60, 60)]),
        );
    }

    public function test_changes_and_comments_are_told_as_they_were_chosen(): void
    {
        $facts = new DocumentFacts(changes: 3, comments: 1);

        $this->assertSame(
            [
                'tracked: 3 tracked changes are taken as accepted: nothing of them shows.',
                'comments: 1 comment is left out.',
            ],
            $this->found($facts),
        );
        $this->assertSame(
            [
                'tracked: 3 tracked changes are shown, with what was deleted.',
                'comments: 1 comment is printed in the margin.',
            ],
            $this->found($facts, choices: new DocumentChoices(true, true)),
        );
    }

    public function test_words_at_the_very_edge_of_the_paper_have_run_over_it(): void
    {
        $lines = fn (float ...$rights): PageText => new PageText(
            2,
            Size::of(400, 300),
            array_map(
                fn (float $right): TextLine => new TextLine('the harbour wall', Frame::of($right - 100, 60, 100, 12)),
                array_values($rights),
            ),
        );

        $this->assertSame([], $this->found(new DocumentFacts(), pages: [$lines(396, 380)]));
        $this->assertSame(
            ['off-page 2: Words run over the edge of the paper: “the harbour wall” and 1 line more.'],
            $this->found(new DocumentFacts(), pages: [$lines(398, 380, 404)]),
        );
    }

    public function test_a_table_wider_than_the_paper_and_a_box_that_is_nowhere_are_told(): void
    {
        $facts = new DocumentFacts(boxes: ['Mind the gap at the pier', 'High water at noon'], tooWide: [28.35, 56.7]);

        $this->assertSame(
            [
                'off-page: 2 tables are wider than the paper, by up to 20 mm.',
                'off-page: A text box is not to be seen on any page: “High water at noon”.',
            ],
            $this->found($facts, pages: [$this->page('Mind the gap at the pier', 60, 60)]),
        );
    }

    public function test_what_is_hidden_and_what_lies_elsewhere_is_told(): void
    {
        $this->assertSame(
            [
                'hidden: 1 word is marked as hidden in the document, and not printed.',
                'hidden: 2 slides are hidden in the document, and left out.',
                'hidden: 2 things of the document lie on other machines or on the web. They were left out: nothing is '.
                'fetched. Put them into the document itself.',
            ],
            $this->found(new DocumentFacts(hiddenWords: 1, outside: 2, hiddenSlides: 2)),
        );
    }

    public function test_findings_are_kept_as_they_are(): void
    {
        $findings = LayoutCheck::of(
            new DocumentFacts(changes: 1, pages: 3),
            new DocumentChoices(),
            [],
            [],
            [$this->page('words', 398, 60)],
        );

        $this->assertCount(3, $findings);
        $this->assertEquals($findings, LayoutFinding::decode(LayoutFinding::encode($findings)));
    }

    /**
     * @param  array<string, string>  $standIns
     * @param  list<string>  $printed
     * @param  list<PageText>  $pages
     * @return list<string>
     */
    private function found(
        DocumentFacts $facts,
        array $standIns = [],
        array $printed = [],
        array $pages = [],
        DocumentChoices $choices = new DocumentChoices(),
    ): array {
        return array_map(
            fn (LayoutFinding $one): string => trim("{$one->kind->value} {$one->page}").": {$one->words}",
            LayoutCheck::of($facts, $choices, $standIns, $printed, $pages),
        );
    }

    private function page(string $words, float $x, float $y): PageText
    {
        return new PageText(1, Size::of(400, 300), [new TextLine($words, Frame::of($x, $y, 100, 12))]);
    }
}
