<?php

declare(strict_types=1);

namespace OpenSlate\Judging;

/** A verdict on an answer, the share of its points that it earns, and why. */
final readonly class Judgement
{
    /**
     * @param  int  $earned  of so many as the next says; nothing where nobody has judged
     * @param  string  $why  for the teacher, as the end of a sentence; it may name what is in the key
     */
    private function __construct(public Verdict $verdict, public int $earned, public int $of, public string $why)
    {
    }

    public static function right(string $why = 'as in the key'): self
    {
        return new self(Verdict::Right, 1, 1, $why);
    }

    public static function wrong(string $why = 'not as in the key'): self
    {
        return new self(Verdict::Wrong, 0, 1, $why);
    }

    public static function unjudged(string $why): self
    {
        return new self(Verdict::Unjudged, 0, 1, $why);
    }

    public static function leftEmpty(): self
    {
        return self::wrong('left empty');
    }

    /** So much of so much: right when it is all, not right when it is nothing. */
    public static function share(int $earned, int $of, string $why): self
    {
        return match (true) {
            $earned >= $of => self::right($why),
            $earned <= 0 => self::wrong($why),
            default => new self(Verdict::Part, $earned, $of, $why),
        };
    }
}
