<?php

declare(strict_types=1);

namespace OpenSlate\Check;

/** One look at a worksheet; see ReadyCheck. */
interface Check
{
    /** @return iterable<Finding> */
    public function findings(CheckedSheet $sheet, ?CheckedPlan $plan): iterable;
}
