<?php

declare(strict_types=1);

namespace OpenSlate\Edit;

use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Page\Part;
use OpenSlate\Page\PartForm;
use OpenSlate\Page\Settle;
use OpenSlate\Page\Spot;
use OpenSlate\Page\SpotForm;
use OpenSlate\Parts\Board;
use OpenSlate\Parts\Model;
use OpenSlate\Parts\ModelRefused;
use OpenSlate\Parts\Settling;

/** Says how the parts of a page are right, what of that counts, and for how many points. What is not given stays as it was. */
final readonly class SetModelKey implements Edit
{
    /**
     * @param  string|null  $model  as a window has it; it settles as a student's does. Nothing takes the key away
     * @param  list<ModelAspect>|null  $counts
     * @param  float|false|null  $points  null is none; false is as it was
     */
    public function __construct(public ?string $model = null, public ?array $counts = null, public float|false|null $points = false)
    {
    }

    public function apply(Page $page): Page
    {
        $board = new Board($page);
        try {
            $was = Model::parse($page->key->model ?? '')->onlyOf($board);
            $model = $this->model === null ? $was : Settling::settle($board, $was, Model::parse($this->model)->onlyOf($board))->model;
        } catch (ModelRefused $refusal) {
            throw EditRefused::invalid('the key '.lcfirst($refusal->getMessage()));
        }
        if ($model->placed === []) {
            return $page->withKey(null);
        }

        return $page->withKey(new ModelKey(
            $model->text(),
            $this->counts ?? $page->key->counts ?? self::usual($board),
            $this->points === false ? $page->key->points ?? null : $this->points,
        ));
    }

    /** @return list<ModelAspect> what there is to count on the page */
    private static function usual(Board $board): array
    {
        $rows = array_filter($board->spots, fn (Spot $spot): bool => $spot->settle === Settle::Row || $spot->form === SpotForm::Line);
        $joints = array_filter($board->parts, fn (Part $part): bool => $part->joints !== []);

        // Arrows between cards say which leads to which; on which side of a card they end says nothing.
        $arrows = array_filter($board->parts, fn (Part $part): bool => $part->form === PartForm::Connector && $part->head->isOneWay());

        return [...($board->spots === [] ? [] : [ModelAspect::Spots]), ...($rows === [] ? [] : [ModelAspect::Order]), ...($joints === [] ? [] : [ModelAspect::Joints]), ...($joints === [] || $arrows !== [] ? [] : [ModelAspect::Ends])];
    }
}
