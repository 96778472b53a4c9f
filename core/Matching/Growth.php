<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

/**
 * Grows an assignment of the key's parts to a student's from one pair that is likely: next always the pair that most
 * joins speak for, then the most alike. Two joins that agree are rarely both mistaken, so that it grows round mistakes.
 */
final class Growth
{
    private const EXACT = 2;

    private const LOOSE = 1;

    /**
     * @var array<string, list<array{string, string, string}>>  what each of the student's parts is joined to: how, by
     *                                                          what, to which
     */
    private array $done = [];

    /** @var array<string, list<array{string, string, string}>> the same of the key's */
    private array $key = [];

    /**
     * @param  list<Edge>  $key
     * @param  list<Edge>  $done
     * @param  array<string, array<string, int>>  $alike  as ColourRefinement has it
     */
    public function __construct(array $key, array $done, private readonly array $alike)
    {
        [$this->key, $this->done] = [self::joins($key), self::joins($done)];
    }

    /** @return array<string, string> the student's part by the key's */
    public function from(string $part, string $other): array
    {
        $to = $taken = $votes = [];
        while (true) {
            $to[$part] = $other;
            $taken[$other] = true;
            unset($votes[$part]);
            foreach ($this->key[$part] as [$seen, $by, $next]) {
                foreach (isset($to[$next]) ? [] : $this->done[$other] as [$itsSeen, $itsBy, $its]) {
                    $says = $itsSeen === $seen ? self::EXACT : ($itsBy === $by ? self::LOOSE : 0);
                    if ($says > 0 && ! isset($taken[$its]) && isset($this->alike[$next][$its])) {
                        $votes[$next][$its] = ($votes[$next][$its] ?? 0) + $says;
                    }
                }
            }
            [$part, $other] = $this->next($votes, $to, $taken);
            if ($part === null || $other === null) {
                return $to;
            }
        }
    }

    /**
     * @param  array<string, array<string, int>>  $votes
     * @param  array<string, string>  $to
     * @param  array<string, true>  $taken
     * @return array{string|null, string|null}
     */
    private function next(array $votes, array $to, array $taken): array
    {
        $best = [0, 0];
        $found = [null, null];
        foreach ($votes as $part => $others) {
            foreach ($others as $other => $said) {
                $rank = [$said, $this->alike[$part][$other]];
                if ($rank > $best && ! isset($taken[$other])) {
                    [$best, $found] = [$rank, [(string) $part, (string) $other]];
                }
            }
        }
        if ($found[0] !== null) {
            return $found;
        }
        // Nothing is joined to what is assigned: it grows from the most alike of the others.
        $most = -1;
        foreach ($this->alike as $part => $others) {
            foreach (isset($to[$part]) ? [] : $others as $other => $rounds) {
                if ($rounds > $most && ! isset($taken[$other])) {
                    [$most, $found] = [$rounds, [(string) $part, (string) $other]];
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<Edge>  $edges
     * @return array<string, list<array{string, string, string}>>
     */
    private static function joins(array $edges): array
    {
        $joins = [];
        foreach ($edges as $edge) {
            $joins[$edge->a][] = [$edge->seenFrom($edge->a), $edge->by, $edge->b];
            $joins[$edge->b][] = [$edge->seenFrom($edge->b), $edge->by, $edge->a];
        }

        return $joins;
    }
}
