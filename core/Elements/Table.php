<?php

declare(strict_types=1);

namespace OpenSlate\Elements;

use InvalidArgumentException;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Geometry\Frame;
use OpenSlate\Judging\Strictness;

/** Rows and columns of cells, with words in them or to be filled in. It stays straight whatever is typed. */
final readonly class Table implements Answerable
{
    use Laid;

    public const MOST_ROWS = 60;

    public const MOST_COLUMNS = 20;

    /** A row or column has at least this share of the table, so that it can be taken hold of. */
    public const SMALLEST_SHARE = 0.005;

    /**
     * @param  list<float>  $columns  widths as shares of the table's, together 1
     * @param  list<float>  $rows  heights as shares of the table's, together 1
     * @param  list<TableCell>  $cells  row by row
     * @param  string  $prompt  what the table is, for screen readers and lists
     * @param  bool  $outline  shows faint lines between the cells
     * @param  float|null  $points  for each cell
     *
     * @throws InvalidArgumentException when there are not as many cells as rows times columns
     */
    public function __construct(
        public string $id,
        public Frame $frame,
        public array $columns,
        public array $rows,
        public array $cells,
        public string $prompt = '',
        public float $size = TextSize::NORMAL,
        public bool $cover = false,
        public bool $outline = true,
        public Font $font = Font::Plain,
        public TextAlign $align = TextAlign::Left,
        public string $help = '',
        public bool $needed = false,
        public ?float $points = null,
        public ?string $group = null,
        public bool $locked = false,
        public Strictness $strictness = new Strictness,
    ) {
        if ($cells === [] || count($cells) !== count($columns) * count($rows)) {
            throw new InvalidArgumentException('must be as many as rows times columns');
        }
    }

    public function enlarged(float $factor): static
    {
        return $this->with(size: TextSize::times($this->size, $factor));
    }

    public function kind(): ElementKind
    {
        return ElementKind::Table;
    }

    /**
     * The same table with other rows, columns or cells.
     *
     * @param  list<float>  $columns
     * @param  list<float>  $rows
     * @param  list<TableCell>  $cells
     */
    public function remade(Frame $frame, array $columns, array $rows, array $cells): self
    {
        return $this->with(frame: $frame, columns: $columns, rows: $rows, cells: $cells);
    }

    public function cell(int $row, int $column): TableCell
    {
        return $this->cells[$row * count($this->columns) + $column];
    }

    /** The name of a cell's place on the page; rows and columns count from 1. */
    public function place(int $row, int $column): string
    {
        return $this->id.'.'.($row + 1).'-'.($column + 1);
    }

    public function places(): array
    {
        return array_map(
            fn (TableCell $cell): TextAnswer => $cell->form()->held($this->strictness),
            $this->filled(),
        );
    }

    public function keys(): array
    {
        return array_filter(array_map(fn (TableCell $cell): array => $cell->key, $this->filled()));
    }

    public function withoutKeys(): static
    {
        return $this->with(cells: array_map(
            fn (TableCell $cell): TableCell => new TableCell($cell->text, $cell->fill),
            $this->cells,
        ));
    }

    public function isNeeded(): bool
    {
        return $this->needed;
    }

    public function points(): ?float
    {
        return $this->points;
    }

    /**
     * What a cell is in, for those who do not see the table: its row's and its column's words, as far as there are any.
     */
    public function heading(int $row, int $column): string
    {
        $words = [];
        for ($r = $row - 1; $r >= 0; $r--) {
            if ($this->cell($r, $column)->text !== '') {
                $words[] = $this->cell($r, $column)->text;
                break;
            }
        }
        for ($c = $column - 1; $c >= 0; $c--) {
            if ($this->cell($row, $c)->text !== '') {
                array_unshift($words, $this->cell($row, $c)->text);
                break;
            }
        }

        return implode(', ', $words);
    }

    /** @return array<string, TableCell> the cells to fill in, by place */
    private function filled(): array
    {
        $filled = [];
        foreach ($this->cells as $at => $cell) {
            if ($cell->fill) {
                $filled[$this->place(intdiv($at, count($this->columns)), $at % count($this->columns))] = $cell;
            }
        }

        return $filled;
    }
}
