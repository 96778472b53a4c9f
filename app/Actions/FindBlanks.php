<?php

declare(strict_types=1);

namespace App\Actions;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Sources;
use App\Models\Backdrop;
use App\Models\Original;
use App\Models\Worksheet;
use Illuminate\Database\Eloquent\Builder;
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
        $numbers = array_values(
            $this->missing($worksheet)->where('source', $original->sha256)->limit(self::AT_ONCE)->pluck('page')->all(),
        );
        if ($numbers === []) {
            return false;
        }
        $path = $this->files->path($original->sha256);
        $pages = $original->sourcePages();
        foreach ($this->sources->of($path)->marks($path, $pages, $numbers) as $number => $marks) {
            $blanks = BlankFinder::find($marks);
            $before = Backdrop::questionsBefore($original->sha256, $number);
            $questions = QuestionFinder::find($marks, $blanks, $before);
            Backdrop::where('source', $original->sha256)
                ->where('page', $number)
                ->update([
                    'blanks' => Proposals::encode(QuestionBlanks::of($marks, $blanks, $questions)),
                    'questions' => QuestionsCodec::encode($questions),
                ]);
        }

        return $this->missing($worksheet)->exists();
    }

    /** Nothing is proposed where nobody has looked. */
    public function none(Worksheet $worksheet): void
    {
        Backdrop::whereIn('id', $this->missing($worksheet)->pluck('id'))->update(['blanks' => Proposals::encode([])]);
    }

    /** @return Builder<Backdrop> */
    private function missing(Worksheet $worksheet): Builder
    {
        return Backdrop::query()
            ->whereNull('blanks')
            ->whereIn('id', $worksheet->allPages()->whereNotNull('backdrop_id')->select('backdrop_id'))
            ->orderBy('source')
            ->orderBy('page');
    }
}
