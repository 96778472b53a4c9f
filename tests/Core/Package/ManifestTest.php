<?php

declare(strict_types=1);

namespace Tests\Core\Package;

use OpenSlate\Geometry\Frame;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Package\Manifest;
use OpenSlate\Package\PackageRefused;
use OpenSlate\Package\PackedFile;
use OpenSlate\Package\PackedOriginal;
use OpenSlate\Package\PackedPage;
use OpenSlate\Package\PackedWorksheet;
use OpenSlate\Packs\Role;
use OpenSlate\Questions\Question;
use OpenSlate\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ManifestTest extends TestCase
{
    public function test_it_comes_back_as_it_was_written_and_is_written_the_same_again(): void
    {
        $json = $this->manifest()->encode();
        $this->assertEquals($this->manifest(), Manifest::decode($json));
        $this->assertSame($json, Manifest::decode($json)->encode());
    }

    public function test_what_may_be_left_out_is_as_usual(): void
    {
        $value = json_decode($this->manifest()->encode(), true);
        $value['worksheets'][0]['pages'][0] = ['path' => 'pages/12-1.json', 'anchor' => 'k3'];
        unset($value['worksheets'][0]['unit'], $value['worksheets'][0]['original']);
        $read = Manifest::decode((string) json_encode($value))->worksheets[0];
        $this->assertEquals(new PackedPage('pages/12-1.json', null, 'k3'), $read->pages[0]);
        $this->assertSame([null, null], [$read->unit, $read->original]);
    }

    public function test_files_are_called_by_their_hash_and_what_they_are(): void
    {
        $named = fn (string $type): string => (new PackedFile('ab', 1, $type))->path();
        $this->assertSame(
            ['files/ab.pdf', 'files/ab.jpg', 'files/ab.png', 'files/ab.m4a', 'files/ab.mp4', 'files/ab.bin'],
            array_map($named, [
                'application/pdf',
                'image/jpeg',
                'image/png',
                'audio/mp4',
                'video/mp4',
                'application/msword',
            ]),
        );
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, class-string<Refusal>, string}> */
    public static function faults(): iterable
    {
        $page = fn (string $name, mixed $is): callable => function (array $of) use ($name, $is): array {
            $of['worksheets'][0]['pages'][0][$name] = $is;

            return $of;
        };
        yield 'another format' => [
            fn (array $of): array => ['format' => 'x'] + $of,
            PackageRefused::class,
            'no package',
        ];
        yield 'no format' => [
            fn (array $of): array => array_diff_key($of, ['format' => 1]),
            PackageRefused::class,
            'no package',
        ];
        yield 'a newer version' => [fn (array $of): array => ['version' => 2] + $of, PackageRefused::class, '(2)'];
        yield 'no version' => [fn (array $of): array => ['version' => 0] + $of, InvalidJson::class, 'version'];
        yield 'no worksheets' => [
            fn (array $of): array => ['worksheets' => []] + $of,
            PackageRefused::class,
            'no package',
        ];
        yield 'too many' => [
            fn (array $of): array => ['worksheets' => array_fill(0, 301, $of['worksheets'][0])] + $of,
            InvalidJson::class,
            'worksheets',
        ];
        yield 'a path out' => [$page('path', '../x.json'), InvalidJson::class, 'pages[0].path'];
        yield 'a key out' => [$page('key', 'keys/../../x.json'), InvalidJson::class, 'pages[0].key'];
        yield 'no anchor' => [$page('anchor', ''), InvalidJson::class, 'pages[0].anchor'];
        yield 'no such role' => [$page('role', 'owner'), InvalidJson::class, 'pages[0].role'];
        $question = ['number' => '3', 'x' => 40, 'y' => 100, 'width' => 500, 'height' => 80];
        $asked = fn (array $other): callable => $page('questions', [$other + $question]);
        yield 'a question of signs' => [$asked(['number' => '3)']), InvalidJson::class, 'questions[0].number'];
        yield 'a question far off' => [$asked(['x' => -1]), InvalidJson::class, 'questions[0].x'];
        yield 'a question of no size' => [$asked(['height' => 'tall']), InvalidJson::class, 'questions[0].height'];
        yield 'a part of signs' => [$asked(['of' => '']), InvalidJson::class, 'questions[0].of'];
        yield 'too many questions' => [
            $page('questions', array_fill(0, 101, $question)),
            InvalidJson::class,
            'questions',
        ];
        yield 'answers in words' => [$page('answers', ['two']), InvalidJson::class, 'pages[0].answers'];
        yield 'no hash' => [
            function (array $of): array {
                $of['files'][0]['sha256'] = strtoupper($of['files'][0]['sha256']);

                return $of;
            },
            InvalidJson::class,
            'files[0].sha256',
        ];
        yield 'a file without a hash' => [
            function (array $of): array {
                unset($of['files'][0]['sha256']);

                return $of;
            },
            InvalidJson::class,
            'files[0]',
        ];
        yield 'an original without a hash' => [
            fn (array $of): array => ['originals' => [['name' => 'tides.pdf']]] + $of,
            InvalidJson::class,
            'originals[0]',
        ];
        yield 'fewer bytes than none' => [
            function (array $of): array {
                $of['files'][0]['bytes'] = -1;

                return $of;
            },
            InvalidJson::class,
            'files[0].bytes',
        ];
        yield 'an original without a name' => [
            fn (array $of): array => ['originals' => [['sha256' => str_repeat('a', 64)]]] + $of,
            InvalidJson::class,
            'originals[0]',
        ];
    }

    /**
     * @param  callable(array<string, mixed>): array<string, mixed>  $spoil
     * @param  class-string<Refusal>  $refused
     */
    #[DataProvider('faults')]
    public function test_what_is_wrong_is_said(callable $spoil, string $refused, string $said): void
    {
        try {
            Manifest::decode((string) json_encode($spoil(json_decode($this->manifest()->encode(), true))));
            $this->fail('It was read.');
        } catch (Refusal $refusal) {
            $this->assertInstanceOf($refused, $refusal);
            $this->assertStringContainsString($said, $refusal->getMessage());
        }
    }

    private function manifest(): Manifest
    {
        return new Manifest(
            [
                new PackedWorksheet(12, 'Tide times “é”', 'The harbour', str_repeat('a', 64), [
                    new PackedPage(
                        'pages/12-1.json',
                        'keys/12-1.json',
                        'k3',
                        Role::Student,
                        'asks questions',
                        'Day 1',
                        [2],
                        [4, 7],
                        [
                            new Question('3', Frame::of(40, 100.5, 500, 80), []),
                            new Question('3a', Frame::of(60, 120, 480, 20), [], true, '3'),
                        ],
                    ),
                    new PackedPage('pages/12-2.json', null, 'k4', Role::Key),
                ]),
                new PackedWorksheet(13, 'Empty', null, null, [new PackedPage('pages/13-1.json', null, 'k5')]),
            ],
            [new PackedOriginal('tides.pdf', str_repeat('a', 64), str_repeat('b', 64))],
            [new PackedFile(str_repeat('a', 64), 1200, 'application/pdf')],
        );
    }
}
