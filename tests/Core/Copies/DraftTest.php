<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\ListAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\MomentKind;
use OpenSlate\Copies\Places;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\TestCase;

final class DraftTest extends TestCase
{
    private const SENT = ['base' => 3, 'window' => 'w1234', 'answers' => ['1.b' => 'ebb']];

    public function test_of_what_a_window_began_with_only_what_it_changed_is_read(): void
    {
        $was = ['1.a' => 'flood', '1.b' => 'ebb'];
        $draft = $this->read(['answers' => ['1.a' => 'ebb'], 'was' => $was, 'number' => 7]);
        $this->assertSame(
            [3, 'w1234', ['1.a' => 'ebb'], [], ['1.a' => 'flood'], 7, null],
            array_values(get_object_vars($draft)),
        );
        $this->assertSame(12, $draft->by(12)->by);
        $this->assertNull($this->read([])->number);
    }

    public function test_one_answer_that_cannot_be_kept_is_none_the_worse_for_the_others(): void
    {
        $sent = $this->read(['answers' => ['1.a' => 'slack', '1.b' => 'flood', '9.z' => 'x', '1.c' => ['x']]]);
        $this->assertSame(['1.b' => 'flood'], $sent->answers);
        $this->assertSame(['1.a', '9.z', '1.c'], array_keys($sent->refused));
        $this->assertStringContainsString('among the choices', $sent->refused['1.a']);
        $settled = $this->read(['answers' => ['1.a' => 'ebb', '1.b' => 'flood', '9.z' => 'x']])
            ->settled(fn (string $place, string $text): string => $place === '1.a'
                ? throw AnswerRefused::notPutHere()
                : "{$text}!");
        $this->assertSame(['1.b' => 'flood!'], $settled->answers);
        $this->assertSame(['9.z', '1.a'], array_keys($settled->refused));
    }

    public function test_what_is_no_draft_is_refused_as_a_whole(): void
    {
        $many = array_fill_keys(array_map(fn (int $n): string => "p{$n}", range(1, Draft::MOST_ANSWERS)), '');
        $this->assertCount(Draft::MOST_ANSWERS, $this->read(['answers' => $many])->refused);
        $faults = [
            ['base' => -1],
            ['window' => 'abc'],
            ['window' => str_repeat('a', 33)],
            ['window' => "w1234\n"],
            ['number' => 0],
            ['answers' => $many + ['one more' => '']],
            ['more' => 1],
        ];
        foreach ($faults as $fault) {
            try {
                $this->read($fault);
                $this->fail('It is read: '.json_encode(array_keys($fault)));
            } catch (InvalidJson) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_of_moments_some_are_thinned_out_and_some_end_the_copy_that_was(): void
    {
        $those = fn (callable $which): array => array_values(
            array_map(fn (MomentKind $one): string => $one->value, array_filter(MomentKind::cases(), $which)),
        );
        $this->assertSame(
            ['used', 'attempt', 'before_return', 'before_correction'],
            $those(fn (MomentKind $one): bool => $one->endsCopy()),
        );
        $this->assertSame(
            ['day_end', 'before_return', 'before_correction'],
            $those(fn (MomentKind $one): bool => $one->isPassing()),
        );
        $words = array_map(fn (MomentKind $one): string => $one->words(), MomentKind::cases());
        $this->assertSame($words, array_unique($words));
    }

    /** @param  array<string, mixed>  $sent */
    private function read(array $sent): Draft
    {
        $box = fn (string $id, float $y): AnswerBox => new AnswerBox(
            $id,
            Frame::of(50, $y, 100, 18),
            ListAnswer::of(['ebb', 'flood']),
        );
        $page = new Page(Size::of(600, 800), Colour::white(), null, [$box('a', 10), $box('b', 40), $box('c', 70)]);

        return Draft::decode($sent + self::SENT, Places::of([$page]));
    }
}
