<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use OpenSlate\Conversion\DocumentChoices;
use OpenSlate\Conversion\LayoutFinding;
use OpenSlate\Page\PageFile;
use OpenSlate\Paper\Size;
use OpenSlate\Paper\SourcePage;
use OpenSlate\Scan\ScanChoices;
use OpenSlate\Scan\ScannedPicture;

/**
 * A file as a teacher brought it in.
 *
 * @property int $id
 * @property int $teacher_id
 * @property string $sha256 the file whose pages are laid on worksheets
 * @property string|null $made_from the untouched file, where that first had to be made from it
 * @property array<string, mixed>|null $choices how it was made; null where nothing is to be made
 * @property string|null $layout what may look otherwise since, as OpenSlate\Conversion\LayoutFinding writes it
 * @property string|null $pictures what was made of photos, as OpenSlate\Scan\ScannedPicture writes it
 * @property Carbon|null $seen_at when the teacher had looked at that
 * @property string $name
 * @property list<array{float, float, float}> $pages width, height and unit of each page; none until it was read
 */
final class Original extends Model
{
    protected $table = 'originals';

    protected $fillable = [
        'teacher_id',
        'sha256',
        'name',
        'pages',
        'made_from',
        'choices',
        'layout',
        'pictures',
        'seen_at',
    ];

    /**
     * Its pages are known at once where somebody brought in the same file before.
     *
     * @param  array<string, mixed>|null  $choices  how pages are to be made of it first; null when it has them
     */
    public static function of(Teacher $teacher, StoredFile $file, string $name, ?array $choices = null): self
    {
        $same = self::query()
            ->where($choices === null ? 'sha256' : 'made_from', $file->sha256)
            ->where('pages', '!=', '[]')
            ->when($choices !== null, fn ($made) => $made->where('choices', json_encode($choices)))
            ->first();

        return self::create([
            'teacher_id' => $teacher->id,
            'sha256' => $same->sha256 ?? $file->sha256,
            'made_from' => $choices === null ? null : $same?->made_from,
            'choices' => $choices,
            'layout' => $choices === null ? null : $same?->layout,
            'pictures' => $choices === null ? null : $same?->pictures,
            'name' => $name,
            'pages' => $same->pages ?? [],
        ]);
    }

    /** The file as it was brought in. */
    public function untouched(): string
    {
        return $this->made_from ?? $this->sha256;
    }

    /** @return list<PageFile> all that its teacher is given with it */
    public function files(): array
    {
        $shown = array_map(fn (ScannedPicture $one): string => $one->file, $this->scanned());

        return array_map(
            fn (string $sha256): PageFile => new PageFile($sha256),
            array_values(array_unique([$this->untouched(), $this->sha256, ...$shown])),
        );
    }

    /** Whether its pages are still to be made. */
    public function isToBeMade(): bool
    {
        return $this->choices !== null && $this->made_from === null;
    }

    public function documentChoices(): DocumentChoices
    {
        return DocumentChoices::of($this->choices ?? []);
    }

    public function scanChoices(): ScanChoices
    {
        return ScanChoices::of($this->choices ?? []);
    }

    /** @return list<ScannedPicture> the photos that its pages were made of */
    public function scanned(): array
    {
        return $this->pictures === null ? [] : ScannedPicture::decode($this->pictures);
    }

    /** @return list<LayoutFinding> */
    public function findings(): array
    {
        return $this->layout === null ? [] : LayoutFinding::decode($this->layout);
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
        return ['pages' => 'array', 'choices' => 'array', 'seen_at' => 'datetime'];
    }
}
