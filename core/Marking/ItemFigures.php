<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

/**
 * What a class has made of one question.
 *
 * Facility is the mean of what was earned as a share of what could be. Discrimination is the correlation of what was
 * earned here with what was earned in the whole: of right and wrong that is the point-biserial coefficient,
 * (M₁ − M₀) / s · √(p·q), which is what Pearson's coefficient is where one of the two has only two values.
 */
final readonly class ItemFigures
{
    /**
     * @param  float|null  $facility  from 0 to 1; null where nobody was marked
     * @param  float|null  $discrimination  from -1 to 1; null where it says nothing: all earned the same
     */
    private function __construct(public ?float $facility, public ?float $discrimination)
    {
    }

    /**
     * @param  list<float>  $earned  by each student, in points
     * @param  list<float>  $totals  of the same students in the whole
     * @param  float  $full  what the question is worth
     */
    public static function of(array $earned, array $totals, float $full): self
    {
        $count = count($earned);

        return new self(
            $count === 0 || $full <= 0.0 ? null : array_sum($earned) / $count / $full,
            self::correlation($earned, $totals),
        );
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function correlation(array $a, array $b): ?float
    {
        $count = count($a);
        if ($count < 2) {
            return null;
        }
        [$meanA, $meanB] = [array_sum($a) / $count, array_sum($b) / $count];
        $both = $ofA = $ofB = 0.0;
        foreach ($a as $at => $one) {
            $both += ($one - $meanA) * ($b[$at] - $meanB);
            $ofA += ($one - $meanA) ** 2;
            $ofB += ($b[$at] - $meanB) ** 2;
        }

        // Where all are the same but for what sums of decimals lose.
        return $ofA < 1e-12 || $ofB < 1e-12 ? null : $both / sqrt($ofA * $ofB);
    }
}
