<?php

declare(strict_types=1);

namespace OpenSlate\Edit\Elements;

use OpenSlate\Edit\Edit;
use OpenSlate\Edit\EditRefused;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\Element;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Page\Page;

/** Gives elements the looks of another, as far as they have such looks. */
final readonly class CopyStyle implements Edit
{
    private const LOOKS = [
        'size',
        'font',
        'align',
        'cover',
        'outline',
        'bold',
        'highlight',
        'colour',
        'weight',
        'fill',
        'opacity',
        'dashed',
        'fit',
    ];

    /** @param  string  $from  id of the element whose looks they are */
    public function __construct(public string $from, public Selection $selection)
    {
    }

    public function apply(Page $page): Page
    {
        $model = $page->element($this->from) ?? throw EditRefused::missing();
        $looks = array_intersect_key(ElementCodec::properties($model), array_flip(self::LOOKS));

        return $this->selection->change($page, function (Element $element) use ($looks): Element {
            try {
                return ElementCodec::changed($element, $looks);
            } catch (InvalidJson $problem) {
                throw EditRefused::invalid($problem->getMessage(), $problem);
            }
        });
    }
}
