<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Sources;
use App\Models\Backdrop;
use App\Models\FileStage;
use App\Models\Original;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use Illuminate\Database\Eloquent\Builder;
use LogicException;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use OpenSlate\Questions\QuestionsCodec;

/** Notes the blanks and the questions of the printed pages of a worksheet, as far as nobody has yet; some at a time. */
final class FindBlanks
{
    /** Pages whose marks are held at one time. */
    private const AT_ONCE = 8;

    public function __construct(private FileStore $files, private Sources $sources)
    {
    }

    /**
     * @return bool whether there are more
     *
     * @throws FileRefused when reading takes too much
     */
    public function __invoke(Worksheet $worksheet): bool
    {
        $first = $this->missing($worksheet)->first();
        $original =
            $first === null
                ? null
                : Original::where('sha256', $first->source)->where('pages', '!=', '[]')->oldest('id')->first();
        if ($first === null || $original === null) {
            return false;
        }
        $prints = $this->missing($worksheet)
            ->where('source', $original->sha256)
            ->limit(self::AT_ONCE)
            ->get()
            ->keyBy('page');
        $numbers = array_values($prints->map(fn (Backdrop $print): int => $print->page)->all());
        if ($numbers === []) {
            return false;
        }
        $path = $this->files->path($original->sha256);
        $pages = $original->sourcePages();
        foreach ($this->sources->of($path)->marks($path, $pages, $numbers) as $number => $marks) {
            $print = $prints->get($number) ?? throw new LogicException("Page {$number} was not asked for.");
            // What was looked at before questions were keeps its blanks: they may be refused, by their places.
            $blanks = $print->blanksFound() ?? BlankFinder::find($marks);
            $lines = $print->looked_for_words ? $print->text()->lines : [];
            $read = $lines === [] ? $marks : $marks->read($lines);
            $before = Backdrop::questionsBefore($original->sha256, $number);
            $questions = QuestionFinder::find($read, $blanks, $before);
            $print->update([
                'blanks' => Proposals::encode(QuestionBlanks::of($read, $blanks, $questions)),
                'questions' => QuestionsCodec::encode($questions),
            ]);
        }

        return $this->missing($worksheet)->exists();
    }

    /** Nothing is proposed where nobody has looked. */
    public function none(Worksheet $worksheet): void
    {
        $prints = $this->missing($worksheet)->pluck('id');
        Backdrop::whereIn('id', $prints)->whereNull('blanks')->update(['blanks' => Proposals::encode([])]);
        Backdrop::whereIn('id', $prints)->update(['questions' => QuestionsCodec::encode([])]);
    }

    /** What was brought in before questions were looked for is looked at once somebody opens it. */
    public static function ask(Worksheet $worksheet): void
    {
        $isUnasked = $worksheet->pages->contains(
            fn (WorksheetPage $page): bool => $page->backdrop !== null && $page->backdrop->questions === null,
        );
        if ($isUnasked && $worksheet->state === WorksheetState::Ready && $worksheet->stage === null) {
            FileTurns::add($worksheet, FileStage::Blanks);
        }
    }

    /** @return Builder<Backdrop> */
    private function missing(Worksheet $worksheet): Builder
    {
        return Backdrop::query()
            ->where(fn (Builder $either) => $either->whereNull('blanks')->orWhereNull('questions'))
            ->whereIn('id', $worksheet->allPages()->whereNotNull('backdrop_id')->select('backdrop_id'))
            ->orderBy('source')
            ->orderBy('page');
    }
}
