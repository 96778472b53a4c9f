<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Parts\Held;
use OpenSlate\Parts\Scene;

/**
 * Checks a student's model against the key, and says what is missing, extra or reversed. Parts of one name are alike.
 */
final class ModelCheck
{
    public static function of(Scene $scene, ModelKey $key, Model $done): ModelVerdict
    {
        $right = Held::on($scene, Model::parse($key->model));
        $done = $done->only($scene->ids());
        $verdict = ModelVerdict::nothing();
        foreach ($key->counts as $aspect) {
            $verdict = $verdict->and(
                self::check($aspect)?->of($scene, $key, $right, $done) ?? ModelVerdict::nothing(),
            );
        }

        return $verdict;
    }

    /** What checks an aspect; null for one that only says how strictly another is checked. */
    private static function check(ModelAspect $aspect): ?AspectCheck
    {
        return match ($aspect) {
            ModelAspect::Spots => new SpotsCheck,
            ModelAspect::Order => new OrderCheck,
            ModelAspect::Joints => new JointsCheck,
            ModelAspect::Ends => null,
        };
    }
}
