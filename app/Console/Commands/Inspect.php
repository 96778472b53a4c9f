<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\Converted;
use App\Documents\FileRefused;
use App\Documents\FileStore;
use App\Documents\PackReader;
use App\Documents\Pdf\PageImages;
use App\Documents\PrintedLink;
use App\Documents\Sources;
use App\Models\SchoolSettings;
use Illuminate\Console\Command;
use OpenSlate\Blanks\Blank;
use OpenSlate\Blanks\BlankFinder;
use OpenSlate\Blanks\BlankKind;
use OpenSlate\Blanks\JoinEnd;
use OpenSlate\Conversion\LayoutFinding;
use OpenSlate\Cutting\PageRange;
use OpenSlate\Cutting\UnusableRange;
use OpenSlate\Packs\PackReading;
use OpenSlate\Packs\Section;
use OpenSlate\Questions\Question;
use OpenSlate\Questions\QuestionBlanks;
use OpenSlate\Questions\QuestionFinder;
use OpenSlate\Scan\ScannedPicture;
use OpenSlate\Text\PageText;
use OpenSlate\Text\TextLine;

/** Says what the program sees in a file, without keeping it. */
final class Inspect extends Command
{
    protected $signature = 'slate:inspect {file : A PDF, or a document of a word processor or of slides}
        {--pages= : Which pages, such as 1-5, 8, 11-} {--json : As JSON}';

    protected $description = 'Say what the program sees in a file, without keeping it';

    public function __construct(private PackReader $packs)
    {
        parent::__construct();
    }

    public function handle(Sources $sources, PageImages $images, FileStore $files): int
    {
        try {
            $seen = $this->look($sources, $images, $files);
        } catch (FileRefused $refusal) {
            return $this->refuse($refusal->reason, $refusal->getMessage());
        } catch (UnusableRange $problem) {
            return $this->refuse('unusable_range', $problem->getMessage());
        }
        if ($this->option('json')) {
            $this->line(self::json($seen));
        } else {
            $this->table(
                ['Page', 'Width pt', 'Height pt', 'Words', 'Images', 'Role', 'Section', 'Blanks'],
                array_map(
                    fn (array $page): array => [
                        $page['number'],
                        $page['width'],
                        $page['height'],
                        $page['words'],
                        $page['images'],
                        $page['role'],
                        $page['section']['label'] ?? '',
                        count($page['blanks']),
                    ],
                    $seen['pages'],
                ),
            );
        }

        return self::SUCCESS;
    }

    /**
     * What is on some pages is said of those; what a page is for is read from the whole file.
     *
     * @return array<string, mixed>
     */
    private function look(Sources $sources, PageImages $images, FileStore $files): array
    {
        $path = (string) $this->argument('file');
        $format = $sources->kindOf($path)->format();
        $conversion = $sources->conversionOf($path);
        if ($conversion !== null) {
            return $files->inWorkFolder(fn (string $folder): array => ['format' => $format] +
                $this->made($conversion->convert($path, [], $folder), $sources, $images));
        }

        return ['format' => $format] + $this->pages($path, $sources, $images);
    }

    /** @return array<string, mixed> */
    private function made(Converted $made, Sources $sources, PageImages $images): array
    {
        $source = $sources->of($made->path);
        $texts = $source->texts($made->path, $source->pages($made->path));

        return $this->pages($made->path, $sources, $images) + ($made->pictures === []
            ? ['layout' => LayoutFinding::listed($made->findings($texts))]
            : [
                // Of one picture, and of each where there are several.
                'corners' => $made->pictures[0]->corners(),
                'pictures' => array_map(
                    fn (ScannedPicture $one): array => ['corners' => $one->corners()],
                    $made->pictures,
                ),
            ]);
    }

