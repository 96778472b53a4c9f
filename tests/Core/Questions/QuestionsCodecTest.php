<?php

declare(strict_types=1);

namespace Tests\Core\Questions;

use OpenSlate\Geometry\Frame;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsCodec;
use PHPUnit\Framework\TestCase;

final class QuestionsCodecTest extends TestCase
{
    public function test_questions_come_back_as_they_were_kept(): void
    {
        $questions = [
            new Question('3', Frame::of(51.25, 100.5, 400.0, 80.75), [0, 2]),
            new Question('3a', Frame::of(60.0, 120.0, 300.0, 20.0), [0], of: '3'),
            new Question('Ⅳ', Frame::of(51.0, 40.0, 400.0, 30.0), [], goesOn: true),
        ];

        $this->assertEquals($questions, QuestionsCodec::decode(QuestionsCodec::encode($questions)));
        $this->assertSame([], QuestionsCodec::decode(QuestionsCodec::encode([])));
    }

    public function test_a_page_made_to_trouble_us_has_no_more_than_some_hundred(): void
    {
        $one = new Question('1', Frame::of(0, 0, 1, 1), []);

        $this->assertCount(300, QuestionsCodec::decode(QuestionsCodec::encode(array_fill(0, 400, $one))));
    }
}
