<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\SourcePage;

/**
 * A file as a teacher brought it in.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $sha256
 * @property string $name
 * @property list<array{float, float, float}> $pages width, height and unit of each page; none until it was read
 */
final class Original extends Model
{
    protected $table = 'originals';

    protected $fillable = ['teacher_id', 'sha256', 'name', 'pages'];

    /** Its pages are known at once where somebody brought in the same file before. */
    public static function of(Teacher $teacher, StoredFile $file, string $name): self
    {
        $same = self::where('sha256', $file->sha256)->where('pages', '!=', '[]')->first();

        return self::create([
            'teacher_id' => $teacher->id,
            'sha256' => $file->sha256,
            'name' => $name,
            'pages' => $same->pages ?? [],
        ]);
    }

    /** @param  non-empty-list<SourcePage>  $pages */
    public function note(array $pages): void
    {
        $this->update([
            'pages' => array_map(
                fn (SourcePage $page): array => [$page->size->width, $page->size->height, $page->userUnit],
                $pages,
            ),
        ]);
    }

    /** @return list<SourcePage> as they were read */
    public function sourcePages(): array
    {
        return array_map(
            fn (array $page, int $index): SourcePage => new SourcePage(
                $index + 1,
                Size::of($page[0], $page[1]),
                (float) $page[2],
            ),
            $this->pages,
            array_keys($this->pages),
        );
    }

    protected function casts(): array
    {
        return ['pages' => 'array'];
    }
}
