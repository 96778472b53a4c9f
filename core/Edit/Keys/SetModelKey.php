<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Keys;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Elements\Part;
use OpenSlate\Elements\PartForm;
use OpenSlate\Elements\Settle;
use OpenSlate\Elements\Spot;
use OpenSlate\Elements\SpotForm;
use OpenSlate\Page\ModelAspect;
use OpenSlate\Page\ModelKey;
use OpenSlate\Page\Page;
use OpenSlate\Parts\Held;
use OpenSlate\Parts\Scene;
use OpenSlate\Parts\Settling;

/** Says how the parts of a page are right. At first all of it counts that there is to count. */
final readonly class SetModelKey implements Edit
{
    /** @param  string  $model  as a window has it; it settles as a student's does. Nothing takes the key away */
    public function __construct(public string $model)
    {
    }

    public function apply(Page $page): Page
    {
        $scene = new Scene($page);
        try {
            $model = Settling::settle(
                $scene,
                Held::on($scene, Model::parse($page->key->model ?? '')),
                Model::parse($this->model)->only($scene->ids()),
            )->model;
        } catch (ModelRefused $refusal) {
            throw EditRefused::invalid('the key '.lcfirst($refusal->getMessage()), $refusal);
        }

        return $page->withKey(
            $model->placed === []
                ? null
                : new ModelKey($model->text(), $page->key->counts ?? self::usual($scene), $page->key->points ?? null),
        );
    }

    /** @return list<ModelAspect> what there is to count on the page */
    private static function usual(Scene $scene): array
    {
        $rows = array_filter(
            $scene->spots,
            fn (Spot $spot): bool => $spot->settle === Settle::Row || $spot->form === SpotForm::Line,
        );
        $joints = array_filter($scene->parts, fn (Part $part): bool => $part->joints !== []);

        // Arrows between cards say which leads to which; on which side of a card they end says nothing.
        $arrows = array_filter(
            $scene->parts,
            fn (Part $part): bool => $part->form === PartForm::Connector && $part->head->isOneWay(),
        );

        return [
            ...($scene->spots === [] ? [] : [ModelAspect::Spots]),
            ...($rows === [] ? [] : [ModelAspect::Order]),
            ...($joints === [] ? [] : [ModelAspect::Joints]),
            ...($joints === [] || $arrows !== [] ? [] : [ModelAspect::Ends]),
        ];
    }
}
