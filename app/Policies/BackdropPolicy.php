<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Backdrop;
use App\Models\Student;
use App\Models\Teacher;
use OpenSlate\Page\PageFile;

/**
 * The picture of a whole printed page is for teachers who were given it, or are shown it. Students get theirs by
 * SheetController.
 */
final class BackdropPolicy
{
    public function __construct(private GivenFiles $given)
    {
    }

    public function view(Teacher|Student $user, Backdrop $backdrop): bool
    {
        return $user instanceof Teacher && $this->given->to($user, new PageFile($backdrop->source, $backdrop->page));
    }
}
