<?php

declare(strict_types=1);

namespace OpenSlate\Handout;

use DateTimeImmutable;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Withers;

/** All of a handout that may be changed after it was handed out, as one value: so that a change can be taken back. */
final readonly class Terms
{
    use Withers;

    private const LONGEST = 100000;

    private const MOST = 100000; // students, classes and items: far more than any school has

    /**
     * @param  array<int, ClassTerms>  $classes  by class
     * @param  list<int>  $students  ids of those who have it, in order
     * @param  array<int, DateTimeImmutable>  $extended  until when single students have more time
     * @param  list<int>  $withdrawn  ids of the items that students do not have any more
     * @param  array<int, int>  $itemPoints  of items that have their own, by item
     */
    public function __construct(
        public string $title,
        public string $directions,
        public ?int $points,
        public bool $readsAloud,
        public bool $marksLate,
        public Times $times,
        public array $classes,
        public array $students,
        public array $extended = [],
        public array $withdrawn = [],
        public bool $isPutAway = false,
        public array $itemPoints = [],
        public Attempts $attempts = new Attempts,
    ) {
    }

    /** @param  DateTimeImmutable|null  $until  null takes what more time there was away */
    public function extending(int $student, ?DateTimeImmutable $until): self
    {
        $extended = $this->extended;
        unset($extended[$student]);

        return $this->with(extended: $until === null ? $extended : $extended + [$student => $until]);
    }

    public function withdrawing(int $item, bool $isWithdrawn): self
    {
        $others = array_values(array_diff($this->withdrawn, [$item]));

        return $this->with(withdrawn: $isWithdrawn ? [...$others, $item] : $others);
    }

    /** @param  list<int>  $students  who have it besides: those who joined a class since */
    public function joinedBy(array $students): self
    {
        $all = array_values(array_unique([...$this->students, ...$students]));
        sort($all);

        return $this->with(students: $all);
    }

    /** Nothing more is taken from then on, of any class and of nobody who had more time. */
    public function closingAt(DateTimeImmutable $time): self
    {
        return $this->with(
            times: $this->times->closedAt($time),
            classes: array_map(
                fn (ClassTerms $class): ClassTerms => new ClassTerms($class->whole, $class->times?->closedAt($time)),
                $this->classes,
            ),
            extended: [],
        );
    }

    public function puttingAway(bool $isPutAway): self
    {
        return $this->with(isPutAway: $isPutAway);
    }

    public function encode(): string
    {
        $classes = [];
        foreach ($this->classes as $id => $class) {
            $classes[] = [
                'id' => $id,
                'whole' => $class->whole,
                'times' => $class->times === null ? null : self::written($class->times),
            ];
        }
        $extended = [];
        foreach ($this->extended as $student => $until) {
            $extended[] = ['student' => $student, 'until' => $until->getTimestamp()];
        }

        return json_encode(
            [
                'title' => $this->title,
                'directions' => $this->directions,
                'points' => $this->points,
                'readsAloud' => $this->readsAloud,
                'marksLate' => $this->marksLate,
                'times' => self::written($this->times),
                'classes' => $classes,
                'students' => $this->students,
                'extended' => $extended,
                'withdrawn' => $this->withdrawn,
                'putAway' => $this->isPutAway,
                'itemPoints' => array_map(
                    fn (int $item, int $points): array => ['item' => $item, 'points' => $points],
                    array_keys($this->itemPoints),
                    array_values($this->itemPoints),
                ),
                'attempts' => $this->attempts->most,
                'best' => $this->attempts->best,
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @throws InvalidJson|TimesRefused */
    public static function decode(string $json): self
    {
        $terms = Fields::parse($json);
        $classes = [];
        foreach ($terms->objects('classes', self::MOST) as $class) {
            $classes[$class->integer('id', 1)] = new ClassTerms(
                $class->flag('whole'),
                $class->isNull('times') ? null : self::read($class->object('times')),
            );
        }
        $extended = [];
        foreach ($terms->objects('extended', self::MOST) as $more) {
            $extended[$more->integer('student', 1)] = new DateTimeImmutable('@'.$more->integer('until', 0));
        }

        $itemPoints = [];
        // Terms that were written before worksheets had points of their own have none.
        foreach ($terms->has('itemPoints') ? $terms->objects('itemPoints', self::MOST) : [] as $one) {
            $itemPoints[$one->integer('item', 1)] = $one->integer('points', 0);
        }

        return new self(
            $terms->text('title', self::LONGEST),
            $terms->text('directions', self::LONGEST),
            $terms->isNull('points') ? null : $terms->integer('points', 0),
            $terms->flag('readsAloud'),
            $terms->flag('marksLate'),
            self::read($terms->object('times')),
            $classes,
            $terms->integers('students', self::MOST),
            $extended,
            $terms->integers('withdrawn', self::MOST),
            $terms->flag('putAway'),
            $itemPoints,
            // Terms that were written before there were several have one.
            $terms->has('best')
                ? new Attempts(
                    $terms->isNull('attempts') ? null : $terms->integer('attempts', 1),
                    $terms->flag('best'),
                )
                : new Attempts,
        );
    }

    /** @return array<string, int|null> seconds of the Unix clock */
    private static function written(Times $times): array
    {
        return [
            'out' => $times->out?->getTimestamp(),
            'due' => $times->due?->getTimestamp(),
            'closes' => $times->closes?->getTimestamp(),
        ];
    }

    private static function read(Fields $times): Times
    {
        $at = fn (string $name): ?DateTimeImmutable => $times->isNull($name)
            ? null
            : new DateTimeImmutable('@'.$times->integer($name, 0));

        return new Times($at('out'), $at('due'), $at('closes'));
    }
}
