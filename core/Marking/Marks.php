<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Judging\Verdict;

/** The marks of one copy, by place. */
final readonly class Marks
{
    private const VERSION = 1;

    private const LONGEST_WHY = 1_000_000;

    /** @param  array<string, Mark>  $marks */
    public function __construct(private array $marks)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @throws InvalidJson */
    public static function fromJson(string $json): self
    {
        $fields = Fields::parse($json);
        $fields->integer('version', self::VERSION, self::VERSION);
        $given = $fields->object('marks');
        $marks = [];
        foreach ($given->names() as $name) {
            $one = $given->object((string) $name);
            $marks[(string) $name] = new Mark(
                $one->oneOf('verdict', Verdict::class),
                Points::kept($one->integer('points', 0)),
                $one->text('why', self::LONGEST_WHY),
                $one->has('hand') && $one->flag('hand'),
            );
            $one->nothingElse();
        }
        $fields->nothingElse();

        return new self($marks);
    }

    public function toJson(): string
    {
        return json_encode(
            [
                'version' => self::VERSION,
                'marks' => (object) array_map(
                    fn (Mark $mark): array => [
                        'verdict' => $mark->verdict->value,
                        'points' => $mark->points->tenThousandths,
                        'why' => $mark->why,
                        ...($mark->byHand ? ['hand' => true] : []),
                    ],
                    $this->marks,
                ),
            ],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** What a teacher's hand marked stays, whatever the key says. */
    public function under(self $byHand): self
    {
        return new self([...$this->marks, ...array_intersect_key($byHand->marks, $this->marks)]);
    }

    /** @return array<string, Mark> */
    public function all(): array
    {
        return $this->marks;
    }

    public function find(string $place): ?Mark
    {
        return $this->marks[$place] ?? null;
    }

    public function total(): Points
    {
        return array_reduce(
            $this->marks,
            fn (Points $sum, Mark $mark): Points => $sum->plus($mark->points),
            Points::none(),
        );
    }

    /** How many places are right. */
    public function right(): int
    {
        return count(array_filter($this->marks, fn (Mark $mark): bool => $mark->verdict === Verdict::Right));
    }

    /** How many places somebody has to look at still. */
    public function waiting(): int
    {
        return count(array_filter($this->marks, fn (Mark $mark): bool => $mark->waits()));
    }
}
