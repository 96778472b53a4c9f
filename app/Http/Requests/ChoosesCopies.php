<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Handout;
use App\Models\HandoutItem;

/** Which item of a handout, which place of it, and which copies a request is about. */
trait ChoosesCopies
{
    private const MOST_COPIES = 2000;

    /** @return array<string, list<string>> */
    private function copyRules(): array
    {
        return [
            'copies' => ['required', 'array', 'max:'.self::MOST_COPIES],
            'copies.*' => ['integer'],
        ];
    }

    /** The item that is named, or the first that has copies; null where none has. */
    public function item(Handout $handout): ?HandoutItem
    {
        $own = $handout->items->filter(fn (HandoutItem $item): bool => $item->mode->hasCopies());

        return $own->firstWhere('id', (int) $this->word('item')) ?? $own->first();
    }

    public function place(): string
    {
        return $this->word('place');
    }

    /**
     * Copies of the item; what is none of them is left out.
     *
     * @return list<int>
     */
    public function copiesOf(HandoutItem $item): array
    {
        $asked = array_map(intval(...), (array) $this->input('copies'));

        return array_values(array_map(intval(...), $item->copies()->whereKey($asked)->pluck('id')->all()));
    }

    private function word(string $name): string
    {
        $value = $this->input($name);

        return is_string($value) || is_int($value) ? (string) $value : '';
    }
}
