<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Geometry\Frame;
use PHPUnit\Framework\TestCase;

final class ElementCodecTest extends TestCase
{
    public function test_a_box_of_another_kind_loses_its_key_and_keeps_what_both_kinds_have(): void
    {
        $changed = ElementCodec::changed($this->box(), ['answer' => 'number']);

        $this->assertInstanceOf(AnswerBox::class, $changed);
        $this->assertSame([AnswerKind::Number, []], [$changed->form->kind(), $changed->key]);
        $this->assertSame(['High water', true, 3.0], [$changed->prompt, $changed->printed, $changed->points]);
    }

    public function test_a_box_that_is_given_the_kind_it_has_stays_as_it_is(): void
    {
        $this->assertEquals($this->box(), ElementCodec::changed($this->box(), ['answer' => 'short']));
    }

    public function test_a_prompt_is_printed_until_the_teacher_words_it(): void
    {
        $printed = function (string $prompt): bool {
            $changed = ElementCodec::changed($this->box(), ['prompt' => $prompt]);

            return $changed instanceof AnswerBox && $changed->printed;
        };

        $this->assertTrue($printed('High water'));
        $this->assertFalse($printed('When is high water?'));
    }

    private function box(): Element
    {
        return new AnswerBox(
            'a',
            Frame::of(10, 10, 80, 20),
            TextAnswer::short(),
            prompt: 'High water',
            key: ['06:12'],
            points: 3.0,
            printed: true,
        );
    }
}
