<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Json\Fields;

/**
 * How much is to be written: "3 to 5 sentences". It is said, and counted while the student writes; it cuts nobody off.
 */
final readonly class Limit
{
    public const MOST = 9999;

    private function __construct(public Counted $of, public ?int $least, public ?int $most)
    {
    }

    /** @throws AnswerRefused when it limits nothing, or contradicts itself */
    public static function of(Counted $of, ?int $least, ?int $most): self
    {
        if (($least ?? $most) === null || ($least !== null && $least < 1) || ($most !== null && $most < 1)) {
            throw AnswerRefused::noLimit();
        }
        if ($least !== null && $most !== null && $least > $most) {
            throw AnswerRefused::limitsContradict();
        }

        return new self($of, $least, $most);
    }

    /** Null where a form says nothing of one. */
    public static function decode(Fields $form): ?self
    {
        if (! $form->isGiven('limit')) {
            return null;
        }
        $fields = $form->object('limit');
        $number = fn (string $name): ?int => $fields->isGiven($name) ? $fields->integer($name, 1, self::MOST) : null;
        try {
            $limit = self::of($fields->oneOf('of', Counted::class), $number('least'), $number('most'));
        } catch (AnswerRefused $refusal) {
            throw $form->wrong('limit', $refusal);
        }
        $fields->nothingElse();

        return $limit;
    }

    /** @return array{of: string, least: int|null, most: int|null} */
    public function properties(): array
    {
        return ['of' => $this->of->value, 'least' => $this->least, 'most' => $this->most];
    }

    public function words(): string
    {
        return "{$this->asked()} ".$this->of->named($this->most ?? (int) $this->least);
    }

    /** Where a text stands: "2 sentences; 3 to 5 asked". */
    public function said(string $text): string
    {
        $count = $this->of->count($text);

        return "{$count} {$this->of->named($count)}; {$this->asked()} asked";
    }

    private function asked(): string
    {
        return match (true) {
            $this->most === null => "at least {$this->least}",
            $this->least === null => "at most {$this->most}",
            $this->least === $this->most => (string) $this->most,
            default => "{$this->least} to {$this->most}",
        };
    }

    public function isMet(string $text): bool
    {
        $count = $this->of->count($text);

        return $count >= ($this->least ?? 0) && $count <= ($this->most ?? PHP_INT_MAX);
    }
}
