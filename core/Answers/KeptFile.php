<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

/** Of answers that are a file, by the SHA-256 under which it is kept. */
trait KeptFile
{
    use Perceived;
    use StandsAlone;

    public function tidy(string $answer): string
    {
        return preg_match('/^(?:[0-9a-f]{64})?$/D', $answer) === 1 ? $answer : throw AnswerRefused::noFile();
    }
}
