<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** What a window wants to save: the answers that changed in it since the revision that it last saw. */
final readonly class Draft
{
    public const MOST_ANSWERS = 2000;

    /** Of a drawing; other answers have limits of their own. */
    private const LONGEST = 600000;

    /**
     * @param  int  $base  the copy's revision that the window last saw
     * @param  string  $window  the browser window's own name
     * @param  array<string, string>  $answers  by place
     */
    public function __construct(public int $base, public string $window, public array $answers)
    {
    }

    /** @param  callable(string, string): string  $settle  what is kept, from the place and what was sent */
    public function settled(callable $settle): self
    {
        $answers = [];
        foreach ($this->answers as $key => $text) {
            $answers[$key] = $settle((string) $key, $text);
        }

        return new self($this->base, $this->window, $answers);
    }

    /** @throws InvalidJson when it is no draft, names a place that is not there, or is too long */
    public static function decode(mixed $value, Places $places): self
    {
        $fields = Fields::of($value);
        $base = $fields->integer('base', 0);
        $window = $fields->matching('window', '/^[a-z0-9]{4,32}$/D', 'small letters and digits');
        $answers = [];
        $given = $fields->object('answers');
        if (count($given->names()) > self::MOST_ANSWERS) {
            throw $fields->wrong('answers', 'must hold at most '.self::MOST_ANSWERS);
        }
        foreach ($given->names() as $name) {
            $key = (string) $name;
            $place = $places->find($key) ?? throw $given->wrong($key, 'is no place in this copy');
            try {
                $answers[$key] = $place->form->tidy($given->text($key, self::LONGEST));
            } catch (AnswerRefused $refusal) {
                throw $given->wrong($key, $refusal->getMessage());
            }
        }

        $fields->nothingElse();

        return new self($base, $window, $answers);
    }
}
