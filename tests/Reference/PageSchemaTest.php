<?php

declare(strict_types=1);

namespace Tests\Reference;

use OpenSlate\Format\PageCodec;
use OpenSlate\Json\InvalidJson;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Format\PageCodecTest;

/**
 * The published schema (JSON Schema 2020-12, read by opis/json-schema) and the codec say yes and no to the same pages.
 */
final class PageSchemaTest extends TestCase
{
    /** What a schema cannot say: how one value of a page bears on another. */
    private const BEYOND = [
        'two of one id',
        'a limit that contradicts itself',
        'a passage without mistakes',
        'words as the key of a number',
        'a key that is not offered',
        'a table short of cells',
        'a key in a cell of words',
        'two joints of one id',
        'a picture of nothing',
        'a symbol of nothing',
        'a drawing for what is no symbol',
        'a key that is no model',
        'a set for what is no picture',
    ];

    public function test_what_is_written_fits_the_schema(): void
    {
        $this->assertTrue($this->fits(PageCodec::encode(PageCodecTest::page())));
    }

    /** @return iterable<string, array{string}> */
    public static function faults(): iterable
    {
        foreach (PageCodecTest::faults() as $name => [$json]) {
            if (json_decode($json) !== null && ! in_array($name, self::BEYOND, true)) {
                yield $name => [$json];
            }
        }
    }

    #[DataProvider('faults')]
    public function test_what_the_codec_refuses_the_schema_refuses(string $json): void
    {
        $this->assertFalse($this->fits($json));
        $this->expectException(InvalidJson::class);
        PageCodec::decode($json);
    }

    private function fits(string $json): bool
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 2).'/docs/page.schema.json');

        return (new Validator)->validate(json_decode($json), $schema)->isValid();
    }
}
