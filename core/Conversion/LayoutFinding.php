<?php

declare(strict_types=1);

namespace OpenSlate\Conversion;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** Something that may have changed when pages were made of a document, in one sentence. */
final readonly class LayoutFinding
{
    private const MOST = 200;

    private const LONGEST = 500;

    /** @param  int|null  $page  its number, from 1; null where it is about the whole */
    public function __construct(public LayoutKind $kind, public string $words, public ?int $page = null)
    {
    }

    /**
     * @param  list<self>  $findings
     * @return list<array{kind: string, page: int|null, words: string}>
     */
    public static function listed(array $findings): array
    {
        return array_map(
            fn (self $one): array => [
                'kind' => $one->kind->value,
                'page' => $one->page,
                'words' => mb_substr($one->words, 0, self::LONGEST),
            ],
            array_slice($findings, 0, self::MOST),
        );
    }

    /** @param  list<self>  $findings */
    public static function encode(array $findings): string
    {
        return json_encode(['findings' => self::listed($findings)], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * @return list<self>
     *
     * @throws InvalidJson
     */
    public static function decode(string $json): array
    {
        return array_map(
            fn (Fields $one): self => new self(
                $one->oneOf('kind', LayoutKind::class),
                $one->text('words', self::LONGEST),
                $one->isGiven('page') ? $one->integer('page', 1) : null,
            ),
            Fields::parse($json)->objects('findings', self::MOST),
        );
    }
}
