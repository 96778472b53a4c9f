<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Reads what of the desks is looked at. Whatever else stands in the address counts as not said. */
final class DesksRequest extends FormRequest
{
    /** Id of the item; 0 for the first. */
    public function item(): int
    {
        return $this->whole('item');
    }

    /** Number of the page that all desks show, of so many; 0 for the page that each student is on. */
    public function pageOf(int $most): int
    {
        return min($this->whole('page'), $most);
    }

    /** Id of the one copy that is asked for; 0 for all. */
    public function onlyCopy(): int
    {
        return $this->whole('only');
    }

    /** @return array<int, int> version by copy, of what the caller has seen: "3.17,4.2" */
    public function seen(): array
    {
        $pairs = $this->query('seen');
        $seen = [];
        foreach (is_string($pairs) ? explode(',', $pairs) : [] as $pair) {
            if (preg_match('/^(\d{1,18})\.(\d{1,18})$/D', $pair, $match) === 1) {
                $seen[(int) $match[1]] = (int) $match[2];
            }
        }

        return $seen;
    }

    private function whole(string $name): int
    {
        $value = $this->query($name);

        return is_string($value) && preg_match('/^\d{1,18}$/D', $value) === 1 ? (int) $value : 0;
    }
}
