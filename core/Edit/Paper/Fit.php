<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Paper;

/** What becomes of a page's print and elements when its paper changes. */
enum Fit: string
{
    /** All of it grows or shrinks together, and stands in the middle. */
    case Scale = 'scale';

    /** All of it keeps its size and its place from the top left. */
    case Keep = 'keep';
}
