<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Teacher;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use Illuminate\Database\Eloquent\Builder;
use Normalizer;

/**
 * Finds worksheets of a teacher by what their pages say, in print or laid on them.
 *
 * What a page says is written down beside it when somebody first looks for it after a change, so that no edit pays for
 * it. Capitals and accents do not matter (Unicode Standard Annex 15, form D, without its marks).
 */
final class FindOnShelf
{
    private const LONGEST = 200;

    /** Seconds that pages are read for one answer, at most; the next answer goes on with the others. */
    private const PATIENCE = 3.0;

    /** What of an element is words, by the names of the page format. */
    private const WORDS = ['text', 'title', 'prompt', 'name', 'words', 'wrong'];

    /** @return array<int, non-empty-list<int>> by worksheet, the places of its pages that say all of it */
    public function __invoke(Teacher $teacher, string $sought): array
    {
        $words = preg_split('/\s+/u', self::plain(mb_substr($sought, 0, self::LONGEST)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if ($words === []) {
            return [];
        }
        $this->writeDown($teacher);
        $pages = self::pages($teacher);
        foreach ($words as $word) {
            $literal = strtr($word, ['!' => '!!', '%' => '!%', '_' => '!_']);
            $pages->whereRaw("sought like ? escape '!'", ["%{$literal}%"]);
        }
        $found = [];
        foreach ($pages->orderBy('position')->get(['worksheet_id', 'position']) as $page) {
            $found[$page->worksheet_id][] = (int) $page->position;
        }

        return $found;
    }

    /** @return Builder<WorksheetPage> */
    private static function pages(Teacher $teacher): Builder
    {
        return WorksheetPage::query()
            ->whereNotNull('position')
            ->whereIn('worksheet_id', Worksheet::query()->where('teacher_id', $teacher->id)->shelved()->select('id'));
    }

    private function writeDown(Teacher $teacher): void
    {
        $changed = self::pages($teacher)
            ->where(fn (Builder $page) => $page->whereNull('sought_of')->orWhereColumn('sought_of', '<>', 'revision'))
            ->with(['current', 'backdrop']);
        $until = microtime(true) + self::PATIENCE;
        foreach ($changed->lazyById(50) as $page) {
            // A print that nobody has read yet is looked at again.
            $isRead = $page->backdrop === null || $page->backdrop->lines !== null;
            WorksheetPage::query()
                ->whereKey($page->id)
                ->update(['sought' => self::said($page), 'sought_of' => $isRead ? $page->current->number : null]);
            if (microtime(true) > $until) {
                return;
            }
        }
    }

    private static function said(WorksheetPage $page): string
    {
        $said = [];
        foreach ($page->backdrop?->text()->lines ?? [] as $line) {
            $said[] = $line->text;
        }
        $content = json_decode($page->current->content, true, 64, JSON_THROW_ON_ERROR);
        array_walk_recursive($content, function (mixed $value, int|string $name) use (&$said): void {
            if (is_string($value) && in_array($name, self::WORDS, true)) {
                $said[] = $value;
            }
        });

        return self::plain(implode("\n", $said));
    }

    private static function plain(string $text): string
    {
        $apart = Normalizer::normalize(mb_scrub($text), Normalizer::FORM_D);

        return mb_strtolower((string) preg_replace('/\p{M}+/u', '', $apart === false ? $text : $apart));
    }
}
