<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Copy;
use App\Models\Moment;
use App\School;
use OpenSlate\Copies\History;
use OpenSlate\Marking\Marks;

/** A copy as it was at a moment, and what of it is otherwise now, or at another moment. */
final readonly class PastCopy
{
    /**
     * @param  array<string, string>  $texts  by place
     * @param  array<string, string>  $changed  places that are otherwise there, by themselves
     * @param  string  $there  what it is held against, in words
     */
    private function __construct(
        public array $texts,
        public array $changed,
        private ?Marks $marks,
        private string $there,
    ) {
    }

    /** @param  Moment|null  $other  null for what it is now */
    public static function of(Copy $copy, Moment $moment, ?Moment $other = null): self
    {
        $texts = $moment->texts();
        $changed = array_keys(History::changes($texts, $other?->texts() ?? $copy->written()->texts()));

        return new self(
            $texts,
            array_combine($changed, $changed),
            $moment->marks === null ? null : Marks::fromJson($moment->marks),
            $other === null ? 'now' : 'then',
        );
    }

    /**
     * What is otherwise now on a page, for pointing it out.
     *
     * @return array<string, string> by the id of the element
     */
    public function marked(int $number): array
    {
        $marked = [];
        foreach ($this->changed as $place) {
            [$page, $element] = [...explode('.', $place), ''];
            if ((int) $page === $number) {
                $marked[$element] = 'other';
            }
        }

        return $marked;
    }

    /** How many places are otherwise there. */
    public function differs(): string
    {
        return match ($count = count($this->changed)) {
            0 => "It is the same {$this->there}.",
            1 => "One place is otherwise {$this->there}; it is marked.",
            default => "{$count} places are otherwise {$this->there}; they are marked.",
        };
    }

    /** What it had earned; nothing where it was not marked. */
    public function earned(): string
    {
        return $this->marks === null ? '' : $this->marks->total()->named();
    }

    public static function words(Moment $moment, School $school): string
    {
        $what = $moment->name ?? $moment->kind->words();

        return "{$what}, {$school->said($moment->made_at)}";
    }
}
