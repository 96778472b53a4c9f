<?php

declare(strict_types=1);

namespace OpenSlate\Boards;

use OpenSlate\Arrange\Arrangement;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;

/** What students may choose from: a title, options, and the places on the page that some of them stand in. */
final readonly class ChoiceBoard
{
    public const FEWEST = 2;

    public const MOST = 12;

    public const LONGEST_TITLE = 120;

    public const LONGEST_DIRECTIONS = 300;

    private const MOST_OPTIONS = 100;

    /**
     * @param  list<ChoiceOption>  $options  those on the board, and those kept beside it
     * @param  list<string|null>  $places  the id of the option in each place; no option stands in two
     *
     * @throws BoardRefused when there are too few places or too many
     */
    public function __construct(
        public string $title,
        public string $directions,
        public array $options,
        public array $places,
    ) {
        if (count($places) < self::FEWEST || count($places) > self::MOST) {
            throw BoardRefused::places();
        }
    }

    /** @return list<ChoiceOption|null> the option in each place */
    public function placed(): array
    {
        $byId = array_column(
            array_map(fn (ChoiceOption $option): array => [$option->id, $option], $this->options),
            1,
            0,
        );

        return array_map(fn (?string $id): ?ChoiceOption => $id === null ? null : $byId[$id] ?? null, $this->places);
    }

    /** @return list<int> ids of the pages of what is on the board, each once, in the order of the places */
    public function pages(): array
    {
        return array_values(
            array_unique(
                array_merge(
                    [],
                    ...array_map(fn (?ChoiceOption $option): array => $option->pages ?? [], $this->placed()),
                ),
            ),
        );
    }

    /** @return list<int> ids of the pages of every option, on the board or not */
    public function allPages(): array
    {
        return array_values(
            array_unique(
                array_merge([], ...array_map(fn (ChoiceOption $option): array => $option->pages, $this->options)),
            ),
        );
    }

    /** @return list<int> ids of the worksheets from which options come, but for the one that the board is made from */
    public function others(): array
    {
        return array_values(
            array_unique(array_filter(array_map(fn (ChoiceOption $option): ?int => $option->of, $this->options))),
        );
    }

    /** From how many worksheets, but for that from which it is made, the options on the board come. */
    public function placedOthers(): int
    {
        return count(
            array_unique(array_filter(array_map(fn (?ChoiceOption $option): ?int => $option?->of, $this->placed()))),
        );
    }

    /**
     * Whether it can be given to students.
     *
     * @throws BoardRefused when not, saying why
     */
    public function check(): void
    {
        $placed = array_filter($this->placed());
        if (trim($this->title) === '') {
            throw BoardRefused::noTitle();
        }
        foreach ($placed as $option) {
            if (trim($option->name) === '') {
                throw BoardRefused::noName();
            }
            if ($option->pages === []) {
                throw BoardRefused::noPages($option->name);
            }
        }
        if (count($placed) < self::FEWEST) {
            throw BoardRefused::tooFew();
        }
    }

    public function encode(): string
    {
        return json_encode(
            [
                'title' => $this->title,
                'directions' => $this->directions,
                'options' => array_map(
                    fn (ChoiceOption $option): array => [
                        'id' => $option->id,
                        'name' => $option->name,
                        'line' => $option->line,
                        'pages' => $option->pages,
                        'of' => $option->of,
                    ],
                    $this->options,
                ),
                'places' => array_map(fn (?string $id): string => $id ?? '', $this->places),
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @throws InvalidJson|BoardRefused */
    public static function decode(string $json): self
    {
        $board = Fields::parse($json);

        return new self(
            $board->text('title', self::LONGEST_TITLE),
            $board->text('directions', self::LONGEST_DIRECTIONS),
            array_map(
                fn (Fields $option): ChoiceOption => new ChoiceOption(
                    $option->matching('id', '/^[a-z0-9]{1,16}$/D', 'small letters and digits'),
                    $option->text('name', ChoiceOption::LONGEST_NAME),
                    $option->text('line', ChoiceOption::LONGEST_LINE),
                    $option->integers('pages', Arrangement::MOST_PAGES),
                    $option->isGiven('of') ? $option->integer('of', 1) : null,
                ),
                $board->objects('options', self::MOST_OPTIONS),
            ),
            array_map(fn (string $id): ?string => $id === '' ? null : $id, $board->texts('places', self::MOST)),
        );
    }
}
