<?php

declare(strict_types=1);

namespace OpenSlate\Matching;

use OpenSlate\Assembly\Model;
use OpenSlate\Page\ModelKey;
use OpenSlate\Parts\Scene;

/** Checks one aspect of a student's model against the key. */
interface AspectCheck
{
    /**
     * @param  Model  $right  the key's model, with what holds its parts
     * @param  Model  $done  the student's
     */
    public function of(Scene $scene, ModelKey $key, Model $right, Model $done): ModelVerdict;
}
