<?php

declare(strict_types=1);

namespace App\Access;

/** Whom somebody says to be who is not signed in yet. */
final readonly class Account
{
    private function __construct(public string $name)
    {
    }

    public static function ofStudent(int $id): self
    {
        return new self("s{$id}");
    }

    /** Of a teacher whose password was right. */
    public static function ofSecondFactor(int $id): self
    {
        return new self("f{$id}");
    }

    /** Of whatever address was typed, whether it is anybody's or not. */
    public static function ofTeacher(string $email): self
    {
        return new self('t'.substr(hash('sha256', mb_strtolower(trim($email))), 0, 40));
    }
}
