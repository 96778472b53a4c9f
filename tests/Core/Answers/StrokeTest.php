<?php

declare(strict_types=1);

namespace Tests\Core\Answers;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\DrawingAnswer;
use OpenSlate\Answers\PassageAnswer;
use OpenSlate\Answers\Pen;
use OpenSlate\Answers\PictureAnswer;
use OpenSlate\Answers\Stroke;
use PHPUnit\Framework\TestCase;

final class StrokeTest extends TestCase
{
    public function test_a_device_that_feels_no_pressure_draws_at_full_width(): void
    {
        $this->assertSame(
            [['d' => 'M1 1 Q5 1 5 1', 'width' => 3.0]],
            (new Stroke(Pen::cases()[0], 30, [[10, 10], [50, 10]]))->paths(),
        );
    }

    public function test_the_lightest_touch_has_two_fifths_of_the_width_and_the_heaviest_all_of_it(): void
    {
        $width = fn (int $pressure): float => (new Stroke(Pen::cases()[0], 30, [[10, 10]], [$pressure]))->paths()[0][
            'width'
        ];

        $this->assertSame([1.2, 3.0], [$width(0), $width(100)]);
        $this->assertGreaterThan($width(20), $width(60));
    }

    public function test_a_stroke_of_one_point_is_a_dot(): void
    {
        $this->assertSame('M1 2h0.01', (new Stroke(Pen::cases()[0], 30, [[10, 20]]))->paths()[0]['d']);
    }

    public function test_the_line_runs_through_the_middles_between_points_and_ends_at_the_last(): void
    {
        $this->assertSame(
            'M0 0 Q10 0 10 5 Q10 10 10 10',
            (new Stroke(Pen::cases()[0], 30, [[0, 0], [100, 0], [100, 100]]))->paths()[0]['d'],
        );
    }

    public function test_where_the_pressure_changes_another_path_goes_on_from_there(): void
    {
        $paths = (new Stroke(
            Pen::cases()[0],
            30,
            [[0, 0], [100, 0], [100, 100], [0, 100]],
            [100, 100, 10, 10],
        ))->paths();

        $this->assertCount(2, $paths);
        $this->assertStringEndsWith(' 5 10', $paths[0]['d']);
        $this->assertStringStartsWith('M5 10', $paths[1]['d']);
    }

    public function test_what_a_person_marks_has_no_key(): void
    {
        foreach ([PassageAnswer::of('the tide', 'The tide'), new DrawingAnswer, new PictureAnswer] as $form) {
            $this->assertSame([], $form->key([]));
            try {
                $form->key(['The tide']);
                $this->fail($form->kind()->value);
            } catch (AnswerRefused $refusal) {
                $this->assertNotSame('', $refusal->getMessage());
            }
        }
    }
}
