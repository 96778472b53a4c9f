<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Withers;

/** What a window wants to save: the answers that changed in it since the revision that it last saw. */
final readonly class Draft
{
    use Withers;

    public const MOST_ANSWERS = 2000;

    /** Of a drawing; other answers have limits of their own. */
    private const LONGEST = 600000;

    /**
     * @param  int  $base  the copy's revision that the window last saw
     * @param  string  $window  the browser window's own name
     * @param  array<string, string>  $answers  by place
     * @param  array<string, string>  $refused  why an answer cannot be kept, by place; the others are none the worse
     *                                          for it
     * @param  array<string, string>  $was  from what the window began each of them, where several share the copy
     * @param  int|null  $number  of the window's drafts, from 1: there one that comes again is known by it
     * @param  int|null  $by  there, the id of the student
     */
    public function __construct(
        public int $base,
        public string $window,
        public array $answers,
        public array $refused = [],
        public array $was = [],
        public ?int $number = null,
        public ?int $by = null,
    ) {
    }

    public function by(int $student): self
    {
        return $this->with(by: $student);
    }

    /**
     * @param  callable(string, string):  string  $settle what is kept, from the place and what was sent; it may throw
     *                                    AnswerRefused
     */
    public function settled(callable $settle): self
    {
        $answers = [];
        $refused = $this->refused;
        foreach ($this->answers as $key => $text) {
            try {
                $answers[$key] = $settle((string) $key, $text);
            } catch (AnswerRefused $refusal) {
                $refused[$key] = $refusal->getMessage();
            }
        }

        return $this->with(answers: $answers, refused: $refused);
    }

    /** @throws InvalidJson when it is no draft at all; an answer that cannot be kept is among those refused */
    public static function decode(mixed $value, Places $places): self
    {
        $fields = Fields::of($value);
        $base = $fields->integer('base', 0);
        $window = $fields->matching('window', '/^[a-z0-9]{4,32}$/D', 'small letters and digits');
        $number = $fields->has('number') ? $fields->integer('number', 1) : null;
        $before = $fields->has('was') ? $fields->object('was') : null;
        $answers = $refused = $was = [];
        $given = $fields->object('answers');
        if (count($given->names()) > self::MOST_ANSWERS) {
            throw $fields->wrong('answers', 'must hold at most '.self::MOST_ANSWERS);
        }
        foreach ($given->names() as $name) {
            $key = (string) $name;
            try {
                $text = $given->text($key, self::LONGEST);
                $form = ($places->find($key) ?? throw AnswerRefused::noPlace())->form;
                $answers[$key] = $form->tidy($text);
                if ($before?->has($key) === true) {
                    $was[$key] = $form->tidy($before->text($key, self::LONGEST));
                }
            } catch (AnswerRefused|InvalidJson $refusal) {
                $refused[$key] = $refusal->getMessage();
            }
        }

        $fields->nothingElse();

        return new self($base, $window, $answers, $refused, $was, $number);
    }
}
