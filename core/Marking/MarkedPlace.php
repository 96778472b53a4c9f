<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Copies\Place;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;
use OpenSlate\Matching\ModelCheck;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\Page;
use OpenSlate\Parts\Scene;

/** A place whose answers are marked: its right answers, and what it is worth. */
final readonly class MarkedPlace
{
    /**
     * @param  list<string>  $key
     * @param  Page|null  $page  the page whose parts are the answer, if it is such a place
     */
    public function __construct(
        public Place $place,
        public array $key,
        public Points $full,
        private ?Page $page = null,
    ) {
    }

    /** @param  string  $answer  as it is kept */
    public function judge(string $answer, Lexicon $words): Judgement
    {
        return $this->page === null
            ? $this->place->form->judge($this->key, $answer, $words)
            : self::model($this->page, $answer);
    }

    /** @return list<string> what of a model counts */
    public function counts(): array
    {
        return array_map(fn (ModelAspect $aspect): string => $aspect->value, $this->page->key->counts ?? []);
    }

    /** The right model, as an answer of it is kept; null where it is none, or has no key. */
    public function rightModel(): ?string
    {
        $key = $this->page?->key;

        return $key === null || $key->counts === [] ? null : $key->model;
    }

    public function likeness(string $answer): string
    {
        return $this->place->form->likeness($answer);
    }

    private static function model(Page $page, string $answer): Judgement
    {
        if ($page->key === null || $page->key->counts === []) {
            return Judgement::unjudged('no key');
        }
        try {
            $done = Model::parse($answer);
        } catch (ModelRefused) {
            return Judgement::unjudged('parts that cannot be read');
        }
        if ($done->placed === []) {
            return Judgement::leftEmpty();
        }
        $verdict = ModelCheck::of(new Scene($page), $page->key, $done);

        return Judgement::share(
            $verdict->isRight() ? 1 : $verdict->right,
            $verdict->isRight() ? 1 : $verdict->of + $verdict->extra,
            $verdict->isRight() ? 'as in the key' : implode('; ', $verdict->words),
        );
    }
}
