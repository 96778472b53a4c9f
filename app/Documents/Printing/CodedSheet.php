<?php

declare(strict_types=1);

namespace App\Documents\Printing;

use Closure;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;

/** A page that is to say in a code which it is. */
final readonly class CodedSheet
{
    /**
     * @param  list<Frame>  $kept  what is to be free, in points
     * @param  Closure(int): string  $text  what the code says that stands at a spot
     */
    public function __construct(public Size $size, public array $kept, public Closure $text)
    {
    }
}
