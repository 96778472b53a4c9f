<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\RecordedPage;

/** Whole pages, as they were read from PDFs whose questions are known: see Reference\QuestionsTest. All is invented. */
final class RecordedQuestionsTest extends TestCase
{
    /** @return array<string, array{RecordedPage}> */
    public static function pages(): array
    {
        return array_map(fn (RecordedPage $page): array => [$page], RecordedPage::all());
    }

    #[DataProvider('pages')]
    public function test_every_question_is_found_with_what_belongs_to_it_and_no_other(RecordedPage $page): void
    {
        $this->assertSame($page->asked, RecordedPage::asked($page->marks));
    }
}
