<?php

declare(strict_types=1);

namespace OpenSlate\Copies;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** All that a student has done on a copy, and the number of the last change. The page itself is not in it. */
final readonly class Work
{
    public const VERSION = 1;

    /** Of so many windows the number of the last draft is known: those that wrote last. */
    private const MOST_WINDOWS = 60;

    /**
     * @param  array<string, Answer>  $answers  by place
     * @param  int  $since  the revision from which it is a copy of its own: who last saw an older one saw another copy
     * @param  array<array-key, int>  $heard  of a shared one, the number of the last draft by window, the latest last
     */
    private function __construct(
        public int $revision,
        private array $answers,
        public int $since = 0,
        private array $heard = [],
    ) {
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
                $answer->has('by') ? $answer->integer('by', 1) : null,
            );
            $answer->nothingElse();
        }
        $heard = [];
        if ($fields->has('heard')) {
            $windows = $fields->object('heard');
            foreach ($windows->names() as $name) {
                $heard[$name] = $windows->integer((string) $name, 1);
            }
        }
        $fields->nothingElse();

        return new self($revision, $answers, $since, $heard);
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
                        ...($answer->by === null ? [] : ['by' => $answer->by]),
                    ],
                    $this->answers,
                ),
                ...($this->heard === [] ? [] : ['heard' => (object) $this->heard]),
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

    /** @return array<string, int> the student who wrote it last, by place, where several share the copy */
    public function writers(): array
    {
        return array_filter(array_map(fn (Answer $answer): ?int => $answer->by, $this->answers));
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
        $work = $answers === $this->answers ? $this : new self($next, $answers, $this->since, $this->heard);

        return new Saved($work, $conflicts, array_diff_key($elsewhere, $draft->answers), refused: $draft->refused);
    }

    /**
     * Takes in a draft of one of those who share it.
     *
     * What somebody else made of an answer meanwhile is put together with the draft's. Only where one of them alone can
     * stand it is a conflict. A draft that comes again, because the reply to it was lost, changes nothing more.
     */
    public function merge(Draft $draft, Places $places): Saved
    {
        $next = $this->revision + 1;
        $answers = $this->answers;
        $conflicts = [];
        $elsewhere = $this->changedElsewhere($draft);
        $isNew = $draft->number === null || $draft->number > ($this->heard[$draft->window] ?? 0);
        foreach ($isNew ? $draft->answers : [] as $place => $text) {
            $now = $this->text($place);
            // A window that does not say from what it began has seen what was there when it last looked.
            $was = $draft->was[$place] ?? (isset($elsewhere[$place]) ? null : $now);
            $both = match (true) {
                $text === $now, $text === $was => $now,
                $was === null => null,
                $now === $was => $text,
                default => $places->find($place)?->form->merged($was, $now, $text),
            };
            if ($both === null) {
                $conflicts[$place] = $now;
            } elseif ($both !== $now) {
                $answers[$place] = new Answer($both, $next, $draft->window, $draft->by);
            }
        }
        $work = $answers === $this->answers
            ? $this->hearing($draft)
            : (new self($next, $answers, $this->since, $this->heard))->hearing($draft);
        $merged = array_filter(
            array_intersect_key($work->texts() + array_fill_keys(array_keys($draft->answers), ''), $draft->answers),
            fn (string $text, string $place): bool => $text !== $draft->answers[$place] && ! isset($conflicts[$place]),
            ARRAY_FILTER_USE_BOTH,
        );

        return new Saved(
            $work,
            $conflicts,
            array_diff_key($elsewhere, $draft->answers),
            refused: $draft->refused,
            merged: $merged,
        );
    }

    private function hearing(Draft $draft): self
    {
        if ($draft->number === null || $draft->number <= ($this->heard[$draft->window] ?? 0)) {
            return $this;
        }
        $heard = $this->heard;
        unset($heard[$draft->window]);
        $heard[$draft->window] = $draft->number;

        // Names of digits alone are numbers to PHP, which array_slice would count anew.
        $latest = array_slice($heard, -self::MOST_WINDOWS, preserve_keys: true);

        return new self($this->revision, $this->answers, $this->since, $latest);
    }

    /**
     * What has changed in it since a window last looked, but for what that window itself wrote.
     *
     * @return array<string, Answer> by place
     */
    public function news(int $seen, string $window): array
    {
        return array_filter(
            $this->answers,
            fn (Answer $answer): bool => $answer->revision > $seen && $answer->window !== $window,
        );
    }

    /** @return array<string, string> text by place, where another window wrote after the draft's window last looked */
    private function changedElsewhere(Draft $draft): array
    {
        return array_map(
            fn (Answer $answer): string => $answer->text,
            $this->news($draft->base, $draft->window),
        );
    }
}
