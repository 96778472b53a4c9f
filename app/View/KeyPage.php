<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PageRevision;
use App\Models\WorksheetPage;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\Answerable;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tags;
use OpenSlate\Page\Tally;
use OpenSlate\Parts\Held;
use OpenSlate\Parts\Scene;

/** A page as the Key station shows it: with the right answers in its places. */
final readonly class KeyPage
{
    private function __construct(public PageRevision $revision, public Page $content)
    {
    }

    public static function of(WorksheetPage $page): self
    {
        $revision = $page->revisions()->latest('number')->firstOrFail();

        return new self($revision, $revision->page());
    }

    /**
     * @param  int  $number  of the page, where its places are named by that
     * @return array<string, string>  what stands in each place, by place: the first right answer, or all that have to
     *                                be chosen
     */
    public function texts(int $number = 1): array
    {
        $texts =
            $this->content->key === null
                ? []
                : [
                    Place::idOn($number, ModelAnswer::PLACE) => Held::on(
                        new Scene($this->content),
                        Model::parse($this->content->key->model),
                    )->text(),
                ];
        foreach ($this->content->answerables() as $element) {
            $keys = $element->keys();
            foreach ($element->places() as $name => $form) {
                $key = $keys[$name] ?? [];
                $first = $key[0] ?? '';
                $texts[Place::idOn($number, (string) $name)] = match (true) {
                    $form instanceof ChoiceAnswer => $form->many ? implode(',', $key) : $first,
                    $form->kind() === AnswerKind::Tick => $first === 'yes' ? 'yes' : '',
                    default => $first,
                };
            }
        }

        return $texts;
    }

    public function tally(): Tally
    {
        return Tally::of($this->content);
    }

    /** @return list<KeyRow> all places of the page, in reading order */
    public function rows(): array
    {
        $tags = Tags::of($this->content);
        $rows = array_map(
            fn (Answerable $element): array => KeyRow::allOf($element, $tags[$element->id()]),
            $this->content->answerables(),
        );

        return array_merge(...$rows);
    }

    /** How many parts are in the right model. */
    public function placed(): int
    {
        return $this->content->key === null ? 0 : count(Model::parse($this->content->key->model)->placed);
    }

    /** @return array<string, mixed> drawn for the browser */
    public function drawn(): array
    {
        return [
            'revision' => $this->revision->number,
            'undo' => $this->revision->undo_to !== null,
            'redo' => $this->revision->redo_to !== null,
            'page' => view('bench.key-page', ['shown' => $this])->render(),
            'ledger' => view('bench.key-ledger', ['shown' => $this])->render(),
        ];
    }
}
