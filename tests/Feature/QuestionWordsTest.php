<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\QuestionWords;
use OpenSlate\Geometry\Frame;
use OpenSlate\Questions\Question;
use Tests\TestCase;

final class QuestionWordsTest extends TestCase
{
    public function test_they_are_said_in_short_and_parts_not_by_themselves(): void
    {
        $said = fn (string ...$numbers): string => QuestionWords::of(
            array_map(
                fn (string $one): Question => new Question($one, Frame::of(0, 0, 1, 1), []),
                array_values($numbers),
            ),
        );

        $this->assertSame('', $said());
        $this->assertSame('Question 7', $said('7'));
        $this->assertSame('Questions 1–4, 6', $said('1', '2', '3', '4', '6'));
        $frame = Frame::of(0, 0, 1, 1);
        $parts = [
            new Question('1', $frame, []),
            new Question('1a', $frame, [], of: '1'),
            new Question('2', $frame, []),
        ];
        $this->assertSame('Questions 1, 2', QuestionWords::of($parts));
        $this->assertSame('Questions 4–6', $said('4', '4', '5', '6'), 'one that goes on is said once');
        $this->assertSame('Questions I–IV', $said('I', 'II', 'III', 'IV'));
        $this->assertSame('Questions A, B', $said('A', 'B'));
        $this->assertSame('Questions 1a–2b', $said('1a', '1b', '2a', '2b'));
    }
}
