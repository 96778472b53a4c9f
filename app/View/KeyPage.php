<?php

declare(strict_types=1);

namespace App\View;

use App\Models\PageRevision;
use App\Models\WorksheetPage;
use OpenSlate\Answers\AnswerForm;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\ChoiceAnswer;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Assembly\Model;
use OpenSlate\Copies\Place;
use OpenSlate\Elements\Answerable;
use OpenSlate\Page\Page;
use OpenSlate\Parts\Held;
use OpenSlate\Parts\Scene;

/** A page as the Key station shows it: with the right answers in its places. */
final readonly class KeyPage
{
    /** Kinds that only a person can mark. */
    private const BY_EYE = [AnswerKind::Drawing, AnswerKind::Picture];

    private function __construct(public PageRevision $revision, public Page $content)
    {
    }

    public static function of(WorksheetPage $page): self
    {
        $revision = $page->revisions()->latest('number')->firstOrFail();

        return new self($revision, $revision->page());
    }

    public static function canBeKeyed(AnswerForm $form): bool
    {
        return ! in_array($form->kind(), self::BY_EYE, true);
    }

    /** @return array{int, int} how many places have a key, of how many that could */
    public static function count(Page $page): array
    {
        $keyed = array_sum(array_map(fn (Answerable $one): int => count($one->keys()), $page->answerables()));
        $all = array_sum(array_map(fn (Answerable $one): int => count(array_filter($one->places(), self::canBeKeyed(...))), $page->answerables()));

        return [$keyed + (int) ($page->key !== null), $all + (int) $page->hasMoves()];
    }

    /** @return array<string, string> what stands in each place, by place: the first right answer, or all that have to be chosen */
    public function texts(): array
    {
        $texts = $this->content->key === null ? [] : [Place::idOn(1, ModelAnswer::PLACE) => Held::on(new Scene($this->content), Model::parse($this->content->key->model))->text()];
        foreach ($this->content->answerables() as $element) {
            $keys = $element->keys();
            foreach ($element->places() as $name => $form) {
                $key = $keys[$name] ?? [];
                $first = $key[0] ?? '';
                $texts[Place::idOn(1, (string) $name)] = match (true) {
                    $form instanceof ChoiceAnswer => $form->many ? implode(',', $key) : $first,
                    $form->kind() === AnswerKind::Tick => $first === 'yes' ? 'yes' : '',
                    default => $first,
                };
            }
        }

        return $texts;
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
