<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** An answer whose place is gone: it waits beside the page. */
final readonly class Waiting
{
    public function __construct(public AnswerKind $kind, public string $text)
    {
    }

    /** @param  array<string, self>  $waiting */
    public static function toJson(array $waiting): string
    {
        return json_encode(
            (object) array_map(
                fn (self $one): array => ['kind' => $one->kind->value, 'text' => $one->text],
                $waiting,
            ),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * @return array<string, self> by page and place
     *
     * @throws InvalidJson
     */
    public static function fromJson(?string $json): array
    {
        if ($json === null) {
            return [];
        }
        $waiting = [];
        $fields = Fields::parse($json);
        foreach ($fields->names() as $name) {
            $one = $fields->object((string) $name);
            $waiting[(string) $name] = new self(
                $one->oneOf('kind', AnswerKind::class),
                $one->text('text', PHP_INT_MAX),
            );
        }

        return $waiting;
    }

    /** In words, where it has any. */
    public function words(): string
    {
        return $this->kind->isWords() ? $this->text : '';
    }
}
