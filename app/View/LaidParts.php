<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\Placed;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\Part;
use OpenSlate\Page\Page;
use OpenSlate\Parts\Guides;
use OpenSlate\Parts\Rests;
use OpenSlate\Parts\Scene;
use OpenSlate\Parts\ToPlace;

/** The parts of a page as a student has put them, one by one, to be drawn. */
final readonly class LaidParts
{
    /** Above all else that lies on a page. */
    private const ABOVE = 600;

    /** @param  list<LaidPart>  $all */
    private function __construct(
        public string $place,
        public string $model,
        public array $all,
        private Scene $scene,
    ) {
    }

    /** @param  array<string, string>  $texts  what stands in the places of the copy */
    public static function on(Page $page, int $number, array $texts): self
    {
        $place = Place::idOn($number, ModelAnswer::PLACE);
        $scene = new Scene($page);
        $model = Model::parse($texts[$place] ?? '');
        $levels = array_flip(array_map(fn ($element): string => $element->id(), $page->elements()));
        $above = array_flip(array_keys($model->placed));
        $all = [];
        foreach ($scene->ids() as $key) {
            [$id, $copy] = explode('.', $key);
            $part = $scene->part($key);
            $placed = $scene->where($key, $model);
            $moved = isset($above[$key]);
            $numbers = array_filter(range(1, $part->stock), fn (int $n): bool => ! isset($above["{$id}.{$n}"]));
            $all[] = new LaidPart(
                placed: $placed,
                part: $part,
                frame: $scene->frame($placed),
                z: $moved ? self::ABOVE + $above[$key] : $levels[$id] + 1,
                level: $levels[$id] + 1,
                said: self::said($scene, $placed, $part, (int) $copy, $moved),
                left: $moved ? 0 : count($numbers),
                // Of a stock only the topmost that is left is seen: see-through copies would add up.
                under: ! $moved && (int) $copy < max([0, ...$numbers]),
            );
        }

        return new self($place, $texts[$place] ?? '', $all, $scene);
    }

    /** How many have to be moved before the place is filled. */
    public function toPlace(): int
    {
        return ToPlace::on($this->scene->page);
    }

    /** Whether each of them counts as a place. */
    public function countsEach(): bool
    {
        return $this->scene->page->countsParts;
    }

    /** @return array<string, mixed> the lines and gaps that a dragged part may hold to, and where it comes to rest */
    public function guides(): array
    {
        $model = Model::parse($this->model);

        return [
            ...Guides::among($this->scene->page->size, $this->scene->lined($model)),
            'rests' => Rests::of($this->scene, $model),
        ];
    }

    /** What it is and where it is, for those who do not see it. */
    private static function said(Scene $scene, Placed $placed, Part $part, int $copy, bool $moved): string
    {
        $spot = $scene->spots[(string) $placed->held->spot] ?? null;

        return ($placed->words === '' || $part->takesPicture() ? $part->named() : $placed->words).
            ($part->takesPicture() && $placed->words !== '' ? ', with a picture' : '').
            ($part->stock > 1 ? ", {$copy} of {$part->stock}" : '').
            match (true) {
                $spot !== null => ", in {$spot->named()}",
                ! $scene->isOnPage($placed) => ', in the tray',
                $moved => ', on the page',
                default => '',
            };
    }
}
