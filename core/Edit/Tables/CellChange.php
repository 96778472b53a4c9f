<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Tables;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\TableCell;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** What is set of a cell; what is null stays as it is. */
final readonly class CellChange
{
    private const LONGEST_ANSWER = 5000;

    /** @param  list<string>|null  $key  the right answers, as the teacher gives them */
    public function __construct(public ?string $text = null, public ?bool $fill = null, public ?array $key = null)
    {
    }

    /** @throws InvalidJson */
    public static function decode(Fields $fields): self
    {
        return new self(
            $fields->has('text') ? $fields->text('text', TableCell::LONGEST) : null,
            $fields->has('fill') ? $fields->flag('fill') : null,
            $fields->has('key') ? $fields->texts('key', AnswerBox::MOST_KEYS, self::LONGEST_ANSWER) : null,
        );
    }

    /** @throws AnswerRefused when a right answer could never be given */
    public function of(TableCell $cell): TableCell
    {
        $fill = $this->fill ?? $cell->fill;
        $key = $this->key === null ? $cell->key : $cell->form()->key($this->key);
        if (! $fill && ($this->key ?? []) !== []) {
            throw AnswerRefused::notFilledIn();
        }

        // A cell that is filled in no longer loses its right answers.
        return new TableCell($this->text ?? $cell->text, $fill, $fill ? $key : []);
    }
}
