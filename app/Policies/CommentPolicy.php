<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Comment;
use App\Models\Student;
use App\Models\Teacher;

/** What was said aloud is for the teachers who may watch the copy, and for its student once it is handed back. */
final class CommentPolicy
{
    public function __construct(private CopyPolicy $copies)
    {
    }

    public function hear(Teacher|Student $user, Comment $comment): bool
    {
        return $user instanceof Teacher
            ? $this->copies->watch($user, $comment->copy)
            : $comment->copy->isReturned() && $this->copies->work($user, $comment->copy);
    }
}
