<?php

declare(strict_types=1);

namespace Tests\Core\Json;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FieldsTest extends TestCase
{
    public function test_length_is_counted_in_characters_and_the_longest_is_allowed(): void
    {
        $fields = Fields::of(['name' => 'Ébéniste', 'names' => ['Ébéniste']]);

        $this->assertSame('Ébéniste', $fields->text('name', 8), '8 characters in 10 bytes');
        $this->assertSame(['Ébéniste'], $fields->texts('names', 1, 8));
    }

    public function test_ends_of_ranges_are_allowed(): void
    {
        $fields = Fields::of(['n' => 3, 'x' => -1.5, 'all' => [1, 2.5]]);

        $this->assertSame([3, 3], [$fields->integer('n', 3, 9), $fields->integer('n', 0, 3)]);
        $this->assertSame([-1.5, -1.5], [$fields->number('x', -1.5, 0), $fields->number('x', -3, -1.5)]);
        $this->assertSame([1.0, 2.5], $fields->numbers('all', 2, 1, 2.5));
    }

    /** @return array<string, array{callable(Fields): mixed, string}> */
    public static function wrong(): array
    {
        return [
            'one character too many' => [
                fn (Fields $fields) => $fields->text('name', 7),
                '$.name: must be at most 7 characters long',
            ],
            'no text' => [fn (Fields $fields) => $fields->text('n', 9), '$.n: must be text'],
            'nothing there' => [fn (Fields $fields) => $fields->text('missing', 9), '$.missing: is missing'],
            'too small' => [
                fn (Fields $fields) => $fields->integer('n', 4),
                '$.n: must lie between 4 and '.PHP_INT_MAX,
            ],
            'too large' => [fn (Fields $fields) => $fields->number('n', 0, 2.5), '$.n: must lie between 0 and 2.5'],
            'no whole number' => [fn (Fields $fields) => $fields->integer('x', 0), '$.x: must be a whole number'],
            'no number' => [fn (Fields $fields) => $fields->number('name'), '$.name: must be a number'],
            'neither true nor false' => [fn (Fields $fields) => $fields->flag('n'), '$.n: must be true or false'],
            'not among them' => [
                fn (Fields $fields) => $fields->oneOf('name', AnswerKind::class),
                '$.name: must be one of short, lines',
            ],
            'no list' => [fn (Fields $fields) => $fields->texts('name', 9), '$.name: must be a list'],
            'a list too long' => [fn (Fields $fields) => $fields->integers('list', 1), '$.list: must hold at most 1'],
            'an entry too long' => [
                fn (Fields $fields) => $fields->texts('words', 9, 3),
                '$.words[1]: must be text of at most 3 characters',
            ],
            'no object' => [fn (Fields $fields) => $fields->object('list'), '$.list: must be an object'],
            'an object in a list' => [
                fn (Fields $fields) => $fields->objects('list', 9),
                '$.list[0]: must be an object',
            ],
            'an object among lists' => [
                fn (Fields $fields) => Fields::of(['rows' => [['ebb'], ['at' => 'flood']]])->lists('rows', 9),
                '$.rows: must hold lists',
            ],
            'a word among lists' => [
                fn (Fields $fields) => Fields::of(['rows' => [['ebb'], 'flood']])->lists('rows', 9),
                '$.rows: must hold lists',
            ],
            'unknown' => [
                fn (Fields $fields) => [$fields->text('name', 9), $fields->nothingElse()],
                '$.n: is not known',
            ],
        ];
    }

    /** @param  callable(Fields): mixed  $read */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_said_with_its_path(callable $read, string $message): void
    {
        $this->expectException(InvalidJson::class);
        $this->expectExceptionMessage($message);
        $read(Fields::of(['name' => 'Ébéniste', 'n' => 3, 'x' => 1.5, 'list' => [1, 2], 'words' => ['ebb', 'flood']]));
    }

    public function test_once_everything_has_been_read_nothing_is_unknown(): void
    {
        $fields = Fields::of(['name' => 'ebb', 'none' => null, 'on' => true]);
        $fields->text('name', 9);
        $fields->flag('on');
        $this->assertFalse($fields->isGiven('none'));
        $fields->nothingElse();
        $this->assertSame(['name', 'none', 'on'], $fields->names());
    }

    public function test_text_that_is_no_json_is_refused(): void
    {
        $this->expectExceptionMessage('$: is not JSON');
        Fields::parse('{"a": ');
    }

    public function test_a_list_is_no_object(): void
    {
        $this->expectExceptionMessage('$: must be an object');
        Fields::parse('[1, 2]');
    }
}
