<?php

declare(strict_types=1);

namespace OpenSlate\Forms;

use OpenSlate\Geometry\Frame;

/** A form field of a page, for programs that know nothing of worksheets. */
final readonly class FormField
{
    /** What a button is called when it is on, in a file (ISO 32000-1, 12.7.4.2.3). */
    public const ON = 'Yes';

    /**
     * @param  string  $name  unique in the file; without full stops, which part names in a PDF
     * @param  string  $said  what is asked there, for those who hear it
     * @param  Frame  $frame  on the page as displayed, in points
     * @param  float  $size  of what is typed, in points
     * @param  int|null  $longest  in letters
     * @param  bool  $isComb  whether it has just so many letters, each in a room of its own (ISO 32000-1, 12.7.4.3)
     * @param  list<array{string, Frame}>  $options  the words of each, and where it is marked
     * @param  string  $value  the answer that stands in it at first
     * @param  list<string>  $answers  what each of its options is as an answer
     * @param  string|null  $place  whose answer it is, in the whole worksheet; null where it is none
     */
    public function __construct(
        public string $name,
        public string $said,
        public FieldKind $kind,
        public Frame $frame,
        public float $size,
        public bool $isNeeded = false,
        public ?int $longest = null,
        public bool $isComb = false,
        public array $options = [],
        public string $value = '',
        public array $answers = [],
        public ?string $place = null,
    ) {
    }

    /** What one of its options is called in a file, where only one of them can be on. */
    public static function state(int $option): string
    {
        return 'o'.($option + 1);
    }

    /** The name of a field of its own for each option, where several can be on. */
    public function nameOf(int $option): string
    {
        return "{$this->name}-".($option + 1);
    }

    /** Whether an option is on at first. */
    public function isOn(int $option): bool
    {
        return $this->value !== '' && in_array($this->answers[$option] ?? null, explode(',', $this->value), true);
    }

    /**
     * The answer that somebody has given in a file.
     *
     * @param  array<string, string>  $values  by the names of the fields there; of buttons the names of their states
     * @return string|null null where the file says nothing of it
     */
    public function read(array $values): ?string
    {
        return match ($this->kind) {
            FieldKind::Choices => $this->several($values),
            FieldKind::Choice, FieldKind::Tick => isset($values[$this->name])
                ? $this->marked($values[$this->name])
                : null,
            default => isset($values[$this->name])
                ? str_replace(["\r\n", "\r"], "\n", $values[$this->name])
                : null,
        };
    }

    private function marked(string $state): string
    {
        foreach ($this->answers as $option => $answer) {
            if ($state === ($this->kind === FieldKind::Tick ? self::ON : self::state($option))) {
                return $answer;
            }
        }

        return '';
    }

    /** @param  array<string, string>  $values */
    private function several(array $values): ?string
    {
        $on = [];
        $isThere = false;
        foreach ($this->answers as $option => $answer) {
            $state = $values[$this->nameOf($option)] ?? null;
            $isThere = $isThere || $state !== null;
            if ($state === self::ON) {
                $on[] = $answer;
            }
        }

        return $isThere ? implode(',', $on) : null;
    }
}
