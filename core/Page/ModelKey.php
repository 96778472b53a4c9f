<?php

declare(strict_types=1);

namespace OpenSlate\Page;

/** The right model of a page's parts, and what of it counts. */
final readonly class ModelKey
{
    /**
     * @param  string  $model  as Parts\Model writes it
     * @param  list<ModelAspect>  $counts
     */
    public function __construct(public string $model, public array $counts, public ?float $points = null)
    {
    }

    public function counts(ModelAspect $aspect): bool
    {
        return in_array($aspect, $this->counts, true);
    }
}
