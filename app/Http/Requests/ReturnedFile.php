<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A PDF that came back, as a teacher has looked at it. */
final readonly class ReturnedFile
{
    /**
     * @param  int  $copy  whose it is; 0 where nobody has said
     * @param  int  $shown  as whose it was looked at
     * @param  array<string, string>  $values  of its fields
     * @param  array<string, array{string, string}>  $answers  those that are to be taken, by place: what stood there,
     *                                                          and what is to stand there
     */
    public function __construct(
        public string $name,
        public int $copy,
        public int $shown,
        public array $values,
        public array $answers,
    ) {
    }
}
