<?php

declare(strict_types=1);

namespace OpenSlate\Marking;

use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Place;
use OpenSlate\Copies\Places;
use OpenSlate\Copies\Work;
use OpenSlate\Format\ElementCodec;
use OpenSlate\Format\PageCodec;
use OpenSlate\Json\Fields;
use OpenSlate\Json\InvalidJson;
use OpenSlate\Judging\Lexicon;
use OpenSlate\Judging\Verdict;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\Size;

/**
 * An answer and its key by themselves, for trying how a key is read.
 *
 * What is answered is an element of the page format, of which only what says its form and its key is needed, or a whole
 * page with parts. What is given is the answer as a copy keeps it; for the cells of a table, or several boxes, an
 * object
 * of them by the name of the place ("1-2").
 */
final readonly class MarkingCase
{
    private const LONGEST_ID = 200;

    /** What an element needs besides. */
    private const ELEMENT = [
        'id' => 'a',
        'kind' => 'box',
        'x' => 0,
        'y' => 0,
        'width' => 100,
        'height' => 20,
        'prompt' => '',
        'size' => 12,
        'cover' => false,
        'outline' => true,
    ];

    private function __construct(public string $id, private Scheme $scheme, private Work $work)
    {
    }

    /** @throws InvalidJson */
    public static function decode(Fields $case): self
    {
        $number = $case->all()['id'] ?? null;
        $id = is_int($number) ? (string) $case->integer('id', PHP_INT_MIN) : $case->text('id', self::LONGEST_ID);
        $page = self::page($case->object('answer'));
        $work = Work::none()->save(new Draft(0, 'case', self::answers($case, Places::of([$page]))))->work;
        $case->nothingElse();

        return new self($id, Scheme::of([$page]), $work);
    }

    /** @return array{id: string, verdict: string, points: float, why: string} */
    public function marked(?Lexicon $dictionary): array
    {
        $marks = (new KeyMarking($this->scheme, $dictionary))->of($this->work);
        $all = $marks->all();
        $verdicts = array_map(fn (Mark $mark): Verdict => $mark->verdict, $all);

        return [
            'id' => $this->id,
            'verdict' => match (true) {
                $all === [] || in_array(Verdict::Unjudged, $verdicts, true) => Verdict::Unjudged->value,
                ! in_array(
                    false,
                    array_map(fn (Verdict $one): bool => $one === Verdict::Right, $verdicts),
                    true,
                ) => Verdict::Right->value,
                $marks->total()->isNone() => Verdict::Wrong->value,
                default => Verdict::Part->value,
            },
            'points' => $marks->total()->number(),
            'why' => $all === [] ? 'no key' : implode('; ', array_unique(array_map(
                fn (Mark $mark): string => $mark->why,
                $all,
            ))),
        ];
    }

    /** @throws InvalidJson */
    private static function page(Fields $answer): Page
    {
        if ($answer->has('elements')) {
            return PageCodec::decode(json_encode($answer->all(), JSON_THROW_ON_ERROR));
        }
        $element = ElementCodec::decode(Fields::of($answer->all() + self::ELEMENT, '$.answer'));

        return (new Page(Size::of(595.0, 842.0), Colour::white()))->withElements([$element]);
    }

    /**
     * @return array<string, string> by place
     *
     * @throws InvalidJson
     */
    private static function answers(Fields $case, Places $places): array
    {
        $all = $places->all();
        if ($all === []) {
            throw $case->wrong('answer', 'has no place to answer');
        }
        $parts = $places->find(Place::idOn(1, ModelAnswer::PLACE));
        $raw = $case->all()['given'] ?? null;
        $given = match (true) {
            is_array($raw) => $case->object('given')->all(),
            is_int($raw), is_float($raw) => [
                ($parts ?? $all[0])->id => $case->number('given', -PHP_FLOAT_MAX, PHP_FLOAT_MAX),
            ],
            default => [($parts ?? $all[0])->id => $case->text('given', PHP_INT_MAX)],
        };
        $answers = [];
        foreach ($given as $name => $text) {
            $place = self::named((string) $name, $places) ?? throw $case->wrong('given', "has no place {$name}");
            $text = match (true) {
                is_string($text) => $text,
                is_int($text), is_float($text) => (string) $text,
                default => throw $case->wrong('given', 'must be text'),
            };
            try {
                $answers[$place->id] = $place->form->tidy($text);
            } catch (AnswerRefused $refusal) {
                throw $case->wrong('given', $refusal);
            }
        }

        return $answers;
    }

    private static function named(string $name, Places $places): ?Place
    {
        foreach ($places->all() as $place) {
            if ($place->id === $name || str_ends_with($place->id, ".{$name}")) {
                return $place;
            }
        }

        return null;
    }
}
