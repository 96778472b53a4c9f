<?php

declare(strict_types=1);

namespace Tests\Core\Paper;

use OpenSlate\Paper\Colour;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /**
     * Porter and Duff, "Compositing digital images" (1984), over: two of one half each leave a quarter of what is
     * below.
     */
    public function test_two_see_through_colours_over_each_other_cover_three_quarters(): void
    {
        $half = fn (Colour $below): Colour => Colour::of('#000000')->over($below, 0.5);

        $this->assertSame('#808080', $half(Colour::white())->hex);
        $this->assertSame('#404040', $half($half(Colour::white()))->hex, 'a quarter of 255');
        $this->assertSame('#abcdef', Colour::of('#123456')->over(Colour::of('#abcdef'), 0.0)->hex);
        $this->assertSame('#123456', Colour::of('#123456')->over(Colour::of('#abcdef'), 1.0)->hex);
    }
}
