<?php

declare(strict_types=1);

namespace Tests\Core;

use OpenSlate\Answers\AnswerKind;
use OpenSlate\Elements\ElementKind;
use OpenSlate\Page\ModelAspect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use UnitEnum;

/**
 * What a new kind costs, as docs/architecture.md says: the files that name each kind there is. What some kind has that
 * the others have not is written here beside it, so that nothing is added to all kinds without being seen.
 */
final class KindsTest extends TestCase
{
    /** Those of a new kind of answer; with the schema, a script and a style they are seven. */
    private const OF_ANSWERS = [
        'core/Answers/AnswerKind.php',
        'core/Answers/{Kind}Answer.php',
        'resources/views/components/page/answer/{kind}.blade.php',
        'app/View/Tools.php',
    ];

    private const ANSWERS = [
        // Squares that are found printed are ticked; it is keyed by yes and no.
        'Tick' => [
            'core/Blanks/Proposals.php',
            'core/Forms/PageFields.php',
            'app/Documents/Pdf/FormFields.php',
            'app/View/KeyPage.php',
            'resources/views/bench/key-ledger.blade.php',
        ],
        // Fields of a PDF drop down, too.
        'List' => ['app/Documents/Pdf/FormFields.php', 'core/Forms/PageFields.php'],
        // Who writes something else than a number is told.
        'Number' => ['app/View/KeyRow.php', 'app/View/SavedWords.php', 'core/Forms/PageFields.php'],
        // It is found in the print, and keyed by its options.
        'Choice' => [
            'core/Blanks/PrintedChoices.php',
            'core/Forms/PageFields.php',
            'app/Documents/Pdf/FormFields.php',
            'app/View/KeyPage.php',
            'app/View/KeyRow.php',
            'resources/views/bench/key-ledger.blade.php',
        ],
        // Its key is its right text; changes to it are said one by one.
        'Passage' => [
            'core/Elements/AnswerBox.php',
            'core/Forms/PageFields.php',
            'app/View/ElementWords.php',
            'app/View/PassageWords.php',
            'app/View/SavedWords.php',
            'resources/views/bench/key-ledger.blade.php',
            'resources/views/components/page/box.blade.php',
        ],
        // It may lie over other places.
        'Drawing' => ['core/Page/Overlaps.php'],
        // A page that came back on paper is one.
        'Picture' => ['core/Copies/OnPaper.php'],
        'Spoken' => [],
    ];

    private const OF_ELEMENTS = [
        'core/Elements/ElementKind.php',
        'core/Elements/{Kind}.php',
        'core/Format/ElementCodec.php',
        'core/Format/FurnishingCodec.php',
        'resources/views/components/page/{kind}.blade.php',
        'app/View/ElementWords.php',
        'app/View/Tools.php',
    ];

    private const ELEMENTS = [
        // It hides what is printed.
        'Patch' => ['core/Edit/CoveredPrompts.php', 'core/Page/Showing.php'],
        // It is drawn as a line of a form; themes are made of it.
        'Shape' => ['core/Format/PartCodec.php', 'core/Page/Theme.php', 'app/View/ShapeDrawing.php'],
        // Pages that are made have words on them, changed in the list beside the page; they ask, or fill in.
        'Label' => [
            'core/Blanks/PrintedQuestions.php',
            'core/Blanks/SelfFilling.php',
            'core/Boards/BoardPage.php',
            'core/Forms/PageFields.php',
            'core/Page/Theme.php',
            'app/View/TextStyle.php',
            'resources/views/bench/row.blade.php',
        ],
        // It leads somewhere, and can be switched off.
        'Link' => [
            'core/Boards/BoardPage.php',
            'core/Edit/Elements/SwitchLinks.php',
            'core/Page/Page.php',
            'app/Actions/ReadPack.php',
            'app/Actions/BringInPackage.php',
        ],
    ];

    private const OF_ASPECTS = ['core/Page/ModelAspect.php', 'core/Matching/ModelCheck.php'];

    /** A new key for a model starts with them, as far as its parts have any. */
    private const ASPECTS = [
        'Spots' => ['core/Edit/Keys/SetModelKey.php'],
        'Order' => ['core/Edit/Keys/SetModelKey.php'],
        'Joints' => ['core/Edit/Keys/SetModelKey.php'],
        'Ends' => ['core/Edit/Keys/SetModelKey.php', 'core/Matching/JointsCheck.php'],
    ];

    private const STATION = 'app/View/Station.php';

    private const STATIONS = [
        'Pages' => [
            'WorksheetController',
            'BoardController',
            'MendingController',
            'DocumentController',
            'WeightController',
        ],
        'Boxes' => ['BenchController'],
        'Parts' => ['BenchController'],
        'Key' => ['KeyController'],
        'Check' => ['CheckController'],
        'HandOut' => ['HandoutController'],
    ];

