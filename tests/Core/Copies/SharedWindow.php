<?php

declare(strict_types=1);

namespace Tests\Core\Copies;

use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Saved;
use OpenSlate\Copies\Work;
use Random\Randomizer;

/** A browser window at a copy that several share, as resources/js/copy/copy-work.js is one, with a bad network. */
final class SharedWindow
{
    /** @var list<string> all that was typed here */
    public array $words = [];

    /** @var array<string, string> what the page shows */
    private array $fields = ['1.a' => '', '1.c' => ''];

    /** @var array<string, string> from what each was begun: the server has seen it */
    private array $was = ['1.a' => '', '1.c' => ''];

    private int $revision = 0;

    private int $number = 0;

    /** What is on its way, and may have arrived. */
    private ?Draft $sent = null;

    /** @var array{string, int}|null the word that is being typed: where, and how much of it is there */
    private ?array $typing = null;

    public function __construct(private string $name, private int $who, private Randomizer $chance)
    {
    }

    public function field(string $place): string
    {
        return $this->fields[$place];
    }

    public function act(Work $server, Places $places): Work
    {
        $does = $this->chance->getInt(0, 9);
        if ($does < 6) {
            $this->type();

            return $server;
        }
        if ($does < 9) {
            return $this->send($server, $places, $this->chance->getInt(0, 3) > 0);
        }
        $this->look($server);

        return $server;
    }

    public function finish(Work $server, Places $places): Work
    {
        while ($this->typing !== null) {
            $this->type();
        }
        $server = $this->send($server, $places, true);
        $server = $this->send($server, $places, true);
        $this->look($server);

        return $server;
    }

    /** A letter of a word; or the first of a new one, before or after any other. */
    private function type(): void
    {
        if ($this->typing !== null) {
            [$place, $length] = $this->typing;
            $word = end($this->words);
            $so = mb_substr($word, 0, $length);
            // Others' words may have come before it meanwhile.
            $longer = mb_substr($word, 0, $length + 1);
            $this->fields[$place] = preg_replace("/(?<!\\S){$so}(?!\\S)/u", $longer, $this->fields[$place]);
            $this->typing = $length + 1 < mb_strlen($word) ? [$place, $length + 1] : null;

            return;
        }
        $place = $this->chance->getInt(0, 1) === 0 ? '1.a' : '1.c';
        // Each begins with a letter of its own: that a word half typed is like another, and one stands twice, nobody
        // would call a loss, and it could not be told from one here.
        $word = mb_chr(0x4E00 + 100 * $this->who + count($this->words)).'tide';
        $this->words[] = $word;
        $there = preg_split('/(?=\s)/', $this->fields[$place], -1, PREG_SPLIT_NO_EMPTY);
        $at = $this->chance->getInt(0, count($there));
        [$before, $after] = [$at > 0 ? ' ' : '', $at === 0 && $there !== [] ? ' ' : ''];
        array_splice($there, $at, 0, [$before.mb_substr($word, 0, 1).$after]);
        $this->fields[$place] = implode('', $there);
        $this->typing = [$place, 1];
    }

    private function send(Work $server, Places $places, bool $isHeard): Work
    {
        $pending = array_filter(
            $this->fields,
            fn (string $text, string $place): bool => $text !== $this->was[$place],
            ARRAY_FILTER_USE_BOTH,
        );
        if ($this->sent === null && $pending === []) {
            return $server;
        }
        $this->sent ??= new Draft(
            $this->revision,
            $this->name,
            $pending,
            was: array_intersect_key($this->was, $pending),
            number: ++$this->number,
            by: $this->who,
        );
        // The request may be lost, or its reply.
        if (! $isHeard && $this->chance->getInt(0, 1) === 0) {
            return $server;
        }
        $saved = $server->merge($this->sent, $places);
        if ($isHeard) {
            $this->heard($saved);
        }

        return Work::fromJson($saved->work->toJson());
    }

    private function heard(Saved $saved): void
    {
        foreach ($this->sent->answers ?? [] as $place => $text) {
            $isStill = $this->fields[$place] === $text;
            $this->was[$place] = $isStill ? $saved->merged[$place] ?? $text : $text;
            if ($isStill) {
                $this->fields[$place] = $this->was[$place];
            }
        }
        foreach ($saved->newer as $place => $text) {
            $this->put($place, $text);
        }
        $this->revision = $saved->work->revision;
        $this->sent = null;
    }

    private function look(Work $server): void
    {
        if ($this->sent !== null) {
            return;
        }
        foreach ($server->news($this->revision, $this->name) as $place => $answer) {
            $this->put($place, $answer->text);
        }
        $this->revision = $server->revision;
    }

    /** Where something else is typed by now, it comes with the reply to that. */
    private function put(string $place, string $text): void
    {
        if ($this->fields[$place] === $this->was[$place]) {
            $this->fields[$place] = $this->was[$place] = $text;
        }
    }
}
