<?php

declare(strict_types=1);

namespace Tests\Core\Page;

use OpenSlate\Elements\Clip;
use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;
use PHPUnit\Framework\TestCase;
use Tests\Core\Format\PageCodecTest;

/** A page without its answers: whatever is on it, nothing of them is left in what is written of it. */
final class WithoutKeysTest extends TestCase
{
    public function test_nothing_of_the_key_is_left_and_everything_else_is(): void
    {
        $page = PageCodecTest::page();
        $bare = $page->withoutKeys();
        $this->assertNull($bare->key);
        foreach ($bare->answerables() as $element) {
            $this->assertSame([], $element->keys(), $element->id());
        }
        $written = PageCodec::encode($bare);
        $keyed = 0;
        foreach ($page->answerables() as $element) {
            foreach (array_merge(...array_values($element->keys()), ...[[]]) as $answer) {
                $keyed++;
                // As a value of its own: a letter or a "yes" is part of many words.
                $this->assertStringNotContainsString('"key":["'.$answer, $written);
            }
        }
        $this->assertGreaterThan(4, $keyed);
        $this->assertSame($page->placesCount(), $bare->placesCount(), 'all places are there');
        $this->assertSame(
            array_values(array_filter($page->ids(), fn (string $id): bool => ! self::isAnswer($page, $id))),
            $bare->ids(),
        );
        $this->assertEquals([$page->size, $page->backdrop, $page->tray], [$bare->size, $bare->backdrop, $bare->tray]);
        $this->assertEquals($bare, $bare->withoutKeys());
    }

    public function test_clips_that_are_answers_go_and_others_stay(): void
    {
        $page = PageCodecTest::page();
        $kept = array_filter($page->elements(), fn ($one): bool => $one instanceof Clip && $one->kept);
        $clips = array_filter($page->elements(), fn ($one): bool => $one instanceof Clip);
        $left = array_filter($page->withoutKeys()->elements(), fn ($one): bool => $one instanceof Clip);
        $this->assertCount(count($clips) - count($kept), $left);
        $this->assertNotEmpty($kept);
    }

    private static function isAnswer(Page $page, string $id): bool
    {
        $element = $page->element($id);

        return $element instanceof Clip && $element->kept;
    }
}