    /** @return iterable<string, array{string, string, list<string>}> what names it, and where it may */
    public static function kinds(): iterable
    {
        foreach (self::ANSWERS as $kind => $more) {
            yield "answer {$kind}" => [
                "/\\b{$kind}Answer\\b|AnswerKind::{$kind}\\b/",
                $kind,
                [...self::OF_ANSWERS, ...$more],
            ];
        }
        foreach (self::ELEMENTS as $kind => $more) {
            yield "element {$kind}" => [
                "/ElementKind::{$kind}\\b|Elements\\\\\\\\?{$kind}\\b|instanceof {$kind}\\b/",
                $kind,
                [...self::OF_ELEMENTS, ...$more],
            ];
        }
        foreach (self::ASPECTS as $kind => $more) {
            yield "aspect {$kind}" => ["/ModelAspect::{$kind}\\b/", $kind, [...self::OF_ASPECTS, ...$more]];
        }
    }

    /** @param  list<string>  $where */
    #[DataProvider('kinds')]
    public function test_a_kind_is_named_where_a_new_one_would_be_and_nowhere_else(
        string $names,
        string $kind,
        array $where,
    ): void {
        $where = str_replace(['{Kind}', '{kind}'], [$kind, strtolower($kind)], $where);
        $this->assertSame([], array_values(array_diff($this->naming($names), $where)));
    }

    public function test_what_is_said_of_a_kind_alone_is_still_so(): void
    {
        foreach (self::ANSWERS as $kind => $more) {
            $this->assertSame([], array_diff($more, $this->naming("/\\b{$kind}Answer\\b|AnswerKind::{$kind}\\b/")));
        }
        foreach (self::ELEMENTS as $kind => $more) {
            $named = $this->naming("/Elements\\\\?{$kind}\\b|instanceof {$kind}\\b/");
            $this->assertSame([], array_diff($more, $named));
        }
    }

    public function test_a_station_is_named_by_the_enum_and_by_what_shows_it(): void
    {
        foreach (self::STATIONS as $station => $controllers) {
            $shown = array_map(fn (string $name): string => "app/Http/Controllers/{$name}.php", $controllers);
            $named = array_diff($this->naming("/\\bStation::{$station}\\b/"), [
                self::STATION,
                // Of what is not ready yet only the pages can be looked at.
                'app/View/JobSheet.php',
                // A finding leads to where it is mended.
                'app/View/FoundRow.php',
                // The Boxes and the Parts station are one view.
                'resources/views/bench/station.blade.php',
            ]);
            $this->assertSame([], array_values(array_diff($named, $shown)), $station);
        }
    }

    public function test_every_kind_is_looked_at_here_or_is_one_of_the_large_ones(): void
    {
        $names = fn (array $cases): array => array_map(fn (UnitEnum $case): string => $case->name, $cases);
        // Short and lines are texts, which everything knows; parts of a page are no box.
        $this->assertEqualsCanonicalizing(
            [...array_keys(self::ANSWERS), 'Short', 'Lines', 'Model'],
            $names(AnswerKind::cases()),
        );
        // Boxes, tables and organisers are what the program is about; parts and spots have packages of their own; what
        // is a file has much to be asked of it.
        $this->assertEqualsCanonicalizing(
            [
                ...array_keys(self::ELEMENTS),
                ...['Box', 'Table', 'Organiser', 'Part', 'Spot', 'Clip', 'Picture', 'Recording'],
            ],
            $names(ElementKind::cases()),
        );
        $this->assertEqualsCanonicalizing(array_keys(self::ASPECTS), $names(ModelAspect::cases()));
    }

    public function test_the_documents_say_the_same(): void
    {
        $said = (string) file_get_contents(__DIR__.'/../../docs/architecture.md');
        foreach (['core/Answers/AnswerKind', 'View/Tools', 'components/page/answer', 'View/Station'] as $file) {
            $this->assertStringContainsString($file, $said);
        }
    }

    /** @return list<string> files of core/, app/ and the views, from the root of the project */
    private function naming(string $pattern): array
    {
        $root = dirname(__DIR__, 2).'/';
        $files = [];
        // What looks for faults looks at things by their kinds: a new kind may have faults of its own, or none.
        $looks = $root.'core/Check/';
        foreach (['core', 'app', 'resources/views'] as $folder) {
            /** @var SplFileInfo $file */
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.$folder)) as $file) {
                $isRead = $file->getExtension() === 'php' && ! str_starts_with($file->getPathname(), $looks);
                $code = $isRead ? (string) file_get_contents($file->getPathname()) : '';
                if (preg_match($pattern, $code) === 1) {
                    $files[] = substr($file->getPathname(), strlen($root));
                }
            }
        }

        return $files;
    }
}
