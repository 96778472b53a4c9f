<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** All that a student has done on a copy, and the number of the last change. The page itself is not in it. */
final readonly class Work
{
    public const VERSION = 1;

    /**
     * @param  array<string, Answer>  $answers  by place
     * @param  int  $since  the revision from which it is a copy of its own: who last saw an older one saw another copy
     */
    private function __construct(public int $revision, private array $answers, public int $since = 0)
    {
    }

    public static function none(): self
    {
        return new self(0, []);
    }

    /** @throws InvalidJson */
    public static function fromJson(string $json): self
    {
        $fields = Fields::parse($json);
        $fields->integer('version', self::VERSION, self::VERSION);
        $revision = $fields->integer('revision', 0);
        $since = $fields->has('since') ? $fields->integer('since', 0) : 0;
        $answers = [];
        $given = $fields->object('answers');
        foreach ($given->names() as $name) {
            $answer = $given->object((string) $name);
            $answers[(string) $name] = new Answer(
                $answer->text('text', PHP_INT_MAX),
                $answer->integer('revision', 0),
                $answer->text('window', 32),
            );
            $answer->nothingElse();
        }
        $fields->nothingElse();

        return new self($revision, $answers, $since);
    }

    public function toJson(): string
    {
        return json_encode(
            [
                'version' => self::VERSION,
                'revision' => $this->revision,
                ...($this->since > 0 ? ['since' => $this->since] : []),
                'answers' => (object) array_map(
                    fn (Answer $answer): array => [
                        'text' => $answer->text,
                        'revision' => $answer->revision,
                        'window' => $answer->window,
                    ],
                    $this->answers,
                ),
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * Another copy in its place, which begins with these answers. Windows that show this one can save nothing in it.
     *
     * @param  array<string, string>  $texts  by place
     */
    public function anew(array $texts): self
    {
        $next = $this->revision + 1;

        return new self($next, array_map(fn (string $text): Answer => new Answer($text, $next, ''), $texts), $next);
    }

    public function text(string $place): string
    {
        return $this->answers[$place]->text ?? '';
    }

    /** @return array<string, string> text by place, for the places that were ever written in */
    public function texts(): array
    {
        return array_map(fn (Answer $answer): string => $answer->text, $this->answers);
    }

    public function filled(Places $places): int
    {
        $filled = fn (Place $place): int => $place->form->filled($this->text($place->id));

        return array_sum(
            array_map(fn (array $together): int => max(array_map($filled, $together)), $places->together()),
        );
    }

    /** How many places still need something before the copy can be handed in. */
    public function stillNeeded(Places $places): int
    {
        return count(
            array_filter(
                $places->all(),
                fn (Place $place): bool => $place->needed && ! $place->form->isFilled($this->text($place->id)),
            ),
        );
    }

    /**
     * Takes in a draft.
     *
     * An answer is a conflict, and stays as it is, when another window changed it after the draft's window last
     * looked, to something else. A draft sent twice, because the reply to the first was lost, changes nothing more.
     */
    public function save(Draft $draft): Saved
    {
        $next = $this->revision + 1;
        $answers = $this->answers;
        $elsewhere = $this->changedElsewhere($draft);
        $conflicts = [];
        foreach ($draft->answers as $place => $text) {
            if ($text === $this->text($place)) {
                continue;
            }
            if (isset($elsewhere[$place])) {
                $conflicts[$place] = $elsewhere[$place];
            } else {
                $answers[$place] = new Answer($text, $next, $draft->window);
            }
        }
        $work = $answers === $this->answers ? $this : new self($next, $answers, $this->since);

        return new Saved($work, $conflicts, array_diff_key($elsewhere, $draft->answers), refused: $draft->refused);
    }

    /** @return array<string, string> text by place, where another window wrote after the draft's window last looked */
    private function changedElsewhere(Draft $draft): array
    {
        return array_map(
            fn (Answer $answer): string => $answer->text,
            array_filter(
                $this->answers,
                fn (Answer $answer): bool => $answer->revision > $draft->base && $answer->window !== $draft->window,
            ),
        );
    }
}
