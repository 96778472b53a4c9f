<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Geometry\Frame;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Section;
use OpenSlate\Packs\Verdict;
use OpenSlate\Paper\Size;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/**
 * A pack of tests/packs as the program read its words from the PDF, so that the core is tried on it without the tools
 * that read PDFs. Written by tests/packs/record.php; whether what is made of it is right, Reference\PacksTest says.
 */
final class RecordedPack
{
    private const FOLDER = __DIR__.'/../packs/recorded';

    /**
     * @param  list<PageText>  $pages
     * @param  array<string, mixed>  $reading  what is made of it, as said() says it
     */
    private function __construct(public readonly array $pages, public readonly array $reading)
    {
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(
            fn (string $file): string => basename($file, '.json'),
            glob(self::FOLDER.'/*.json') ?: [],
        );
    }

    /** @param  bool  $isScanned  as its words were read from pictures of its pages */
    public static function named(string $name, bool $isScanned = false): self
    {
        $pack = json_decode(
            (string) file_get_contents(self::file($name, $isScanned)),
            true,
            flags: JSON_THROW_ON_ERROR,
        );

        return new self(array_map(self::page(...), $pack['pages']), $pack['reading']);
    }

    public static function file(string $name, bool $isScanned): string
    {
        return self::FOLDER.($isScanned ? '/scanned' : '')."/{$name}.json";
    }

    /** @return array<string, mixed> the role of each page and why, the sections, and what each key answers */
    public static function said(PackReading $reading): array
    {
        return [
            'roles' => array_map(
                fn (Verdict $verdict): array => [$verdict->role->value, $verdict->reason],
                array_values($reading->verdicts),
            ),
            'sections' => array_map(
                fn (Section $section): array => [$section->label, $section->from, $section->to],
                $reading->sections,
            ),
            'answers' => array_map(
                fn (int $key): array => [$key, $reading->answers[$key]],
                array_keys($reading->answers),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function encode(PageText $page): array
    {
        return [
            'number' => $page->number,
            'size' => [$page->size->width, $page->size->height],
            'ink' => $page->ink === null ? null : round($page->ink, 5),
            'blanks' => $page->blanks,
            ...($page->seen ? ['seen' => true] : []),
            'lines' => array_map(
                fn (TextLine $line): array => [
                    $line->text,
                    round($line->frame->x, 1),
                    round($line->frame->y, 1),
                    round($line->frame->width, 1),
                    round($line->frame->height, 1),
                    array_map(
                        fn (Word $word): array => [
                            $word->text,
                            round($word->frame->x, 1),
                            round($word->frame->width, 1),
                        ],
                        $line->words,
                    ),
                ],
                $page->lines,
            ),
        ];
    }

    /** @param  array<string, mixed>  $page */
    private static function page(array $page): PageText
    {
        return new PageText(
            number: $page['number'],
            size: Size::of(...$page['size']),
            lines: array_map(
                function (array $line): TextLine {
                    [$text, $x, $y, $width, $height, $words] = $line;

                    return new TextLine(
                        $text,
                        Frame::of($x, $y, $width, $height),
                        array_map(
                            fn (array $word): Word => new Word($word[0], Frame::of($word[1], $y, $word[2], $height)),
                            $words,
                        ),
                    );
                },
                $page['lines'],
            ),
            ink: $page['ink'],
            blanks: $page['blanks'],
            seen: $page['seen'] ?? false,
        );
    }
}
