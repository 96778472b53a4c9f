<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\PrintReader;
use App\Documents\Sources;
use App\Models\Backdrop;
use App\Models\FileStage;
use App\Models\Original;
use App\Models\Worksheet;
use App\Models\WorksheetPage;
use App\Models\WorksheetState;
use App\School;
use Illuminate\Database\Eloquent\Builder;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use OpenSlate\Questions\QuestionsCodec;
use OpenSlate\Text\LinesCodec;

/** Notes the words of pages that are only pictures, as far as nobody has yet; some at a time. */
final class ReadScans
{
    /** Some seconds of work. */
    private const AT_ONCE = 3;

    public function __construct(
        private FileStore $files,
        private Sources $sources,
        private ReadPack $sort,
        private School $school,
    ) {
    }

    /**
     * @return bool whether there are more
     *
     * @throws FileRefused when reading takes too much
     */
    public function __invoke(Worksheet $worksheet): bool
    {
        $first = PrintReader::isThere() ? $this->missing($worksheet)->first() : null;
        $original =
            $first === null
                ? null
                : Original::where('sha256', $first->source)->where('pages', '!=', '[]')->oldest('id')->first();
        if ($first === null || $original === null) {
            $first === null ? $this->sortAnew($worksheet) : $this->none($worksheet);

            return false;
        }
        $path = $this->files->path($original->sha256);
        $source = $this->sources->of($path);
        $pages = $original->sourcePages();
        $some = $this->missing($worksheet)->where('source', $original->sha256)->limit(self::AT_ONCE)->get();
        foreach ($some as $backdrop) {
            $marks = $source->marks($path, $pages, [$backdrop->page])[$backdrop->page];
            $lines = $source->seen($path, $pages, $backdrop->page, $this->school->language, $marks);
            $found = QuestionBlanks::without($backdrop->blanksFound() ?? []);
            $read = $marks->read($lines);
            $blanks = BlankFinder::read($found, $read);
            $before = Backdrop::questionsBefore($backdrop->source, $backdrop->page);
            $questions = QuestionFinder::find($read, $blanks, $before);
            $backdrop->update([
                'lines' => LinesCodec::encode($lines),
                'looked_for_words' => true,
                'blanks' => $backdrop->blanks === null
                    ? null
                    : Proposals::encode(QuestionBlanks::of($read, $blanks, $questions)),
                'questions' => QuestionsCodec::encode($questions),
            ]);
            // What was written down of the page to be found by is old.
            $lines === [] || WorksheetPage::where('backdrop_id', $backdrop->id)->update(['sought_of' => null]);
        }
        if ($this->missing($worksheet)->exists()) {
            return true;
        }
        $this->sortAnew($worksheet);

        return false;
    }

    /**
     * By its words, which may have been read before it was there: somebody had brought the file in already. Of a
     * worksheet that has pages of several files each was sorted with its own.
     */
    private function sortAnew(Worksheet $worksheet): void
    {
        $original = $worksheet->original;
        $original === null || $this->sort->anew($worksheet, $this->files->path($original->sha256));
    }

    /** What was brought in before there was a reader is read once somebody looks at it. */
    public static function ask(Worksheet $worksheet): void
    {
        $unread = $worksheet->pages->filter(fn (WorksheetPage $page): bool => $page->backdrop?->isUnread() === true);
        if (
            $unread->isNotEmpty() &&
            $worksheet->state === WorksheetState::Ready &&
            $worksheet->stage === null &&
            PrintReader::isThere()
        ) {
            FileTurns::add($worksheet, FileStage::Words);
        }
    }

    /** Nothing can be read where nobody has looked. */
    public function none(Worksheet $worksheet): void
    {
        Backdrop::whereIn('id', $this->missing($worksheet)->pluck('id'))->update(['looked_for_words' => true]);
    }

    /** @return Builder<Backdrop> */
    private function missing(Worksheet $worksheet): Builder
    {
        return Backdrop::query()
            ->where('lines', LinesCodec::encode([]))
            ->where('looked_for_words', false)
            ->whereIn('id', $worksheet->allPages()->whereNotNull('backdrop_id')->select('backdrop_id'))
            ->orderBy('source')
            ->orderBy('page');
    }
}
