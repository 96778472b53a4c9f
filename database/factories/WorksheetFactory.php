<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Database\Eloquent\Factories\Factory;
use OpenSlate\Elements\Element;
use OpenSlate\Page\Page;
use OpenSlate\Paper\Colour;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;

/** @extends Factory<Worksheet> */
final class WorksheetFactory extends Factory
{
    protected $model = Worksheet::class;

    public function definition(): array
    {
        return [
            'teacher_id' => Teacher::factory(),
            'name' => fake()->words(3, true),
            'state' => WorksheetState::Ready,
            'pages_total' => 0,
        ];
    }

    /** Blank A4 pages with these elements on them, without a backdrop. */
    public function withPages(Element ...$elements): self
    {
        return $this->withPagesOf([array_values($elements)]);
    }

    /** @param  list<list<Element>>  $pages */
    public function withPagesOf(array $pages): self
    {
        return $this->state(['pages_total' => count($pages)])->afterCreating(function (Worksheet $worksheet) use (
            $pages,
        ): void {
            foreach ($pages as $index => $elements) {
                WorksheetPage::begin(
                    $worksheet->id,
                    new Page(Size::ofPaper(PaperSize::A4), Colour::white(), null, $elements),
                    ['position' => $index + 1],
                );
            }
        });
    }
}
