<?php

declare(strict_types=1);

namespace OpenSlate\Answers;

use OpenSlate\Assembly\Model;
use OpenSlate\Assembly\ModelRefused;
use OpenSlate\Json\Fields;
use OpenSlate\Judging\Judgement;
use OpenSlate\Judging\Lexicon;

/**
 * The parts of a page, as a student has put them. Where they come to rest is for the page to say: see Parts\Settling.
 */
final readonly class ModelAnswer implements AnswerForm
{
    /** The name of its place on the page: no element can have it. */
    public const PLACE = '_parts';

    /**
     * @param  int  $toPlace  how many parts have to be moved before it is filled
     * @param  bool  $each  whether each of them counts as a place, and not all of them as one
     */
    public function __construct(public int $toPlace = 1, public bool $each = false)
    {
    }

    public function kind(): AnswerKind
    {
        return AnswerKind::Model;
    }

    public static function start(AnswerKind $kind): self
    {
        return new self;
    }

    public static function decode(AnswerKind $kind, Fields $fields): self
    {
        return new self(
            $fields->has('toPlace') ? $fields->integer('toPlace', 1, PHP_INT_MAX) : 1,
            $fields->has('each') && $fields->flag('each'),
        );
    }

    public function properties(): array
    {
        return ['toPlace' => $this->toPlace, 'each' => $this->each];
    }

    /** What the parts are, and where, is read once: by the page that they settle on. */
    public function tidy(string $answer): string
    {
        return strlen($answer) > Model::LONGEST ? throw AnswerRefused::noModel(ModelRefused::noModel()) : $answer;
    }

    public function unsaved(): string
    {
        return 'The last move is not saved. Undo it, or open the page again.';
    }

    public function isFilled(string $answer): bool
    {
        return self::moved($answer) >= $this->toPlace;
    }

    public function counts(): int
    {
        return $this->each ? $this->toPlace : 1;
    }

    public function countsTogether(): bool
    {
        return false;
    }

    public function filled(string $answer): int
    {
        return min($this->counts(), $this->each ? self::moved($answer) : (int) $this->isFilled($answer));
    }

    private static function moved(string $answer): int
    {
        $model = json_decode($answer, true);

        return is_array($model) ? count(array_diff_key($model, ['near' => 1, 'moved' => 1])) : 0;
    }

    public function read(string $answer): string
    {
        return '';
    }

    public function key(array $answers): array
    {
        return array_values(
            array_filter(
                array_map(fn (string $answer): string => $this->tidy($answer), $answers),
                fn (string $answer): bool => $answer !== '',
            ),
        );
    }

    /** Its key is the page's: see Marking\Marking. */
    public function judge(array $key, string $answer, Lexicon $words): Judgement
    {
        return Judgement::unjudged('no key');
    }

    public function keyWords(array $key): string
    {
        return '';
    }

    public function likeness(string $answer): string
    {
        return $answer;
    }

    /** Each part is where it was last moved to. */
    public function merged(string $was, string $theirs, string $mine): ?string
    {
        try {
            return Model::parse($theirs)->taking(Model::parse($was), Model::parse($mine))->text();
        } catch (ModelRefused) {
            return null;
        }
    }
}
