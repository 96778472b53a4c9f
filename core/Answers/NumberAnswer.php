<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;

/** A number, typed as people write them, before a printed unit. */
final readonly class NumberAnswer implements AnswerForm
{
    use CountsOnce;

    public const LONGEST = 60;

    public const LONGEST_UNIT = 20;

    /** An integer, a decimal with point or comma, a fraction or a mixed number; then perhaps how far off it may be. */
    private const NUMBER =
        '~^[+\-−]?(?:\d{1,15}(?:[.,]\d{1,10})?|(?:\d{1,9}\s+)?\d{1,9}\s*/\s*0*[1-9]\d{0,8})(?:\s*(?:±|\+-|'
        .'\+/-)\s*\d{1,15}(?:[.,]\d{1,10})?)?$~u';

    public function __construct(public string $unit = '')
    {
    }

    public function kind(): AnswerKind
    {
        return AnswerKind::Number;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self;
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        return new self($fields->has('unit') ? $fields->text('unit', self::LONGEST_UNIT) : '');
    }

    public function properties(): array
    {
        return ['unit' => $this->unit];
    }

    /** What a student writes is kept as it is: whether it is a number is for marking to say. */
    public function tidy(string $answer): string
    {
        return Words::tidy($answer, self::LONGEST);
    }

    public function unsaved(): string
    {
        return 'This is not saved: it has to be a number, such as 12 or 3.5.';
    }

    /** Whether it can be read as a number, also with its unit behind it, or with its thousands set apart. */
    public function isNumber(string $answer): bool
    {
        $number = (string) preg_replace('/(?<=\d)[ ,\x{a0}\x{202f}](?=\d{3}(?:\D|$))/u', '', trim($answer));
        if ($this->unit !== '' && str_ends_with(mb_strtolower($number), mb_strtolower($this->unit))) {
            $number = rtrim(mb_substr($number, 0, -mb_strlen($this->unit)));
        }

        return preg_match(self::NUMBER, $number) === 1;
    }

    public function isFilled(string $answer): bool
    {
        return Words::any($answer);
    }

    public function read(string $answer): string
    {
        return $answer === '' ? '' : trim("{$answer} {$this->unit}");
    }

    public function key(array $answers): array
    {
        $key = Words::key($answers, self::LONGEST);
        foreach ($key as $answer) {
            if (preg_match(self::NUMBER, $answer) !== 1) {
                throw AnswerRefused::noNumber($answer);
            }
        }

        return $key;
    }
}
