<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Page\AnswerForm;

/** One place to fill in an edition. */
final readonly class Place
{
    /** @param  string  $key  page number in the edition, a dot, and the element's id: "2.k3f9" */
    public function __construct(public string $key, public AnswerForm $form)
    {
    }

    public static function key(int $page, string $element): string
    {
        return "{$page}.{$element}";
    }
}