    /** @return array{pages: list<array<string, mixed>>, sections: list<array{label: string, from: int, to: int}>} */
    private function pages(string $path, Sources $sources, PageImages $images): array
    {
        $source = $sources->of($path);
        $pages = $source->pages($path);
        $range = $this->option('pages');
        $wanted = is_string($range) ? PageRange::parse($range, count($pages)) : range(1, count($pages));
        $texts = $source->texts($path, $pages);
        $unread = array_filter($texts, fn (PageText $text): bool => $text->lines === []);
        $drawn = $source->marks($path, $pages, array_values(array_unique([
            ...$wanted,
            ...array_map(fn (PageText $text): int => $text->number, array_values($unread)),
        ])));
        $language = SchoolSettings::school()->language;
        $read = array_map(fn (PageText $text): PageText => $text->lines === []
            ? new PageText(
                $text->number,
                $text->size,
                $source->seen($path, $pages, $text->number, $language, $drawn[$text->number]),
                $text->ink,
            )
            : $text, $texts);
        $counts = $images->count($path, count($pages));
        $targets = $source->links($path, $read);
        $reading = $this->packs->read($path, $pages, $read);

        $said = $questions = [];
        foreach ($wanted as $number) {
            [$text, $marks] = [$read[$number - 1], $drawn[$number]];
            $legible = $marks->readable ? $marks : $marks->read($text->lines);
            $blanks = BlankFinder::find($marks);
            $blanks = $marks->readable ? $blanks : BlankFinder::read($blanks, $legible);
            $questions = QuestionFinder::find($legible, $blanks, $questions);
            $said[] = $this->page($text, $counts[$number], $targets[$number] ?? [], $reading) + [
                'blanks' => array_map(self::blank(...), QuestionBlanks::further($legible, $blanks, $questions)),
                'questions' => array_map(self::asked(...), $questions),
            ];
        }

        return [
            'pages' => $said,
            'sections' => array_map(
                fn (Section $section): array => [
                    'label' => $section->label,
                    'from' => $section->from,
                    'to' => $section->to,
                ],
                $reading->sections,
            ),
        ];
    }

    /**
     * @param  list<PrintedLink>  $links
     * @return array<string, mixed>
     */
    private function page(PageText $page, int $images, array $links, PackReading $reading): array
    {
        $verdict = $reading->verdicts[$page->number];
        $section = $reading->sectionOf($page->number);

        return [
            'number' => $page->number,
            'width' => $page->size->width,
            'height' => $page->size->height,
            'words' => array_sum(
                array_map(fn (TextLine $line): int => substr_count($line->text, ' ') + 1, $page->lines),
            ),
            'images' => $images,
            'role' => $verdict->role->value,
            'role_confidence' => $verdict->confidence,
            'role_reason' => $verdict->reason,
            'section' => $section === null ? null : ['label' => $section->label, 'index' => $section->index],
            'links' => array_map(
                fn (PrintedLink $link): array => ['words' => $link->words, 'target' => $link->target->address],
                $links,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function blank(Blank $blank): array
    {
        return [
            'kind' => $blank->kind->value,
            'x' => $blank->frame->x,
            'y' => $blank->frame->y,
            'width' => $blank->frame->width,
            'height' => $blank->frame->height,
            'pitch' => $blank->pitch,
            'count' => $blank->count,
            'label' => $blank->label,
            'confidence' => $blank->confidence,
        ] + (! in_array($blank->kind, [BlankKind::Field, BlankKind::Choice], true) ? [] : [
            'name' => $blank->label,
            'choices' => $blank->choices(),
        ]) + ($blank->ends === [] ? [] : [
            'ends' => array_map(fn (JoinEnd $end): array => [
                'x' => $end->dot->centre()->x,
                'y' => $end->dot->centre()->y,
                'words' => $end->words,
            ], $blank->ends),
        ]);
    }

    /** @return array<string, mixed> */
    private static function asked(Question $question): array
    {
        return [
            'number' => $question->number,
            'x' => $question->frame->x,
            'y' => $question->frame->y,
            'width' => $question->frame->width,
            'height' => $question->frame->height,
            'blanks' => $question->blanks,
        ];
    }

    private function refuse(string $code, string $message): int
    {
        if ($this->option('json')) {
            $this->line(self::json(['error' => ['code' => $code, 'message' => $message]]));
        } else {
            $this->error($message);
        }

        return self::FAILURE;
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
