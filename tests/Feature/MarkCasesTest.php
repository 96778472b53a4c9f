<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** Answers are marked by their keys without a database. */
final class MarkCasesTest extends TestCase
{
    public function test_each_kind_of_place_is_marked(): void
    {
        $option = fn (string $id): array => [
            'id' => $id,
            'words' => $id,
            'left' => 0,
            'top' => 0,
            'across' => 0.1,
            'down' => 0.1,
        ];
        $cell = fn (string $key): array => ['text' => '', 'fill' => true, 'key' => [$key]];
        $choice = [
            'answer' => 'choice',
            'many' => true,
            'key' => ['a', 'b'],
            'options' => [$option('a'), $option('b')],
        ];
        $verdicts = $this->verdicts([
            ['id' => 'words', 'answer' => ['answer' => 'short', 'key' => ['ebb', 'flood']], 'given' => 'Flood.'],
            [
                'id' => 'strict',
                'answer' => ['answer' => 'short', 'key' => ['Ebb'], 'counts' => ['capitals']],
                'given' => 'ebb',
            ],
            [
                'id' => 'half',
                'answer' => ['answer' => 'short', 'key' => ['harbour'], 'misspelt' => 'half', 'points' => 3],
                'given' => 'habour',
            ],
            [
                'id' => 'number',
                'answer' => ['answer' => 'number', 'unit' => 'cm', 'key' => ['12 ± 0.5']],
                'given' => '124 mm',
            ],
            ['id' => 'tick', 'answer' => ['answer' => 'tick', 'key' => ['no']], 'given' => ''],
            ['id' => 'unticked', 'answer' => ['answer' => 'tick', 'key' => ['yes']], 'given' => 'no'],
            ['id' => 'choice', 'answer' => $choice, 'given' => 'a'],
            [
                'id' => 'list',
                'answer' => ['answer' => 'list', 'choices' => ['ebb', 'flood'], 'key' => ['ebb']],
                'given' => 'flood',
            ],
            [
                'id' => 'passage',
                'answer' => ['answer' => 'passage', 'wrong' => 'it sail', 'right' => 'It sails.'],
                'given' => 'It sails',
            ],
            ['id' => 'drawing', 'answer' => ['answer' => 'drawing', 'points' => 2], 'given' => ''],
            ['id' => 'table', 'answer' => [
                'kind' => 'table',
                'columns' => [1, 1],
                'rows' => [1],
                'cells' => [$cell('4'), $cell('5')],
            ],
                'given' => ['1-1' => '4', '1-2' => '6']],
            ['id' => 'no key', 'answer' => ['answer' => 'short'], 'given' => 'ebb'],
        ]);

        $this->assertSame(
            [
                'words' => ['right', 1],
                'strict' => ['wrong', 0],
                'half' => ['part', 1.5],
                'number' => ['right', 1],
                'tick' => ['right', 1],
                'unticked' => ['wrong', 0],
                'choice' => ['part', 0.5],
                'list' => ['wrong', 0],
                'passage' => ['part', 0.6667],
                'drawing' => ['wrong', 0],
                'table' => ['part', 1],
                'no key' => ['unjudged', 0],
            ],
            array_map(fn (array $one): array => [$one['verdict'], $one['points']], $verdicts),
        );
        $this->assertSame('as in the key but for capital letters', $verdicts['strict']['why']);
        $numbers = $this->verdicts(
            [['id' => 7, 'answer' => ['answer' => 'number', 'key' => ['12.5']], 'given' => 12.5]],
        );
        $this->assertSame('right', $numbers['7']['verdict']);
    }

    public function test_a_page_of_parts_is_marked_by_its_right_model(): void
    {
        $page = json_decode((string) file_get_contents(base_path('tests/answers/row.json')), true);
        $placed = fn (array $one): string => json_encode($one, JSON_THROW_ON_ERROR);
        $verdicts = $this->verdicts([
            ['id' => 'right', 'answer' => $page, 'given' => $page['key']['model']],
            ['id' => 'half', 'answer' => $page, 'given' => $placed(['a.1' => [40, 310, '@row']])],
            ['id' => 'none', 'answer' => $page, 'given' => ''],
        ]);

        $this->assertSame(['right', 'part', 'wrong'], array_column($verdicts, 'verdict'));
        $this->assertSame([4, 2, 0], array_column($verdicts, 'points'));
    }

    public function test_what_is_no_case_is_named_and_the_others_are_marked(): void
    {
        $verdicts = $this->verdicts([
            ['id' => 'kind', 'answer' => ['answer' => 'words', 'key' => ['ebb']], 'given' => 'ebb'],
            [
                'id' => 'offer',
                'answer' => ['answer' => 'list', 'choices' => ['a', 'b'], 'key' => ['a']],
                'given' => 'c',
            ],
            ['id' => 'field', 'answer' => ['answer' => 'short', 'key' => ['ebb'], 'kez' => 1], 'given' => 'ebb'],
            ['id' => 'fine', 'answer' => ['answer' => 'short', 'key' => ['ebb']], 'given' => 'ebb'],
        ], 1);

        $this->assertStringContainsString('answer', $verdicts['kind']['error']);
        $this->assertStringContainsString('must be among the choices', $verdicts['offer']['error']);
        $this->assertStringContainsString('kez', $verdicts['field']['error']);
        $this->assertSame('right', $verdicts['fine']['verdict']);

        foreach (['{', '{"a": 1}', '"x"'] as $json) {
            $path = tempnam(sys_get_temp_dir(), 'cases');
            file_put_contents($path, $json);
            $this->assertSame(1, Artisan::call('slate:mark', ['file' => $path]), $json);
            unlink($path);
        }
        $this->assertSame(1, Artisan::call('slate:mark', ['file' => '/no/such/file']));
    }

    /**
     * @param  list<array<string, mixed>>  $cases
     * @return array<string, array<string, mixed>> by id
     */
    private function verdicts(array $cases, int $status = 0): array
    {
        $path = tempnam(sys_get_temp_dir(), 'cases');
        file_put_contents($path, json_encode($cases, JSON_THROW_ON_ERROR));
        $left = Artisan::call('slate:mark', ['file' => $path]);
        $said = Artisan::output();
        $this->assertSame($status, $left, $said);
        unlink($path);

        return array_column(json_decode($said, true, flags: JSON_THROW_ON_ERROR), null, 'id');
    }
}
