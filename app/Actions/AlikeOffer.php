<?php

declare(strict_types=1);

namespace App\Actions;

use OpenSlate\Packs\Role;

/** What was said of some pages, offered for others: a role, or where sections start. */
final readonly class AlikeOffer
{
    /**
     * @param  non-empty-array<int, int>  $pages  their numbers, by their ids
     * @param  Role|null  $role  null where sections are offered
     * @param  array<int, string>  $names  of those sections, by the ids of the pages
     */
    public function __construct(public array $pages, public ?Role $role, public array $names = [])
    {
    }

    /** @return array<string, mixed> the change of the arrangement that takes it */
    public function change(): array
    {
        return $this->role === null
            ? [
                'kind' => 'sections',
                'starts' => array_map(
                    fn (int $page, string $name): array => ['page' => $page, 'name' => $name],
                    array_keys($this->names),
                    array_values($this->names),
                ),
            ]
            : ['kind' => 'role', 'role' => $this->role->value, 'pages' => array_keys($this->pages)];
    }
}
