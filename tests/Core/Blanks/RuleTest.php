<?php

declare(strict_types=1);

namespace Tests\Core\Blanks;

use OpenSlate\Blanks\Rule;
use PHPUnit\Framework\TestCase;

/** A level rule from 100 to 200. */
final class RuleTest extends TestCase
{
    public function test_a_rule_spans_what_it_reaches_over_but_for_a_little_at_either_end(): void
    {
        $rule = new Rule(true, 50, 100, 200);

        $this->assertTrue($rule->spans(100, 200, 0));
        $this->assertTrue($rule->spans(98, 202, 2), 'just so much is missing');
        $this->assertFalse($rule->spans(97.9, 200, 2));
        $this->assertFalse($rule->spans(100, 202.1, 2));
        $this->assertSame(100.0, $rule->length());
    }

    public function test_a_rule_reaches_a_place_on_it_or_just_beyond_its_ends(): void
    {
        $rule = new Rule(true, 50, 100, 200);

        $this->assertSame(
            [true, true, true, false, false],
            array_map(fn (float $place): bool => $rule->reaches($place, 2), [98.0, 150.0, 202.0, 97.9, 202.1]),
        );
    }
}
