<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\Pdf\FormWriter;
use App\Documents\Sources;
use Illuminate\Console\Command;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\Proposals;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Forms\FormField;
use OpenSlate\Forms\PageFields;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;

/** Makes the blanks that are found in a file form fields of a PDF, without keeping anything. */
final class Fillable extends Command
{
    protected $signature = 'slate:fillable {file : A PDF, a document or a picture} {out : Where the PDF is written}';

    protected $description = 'Make the blanks that are found in a file form fields of a PDF, without keeping anything';

    public function handle(Sources $sources, FileStore $files, FormWriter $writer): int
    {
        $path = (string) $this->argument('file');
        $out = (string) $this->argument('out');
        try {
            $count = $files->inWorkFolder(function (string $folder) use ($sources, $writer, $path, $out): int {
                $from = $sources->conversionOf($path)?->convert($path, [], $folder)->path ?? $path;
                $fields = $this->fields($sources, $from);
                $writer->write($from, $fields, "{$folder}/fillable.pdf");
                if (! @copy("{$folder}/fillable.pdf", $out)) {
                    throw FileRefused::notWritten();
                }

                return array_sum(array_map(count(...), $fields));
            });
        } catch (FileRefused $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->line($count === 1 ? '1 field' : "{$count} fields");

        return self::SUCCESS;
    }

    /** @return array<int, list<FormField>> by page number; what is a field already stays one */
    private function fields(Sources $sources, string $path): array
    {
        $source = $sources->of($path);
        $pages = $source->pages($path);
        $fields = [];
        foreach ($source->marks($path, $pages, range(1, count($pages))) as $number => $marks) {
            $found = BlankFinder::find($marks);
            $blanks = array_filter(
                QuestionBlanks::of($marks, $found, QuestionFinder::find($marks, $found)),
                fn (Blank $blank): bool => $blank->isSure() &&
                    ! in_array($blank->kind, [BlankKind::Field, BlankKind::Join], true),
            );
            $boxes = array_map(
                fn (Blank $blank, int $index): AnswerBox => Proposals::box($blank, 'b'.($index + 1)),
                array_values($blanks),
                array_keys(array_values($blanks)),
            );
            $fields[$number] = PageFields::ofBoxes($boxes, $number);
        }

        return $fields;
    }
}
