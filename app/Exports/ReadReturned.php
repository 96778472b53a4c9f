<?php

declare(strict_types=1);

namespace App\Exports;

use App\Documents\FileRefused;
use App\Documents\Pdf\FilledForm;
use App\Documents\Sources;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\View\EditionWords;
use App\View\PlaceNames;
use Illuminate\Support\Facades\DB;
use OpenSlate\Answers\AnswerRefused;
use OpenSlate\Forms\PageFields;

/** Reads what was filled in elsewhere, in the form fields of a PDF that left from here. Nothing is taken by it. */
final class ReadReturned
{
    public function __construct(private FilledForm $form, private Sources $sources)
    {
    }

    /**
     * Whose copy a PDF is, by its mark.
     *
     * @param  array<string, string>  $values  of its fields
     */
    public function whose(HandoutItem $item, array $values): ?Copy
    {
        $mark = CopyMark::read($values[CopyMark::FIELD] ?? '');

        return $mark === null || $mark->item !== $item->id
            ? null
            : $item
                ->copies()
                ->with(['student', 'students'])
                ->find($mark->copy);
    }

    /**
     * @return array<string, string> what stands in its fields, by their names
     *
     * @throws FileRefused where it is no PDF, or has no field of a worksheet
     */
    public function values(string $path): array
    {
        $this->sources->of($path)->pages($path);
        $values = $this->form->values($path);

        return $values === [] ? throw FileRefused::noFields() : $values;
    }

    /**
     * @param  array<string, string>  $values
     * @return list<ReturnedAnswer> what is new, in reading order
     */
    public function answers(HandoutItem $item, Copy $copy, array $values): array
    {
        $texts = $copy->written()->texts();
        $places = $item->edition->placesToFill();
        $printed = EditionWords::of($item->edition);
        $numbers = $this->numbers($item, $values);
        $answers = [];
        foreach ($item->edition->frozenPages() as $index => $page) {
            $number = $index + 1;
            $asked = $printed->asked($page, $printed->on($page));
            $names = PlaceNames::of($page, $asked);
            // In a file that left before pages changed their places, they have the numbers of then.
            foreach (PageFields::of($page, $numbers[$number] ?? $number, $names) as $field) {
                $place =
                    $field->place === null ? null : $number.substr($field->place, (int) strpos($field->place, '.'));
                $form = $place === null ? null : $places->find($place)?->form;
                $given = $field->read($values);
                if ($form === null || $given === null) {
                    continue;
                }
                try {
                    $is = $form->tidy($given);
                } catch (AnswerRefused) {
                    continue;
                }
                $was = $texts[$place] ?? '';
                if ($is !== $was && $form->isFilled($is)) {
                    $answers[] = new ReturnedAnswer(
                        $place,
                        $field->said,
                        $was,
                        $is,
                        $form->read($was),
                        $form->read($is),
                    );
                }
            }
        }

        return $answers;
    }

    /**
     * @param  array<string, string>  $values
     * @return array<int, int> the numbers that the pages of the edition have in the file
     */
    private function numbers(HandoutItem $item, array $values): array
    {
        $mark = CopyMark::read($values[CopyMark::FIELD] ?? '');
        if ($mark === null || $mark->edition === $item->edition_id) {
            return [];
        }
        $pages = fn (int $edition) => DB::table('edition_pages')
            ->join('page_revisions', 'page_revisions.id', '=', 'edition_pages.page_revision_id')
            ->where('edition_pages.edition_id', $edition)
            ->pluck('edition_pages.position', 'page_revisions.page_id');
        $then = $pages($mark->edition);
        $numbers = [];
        foreach ($pages($item->edition_id) as $page => $number) {
            // A page that was not there has no fields in the file: no page has the number 0.
            $numbers[(int) $number] = (int) ($then[$page] ?? 0);
        }

        return $numbers;
    }
}
