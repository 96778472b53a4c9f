<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\AnswerForm;

/** One place to fill in an edition. */
final readonly class Place
{
    /**
     * @param  string  $id  page number in the edition, a dot, and the place on that page: "2.k3f9", "2.k4a1.1-2"
     * @param  bool  $needed  whether the copy can be handed in only with something here
     */
    public function __construct(public string $id, public AnswerForm $form, public bool $needed = false)
    {
    }

    /** The number of the page in the edition. */
    public function page(): int
    {
        return (int) explode('.', $this->id)[0];
    }

    /** Its name on the page. */
    public function name(): string
    {
        return explode('.', $this->id, 2)[1];
    }

    public static function idOn(int $page, string $place): string
    {
        return "{$page}.{$place}";
    }
}
