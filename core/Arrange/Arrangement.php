<?php

declare(strict_types=1);

namespace OpenSlate\Arrange;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Packs\PackPage;
use OpenSlate\Packs\Role;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionsCodec;

/** The pages of a worksheet in their order. Every change makes a new one, so that each can be undone. */
final readonly class Arrangement
{
    public const MOST_PAGES = 600;

    /** The reason of a role that somebody gave a page. */
    public const TEACHERS_WORD = 'you said so';

    /** @param  list<ArrangedPage>  $pages */
    public function __construct(public array $pages)
    {
    }

    /** @return list<int> */
    public function ids(): array
    {
        return array_map(fn (ArrangedPage $page): int => $page->id, $this->pages);
    }

    public function isSameAs(self $other): bool
    {
        // Written down: by == a page without questions is one whose questions nobody has mended.
        return $this->encode() === $other->encode();
    }

    /**
     * Whether both have the same pages, in the same order, with the same on them; roles and sections may differ.
     */
    public function samePages(self $other): bool
    {
        $made = fn (self $of): array => array_map(
            fn (ArrangedPage $page): array => [$page->id, $page->revision],
            $of->pages,
        );

        return $made($this) === $made($other);
    }

    /**
     * Moves pages, in the order they have, before another; before nothing is to the end.
     *
     * @param  list<int>  $ids
     *
     * @throws ArrangementRefused
     */
    public function moved(array $ids, ?int $before): self
    {
        $moving = $this->chosen($ids);
        $place = $before;
        // Pages that are dropped on one of themselves stay where that one stands: before the next that does not move.
        if (in_array($before, $ids, true)) {
            $place = null;
            foreach (array_slice($this->ids(), (int) array_search($before, $this->ids(), true)) as $id) {
                if (! in_array($id, $ids, true)) {
                    $place = $id;
                    break;
                }
            }
        }

        return $this->only(fn (ArrangedPage $page): bool => ! in_array($page->id, $ids, true))->with($moving, $place);
    }

    /**
     * Takes pages out. The last page stays: a worksheet without pages is for the bin.
     *
     * @param  list<int>  $ids
     *
     * @throws ArrangementRefused
     */
    public function without(array $ids): self
    {
        $this->chosen($ids);
        $left = $this->only(fn (ArrangedPage $page): bool => ! in_array($page->id, $ids, true));

        return $left->pages === [] ? throw ArrangementRefused::noPageLeft() : $left->untied($ids);
    }

    /**
     * Puts new pages before another; before nothing, or before a page that is gone, is at the end. Never over what is
     * there.
     *
     * @param  list<ArrangedPage>  $pages
     *
     * @throws ArrangementRefused
     */
    public function with(array $pages, ?int $before): self
    {
        if (count($this->pages) + count($pages) > self::MOST_PAGES) {
            throw ArrangementRefused::tooMany();
        }
        $at = $before === null ? false : array_search($before, $this->ids(), true);
        $all = $this->pages;
        array_splice($all, $at === false ? count($all) : (int) $at, 0, $pages);

        return new self($all);
    }

    /**
     * Notes that pages have something else on them now.
     *
     * @param  array<int, int>  $revisions  by page id
     */
    public function revised(array $revisions): self
    {
        return $this->each(
            fn (ArrangedPage $page): ArrangedPage => isset($revisions[$page->id])
                ? $page->at($revisions[$page->id])
                : $page,
        );
    }

    /**
     * Takes the teacher's word for what pages are for. A page that is now for students goes on the section before it.
     *
     * @param  list<int>  $ids
     *
     * @throws ArrangementRefused
     */
    public function roles(array $ids, Role $role): self
    {
        $this->chosen($ids);
        $section = null;
        $pages = [];
        foreach ($this->pages as $page) {
            if (in_array($page->id, $ids, true)) {
                $page = $page->as(
                    $role,
                    self::TEACHERS_WORD,
                    $page->section ?? ($role === Role::Student ? $section : null),
                );
            }
            $section = $page->role === Role::Student ? $page->section : $section;
            $pages[] = $role !== Role::Key && in_array($page->id, $ids, true) ? $page->answering([]) : $page;
        }

        return new self($pages);
    }

    /** @throws ArrangementRefused */
    public function sectionStarted(int $id, string $label): self
    {
        return $this->inSections(Sectioning::startedAt($this->packPages(), $this->number($id), $label));
    }

    /**
     * Starts several sections, each at a page.
     *
     * @param  array<int, string>  $names  by the ids of the pages
     *
     * @throws ArrangementRefused
     */
    public function sectionsStarted(array $names): self
    {
        $next = $this;
        foreach ($names as $id => $name) {
            $next = $next->sectionStarted($id, $name);
        }

        return $next;
    }

    /** @throws ArrangementRefused */
    public function sectionJoined(int $id): self
    {
        return $this->inSections(Sectioning::joinedAt($this->packPages(), $this->number($id)));
    }

    /**
     * Moves the start of the section that starts at one page to another page.
     *
     * @throws ArrangementRefused
     */
    public function boundaryMoved(int $from, int $to): self
    {
        return $this->inSections(
            Sectioning::boundaryMoved($this->packPages(), $this->number($from), $this->number($to)),
        );
    }

    /**
     * Takes the teacher's word for which questions a page has.
     *
     * @param  list<Question>|null  $questions  on its print; null for those that were found
     *
     * @throws ArrangementRefused
     */
    public function asked(int $id, ?array $questions): self
    {
        $this->chosen([$id]);

        return $this->each(
            fn (ArrangedPage $page): ArrangedPage => $page->id === $id ? $page->asking($questions) : $page,
        );
    }

    /**
     * Ties keys to the pages they answer.
     *
     * @param  list<int>  $keys
     * @param  list<int>  $answered
     *
     * @throws ArrangementRefused
     */
    public function tied(array $keys, array $answered): self
    {
        foreach ($this->chosen($keys) as $key) {
            if ($key->role !== Role::Key) {
                throw ArrangementRefused::notAKey($this->number($key->id));
            }
        }
        $answered = array_values(array_intersect($this->ids(), array_diff($answered, $keys)));

        return $this->each(
            fn (ArrangedPage $page): ArrangedPage => in_array($page->id, $keys, true)
                ? $page->answering($answered)
                : $page,
        );
    }

    /** @return list<PackPage> */
    public function packPages(): array
    {
        return array_map(
            fn (ArrangedPage $page, int $index): PackPage => new PackPage($index + 1, $page->role, $page->section),
            $this->pages,
            array_keys($this->pages),
        );
    }

    public function encode(): string
    {
        return json_encode(
            array_map(
                fn (ArrangedPage $page): array => [
                    'page' => $page->id,
                    'revision' => $page->revision,
                    'role' => $page->role->value,
                    'reason' => $page->reason,
                    'section' => $page->section,
                    'answers' => $page->answers,
                    'confidence' => $page->confidence,
                    'questions' => $page->questions === null ? null : QuestionsCodec::encode($page->questions),
                ],
                $this->pages,
            ),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @throws InvalidJson */
    public static function decode(string $json): self
    {
        $pages = Fields::parse('{"pages":'.$json.'}')->objects('pages', self::MOST_PAGES);

        return new self(
            array_map(
                fn (Fields $page): ArrangedPage => new ArrangedPage(
                    $page->integer('page', 1),
                    $page->integer('revision', 1),
                    $page->oneOf('role', Role::class),
                    $page->text('reason', 250),
                    $page->isNull('section') ? null : $page->text('section', 80),
                    $page->integers('answers', self::MOST_PAGES),
                    // Arrangements that were written before these were kept have none.
                    $page->isGiven('confidence') ? $page->number('confidence', 0, 1) : 1.0,
                    $page->isGiven('questions')
                        ? QuestionsCodec::decode($page->text('questions', QuestionsCodec::LONGEST))
                        : null,
                ),
                $pages,
            ),
        );
    }

    /**
     * @param  list<int>  $ids
     * @return non-empty-list<ArrangedPage> in order
     *
     * @throws ArrangementRefused when there is none, or one is not here
     */
    private function chosen(array $ids): array
    {
        $found = $this->only(fn (ArrangedPage $page): bool => in_array($page->id, $ids, true))->pages;

        return $ids === []
            ? throw ArrangementRefused::nothingChosen()
            : (count($found) < count(array_unique($ids)) || $found === []
                ? throw ArrangementRefused::missing()
                : $found);
    }

    /** @throws ArrangementRefused */
    private function number(int $id): int
    {
        $at = array_search($id, $this->ids(), true);

        return $at === false ? throw ArrangementRefused::missing() : (int) $at + 1;
    }

    /** @param  callable(ArrangedPage): bool  $keep */
    private function only(callable $keep): self
    {
        return new self(array_values(array_filter($this->pages, $keep)));
    }

    /** @param  callable(ArrangedPage): ArrangedPage  $change */
    private function each(callable $change): self
    {
        return new self(array_map($change, $this->pages));
    }

    /** @param  list<int>  $ids */
    private function untied(array $ids): self
    {
        return $this->each(
            fn (ArrangedPage $page): ArrangedPage => $page->answering(array_values(array_diff($page->answers, $ids))),
        );
    }

    /** @param  array<int, string|null>  $sections  by number */
    private function inSections(array $sections): self
    {
        $pages = [];
        foreach ($this->pages as $index => $page) {
            $pages[] = $page->in($sections[$index + 1]);
        }

        return new self($pages);
    }
}
