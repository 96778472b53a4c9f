<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Worksheet;
use Illuminate\Support\Facades\DB;
use OpenSlate\Trim\Role;

/** Takes the teacher's word for what pages are for. A page that is now for students goes on the section before it. */
final class SetRoles
{
    /** @param  list<int>  $numbers  page numbers */
    public function __invoke(Worksheet $worksheet, array $numbers, Role $role): void
    {
        DB::transaction(function () use ($worksheet, $numbers, $role): void {
            $section = null;
            foreach ($worksheet->pages()->lockForUpdate()->get() as $page) {
                if (in_array($page->position, $numbers, true)) {
                    $page->fill([
                        'role' => $role,
                        'role_reason' => 'you said so',
                        'section' => $page->section ?? ($role === Role::Student ? $section : null),
                    ])->save();
                }
                $section = $page->role === Role::Student ? $page->section : $section;
            }
        });
    }
}
