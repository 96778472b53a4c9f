<?php

declare(strict_types=1);

namespace Tests\Support;

use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Marks;
use OpenSlate\Blanks\Rule;
use OpenSlate\Blanks\Shade;
use OpenSlate\Geometry\Frame;
use OpenSlate\Paper\Size;
use OpenSlate\Text\TextLine;
use OpenSlate\Text\Word;

/** A page of 600 by 800 points on which a test prints, mark by mark, what blanks are to be told from. */
final class PrintedSheet
{
    /** @var list<Rule> */
    private array $rules = [];

    /** @var list<Shade> */
    private array $shades = [];

    /** @var list<Frame> */
    private array $rings = [];

    /** @var list<Frame> */
    private array $drawings = [];

    /** @var list<TextLine> */
    private array $lines = [];

    public function across(float $y, float $from, float $to, float $weight = 1.0, bool $dashed = false): self
    {
        $this->rules[] = new Rule(true, $y, $from, $to, $weight, $dashed);

        return $this;
    }

    public function down(float $x, float $from, float $to, bool $dashed = false): self
    {
        $this->rules[] = new Rule(false, $x, $from, $to, dashed: $dashed);

        return $this;
    }

    public function box(float $x, float $y, float $width, float $height): self
    {
        return $this->grid($x, $y, [$width], [$height]);
    }

    /**
     * @param  list<float>  $columns  how wide each is
     * @param  list<float>  $rows  how high each is
     */
    public function grid(float $x, float $y, array $columns, array $rows): self
    {
        [$wide, $high] = [array_sum($columns), array_sum($rows)];
        for ($row = 0; $row <= count($rows); $row++) {
            $this->across($y + array_sum(array_slice($rows, 0, $row)), $x, $x + $wide);
        }
        for ($column = 0; $column <= count($columns); $column++) {
            $this->down($x + array_sum(array_slice($columns, 0, $column)), $y, $y + $high);
        }

        return $this;
    }

    public function shade(float $x, float $y, float $width, float $height, float $lightness): self
    {
        $this->shades[] = new Shade(Frame::of($x, $y, $width, $height), $lightness);

        return $this;
    }

    public function ring(float $x, float $y, float $width, float $height): self
    {
        $this->rings[] = Frame::of($x, $y, $width, $height);

        return $this;
    }

    public function drawing(float $x, float $y, float $width, float $height): self
    {
        $this->drawings[] = Frame::of($x, $y, $width, $height);

        return $this;
    }

    /** A line of words, six points for each letter and fourteen high, from there on. */
    public function words(string $text, float $x, float $y): self
    {
        $words = [];
        $at = $x;
        foreach (explode(' ', $text) as $word) {
            $words[] = new Word($word, Frame::of($at, $y, 6 * mb_strlen($word), 14));
            $at += 6 * (mb_strlen($word) + 1);
        }
        $this->lines[] = new TextLine($text, Frame::of($x, $y, 6 * mb_strlen($text), 14), $words);

        return $this;
    }

    /** @param  bool  $seen  in a picture, of whose words only the places are known */
    public function marks(bool $seen = false): Marks
    {
        return new Marks(
            size: Size::of(600, 800),
            rules: $this->rules,
            shades: $this->shades,
            rings: $this->rings,
            drawings: $this->drawings,
            lines: $this->lines,
            readable: ! $seen,
            seen: $seen,
        );
    }

    /** @return list<Blank> */
    public function blanks(): array
    {
        return BlankFinder::find($this->marks());
    }

    /** @return list<string> what each is, and its prompt where it has one: "line: Name" */
    public function said(): array
    {
        return array_map(
            fn (Blank $blank): string => $blank->kind->value.($blank->label === '' ? '' : ": {$blank->label}"),
            $this->blanks(),
        );
    }
}
