<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Tool;
use App\View\Tools;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Blanks\Printed;
use OpenSlate\Edit\Format\EditCodec;
use OpenSlate\Elements\ElementKind;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToolsTest extends TestCase
{
    /** @return array<string, array{Tools}> */
    public static function stations(): array
    {
        return ['boxes' => [Tools::boxes(false)], 'parts' => [Tools::parts()]];
    }

    #[DataProvider('stations')]
    public function test_whatever_a_tool_lays_the_page_takes(Tools $tools): void
    {
        $page = new Page(Size::of(600, 800), Colour::white());
        foreach ($tools->all() as $tool) {
            if (ElementKind::tryFrom($tool->new['kind'] ?? '') !== null) {
                // A link is asked for its words and where it leads, a picture for the picture.
                $asked =
                    [
                        'link' => ['text' => 'Tides', 'target' => 'https://tides.example'],
                        'part-picture' => ['source' => str_repeat('ab', 32)],
                    ][$tool->name] ?? [];
                $edit = ['kind' => 'place', 'elements' => [['x' => 10, 'y' => 10] + $asked + (array) $tool->new]];
                $after = EditCodec::decode($edit, fn (): string => 'laid', Printed::nothing())->apply($page);
                $this->assertSame($tool->new['kind'] ?? null, $after->elements()[0]->kind()->value, $tool->name);
            }
        }
    }

    #[DataProvider('stations')]
    public function test_each_tool_has_a_key_of_its_own(Tools $tools): void
    {
        $keys = array_map(fn (Tool $tool): string => $tool->key, $tools->all());

        $this->assertSame($keys, array_unique($keys));
        $this->assertNotContains('', $keys);
        $this->assertSame(count($keys), count((array) json_decode($tools->json(), true)), 'and a name');
    }

    public function test_no_tool_of_the_boxes_has_a_key_that_does_something_else_there(): void
    {
        $keys = array_map(fn (Tool $tool): string => $tool->key, Tools::boxes(false)->all());
        // T takes all blanks, ? shows the keys, [ and ] change the order: see js/bench/keys.js.
        $this->assertSame([], array_intersect($keys, ['T', '?', '[', ']']));
    }

    public function test_every_kind_of_answer_that_a_box_takes_can_be_laid(): void
    {
        $laid = array_map(
            fn (Tool $tool): string => $tool->name === 'choice' ? 'choice' : $tool->new['answer'] ?? '',
            Tools::boxes(true)->all(),
        );

        $this->assertSame(
            [],
            array_diff(array_map(fn (AnswerKind $kind): string => $kind->value, AnswerKind::ofBoxes()), $laid),
        );
    }

    public function test_room_is_made_only_where_there_is_no_print(): void
    {
        $has = fn (bool $print): bool => in_array(
            'room',
            array_map(fn (Tool $tool): string => $tool->name, Tools::boxes($print)->all()),
            true,
        );

        $this->assertSame([false, true], [$has(true), $has(false)]);
    }
}
