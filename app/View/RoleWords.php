<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Packs\Role;

/** What a page is for, in words, and the key that says so. */
final class RoleWords
{
    public static function of(Role $role): string
    {
        return match ($role) {
            Role::Student => 'for students',
            Role::Key => 'answer key',
            Role::Guide => 'teacher guide',
            Role::Cover => 'cover',
            Role::Contents => 'contents',
            Role::Terms => 'terms of use',
            Role::Credits => 'credits',
            Role::Blank => 'empty',
            Role::Unknown => 'not sure',
        };
    }

    /** As it is said while nobody has looked and little tells. */
    public static function likely(Role $role): string
    {
        return $role === Role::Unknown ? self::of($role) : 'likely '.self::of($role);
    }

    public static function key(Role $role): string
    {
        return match ($role) {
            Role::Student => 'S',
            Role::Key => 'K',
            Role::Guide => 'G',
            Role::Cover => 'C',
            Role::Contents => 'N',
            Role::Terms => 'T',
            Role::Credits => 'R',
            Role::Blank => 'E',
            Role::Unknown => 'U',
        };
    }
}
