<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** One place where two texts differ. */
final readonly class TextChange
{
    /**
     * @param  int  $before  where it begins in the first text, in characters
     * @param  int  $after  where it begins in the second text, in characters
     * @param  string  $from  what the first text has there; empty where something was put in
     * @param  string  $to  what the second text has there; empty where something was left out
     */
    public function __construct(
        public MistakeKind $kind,
        public int $before,
        public int $after,
        public string $from,
        public string $to,
    ) {
    }
}
