<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AddPages;
use App\Actions\ApplyEdit;
use App\Actions\BringInFile;
use App\Actions\CutPageSet;
use App\Actions\GivePass;
use App\Actions\HandBack;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MakeBoard;
use App\Actions\MakeTeams;
use App\Actions\MarkByHand;
use App\Actions\MarkByKey;
use App\Actions\MoveCopy;
use App\Actions\PutOnClassShelf;
use App\Actions\SaveWork;
use App\Actions\StartBlank;
use App\Actions\WriteComment;
use App\Models\Copy;
use App\Models\Handout;
use App\Models\HandoutItem;
use App\Models\PassKind;
use App\Models\SchoolClass;
use App\Models\SchoolSettings;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use App\School;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use OpenSlate\Answers\AnswerKind;
use OpenSlate\Answers\ModelAnswer;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Boards\ChoiceBoard;
use OpenSlate\Boards\ChoiceOption;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Place as AnswerPlace;
use OpenSlate\Edit\Elements\Change;
use OpenSlate\Edit\Keys\SetModelKey;
use OpenSlate\Edit\Keys\SetModelPoints;
use OpenSlate\Edit\Parts\SetPartsCount;
use OpenSlate\Edit\Parts\SetTray;
use OpenSlate\Edit\Place;
use OpenSlate\Edit\Selection;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Elements\Element;
use OpenSlate\Elements\Label;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Marking\Points;
use OpenSlate\Page\Theme;
use OpenSlate\Paper\PaperSize;
use OpenSlate\Paper\Size;

/**
 * Saltmarsh Quay School, made up: two teachers, two classes, four files in two units, and handouts with copies in every
 * state.
 */
final class DemoSeeder extends Seeder
{
    public const TEACHERS = ['marlow@saltmarsh.example', 'okafor@saltmarsh.example'];

    private const SCHOOL = 'Saltmarsh Quay School';

    public const PASSWORD = 'harbour-light';

    public const PIN = '2468';

    private const HERON = [
        'Ada Quill',
        'Bastian Moor',
        'Cleo Fennick',
        'Dara Osei-Lund',
        'Edwin Tarn',
        'Farah Nilsen',
        'Gus Pellow',
        'Hana Brisk',
        'Idris Cobb',
        'Juno Vale',
        'Kit Marrow',
        'Lena Okoro',
        'Milo Strand',
        'Nia Hartwell',
        'Oskar Reed',
        'Petra Lisle',
        'Quinn Abara',
        'Rosa Tideway',
        'Soren Blythe',
        'Tamsin Grove',
        'Umar Finch',
        'Vera Colm',
        'Wilf Sandry',
        'Yasmin Holt',
    ];

    private const CURLEW = [
        'Alba Weir',
        'Benno Crane',
        'Carys Dune',
        'Dev Rowan',
        'Elsa Marram',
        'Finn Adeyo',
        'Greta Sloe',
        'Hugo Pike',
        'Ines Calder',
        'Jonas Eddy',
        'Kezia Lund',
        'Leo Thrift',
        'Maya Corrie',
        'Noor Staith',
        'Otis Brand',
        'Pia Lowen',
        'Rafi Gorse',
        'Sadie Mull',
        'Theo Anker',
        'Una Brack',
        'Viggo Shaw',
        'Willa Combe',
        'Xan Petrel',
        'Yara Moss',
        'Zadie Loch',
        'Zeke Tarrant',
    ];

    /** Points and right answers of the questions about the tide table. */
    private const KEYS = [
        [2, ['19:46']],
        [1, ['Saturday']],
        [2, ['12 h 24 min']],
        [1, ['10:55']],
        [1, ['14:55']],
        [3, []],
    ];

    /** What a class answers to each of them, so many ways. */
    private const MANY_ANSWERS = [
        ['19:46', '19.46', '7:46 pm', '19:04', '19:46', '7:46'],
        ['Saturday', 'saturday', 'Saterday', 'Sunday', 'Saturday', 'on Saturday'],
        ['12 h 24 min', '12h 24min', '744 minutes', '12 hours', '12 h 24 min', '12:24'],
        ['10:55', '10.55', '10:55', '11:55', '10:55 am', '10:55'],
        ['14:55', '2:55 pm', '14:55', '14:50', '14.55', ''],
        [
            'Danger! The tide comes in fast. Ask before you cross.',
            'Stop. Do not cross when the water is coming in.',
            'Danger! The tide comes in fast. Ask before you cross.',
            'Mud.',
        ],
    ];

    private const ANSWERS = [
        [
            '19:46',
            'Saturday',
            '12 h 24 min',
            '10:55',
            '14:55',
            "Danger! The mud is soft and the tide comes in fast.\nAsk at the harbour office before you cross.",
        ],
        ['19:46', 'Saturday', '12 h 24 min', '10.55', '14.55', 'Stop. Do not cross when the water is coming in.'],
        ['19.46', 'Sunday', '12 hours', '', '', ''],
        ['7:46 pm', 'Saturday', '', '', '', ''],
        ['19:46', '', '', '', '', ''],
    ];

    public function __construct(
        private BringInFile $bringIn,
        private CutPageSet $cut,
        private ApplyEdit $apply,
        private HandOutWorksheets $handOut,
        private SaveWork $save,
        private MoveCopy $move,
        private StartBlank $start,
        private AddPages $add,
        private MakeBoard $board,
        private GivePass $pass,
        private PutOnClassShelf $shelve,
        private MakeTeams $teams,
        private School $school,
        private MarkByKey $markByKey,
        private MarkByHand $markByHand,
        private WriteComment $comment,
        private HandBack $back,
    ) {
    }

    public function run(): void
    {
        if (Teacher::where('email', self::TEACHERS[0])->exists()) {
            return;
        }
        // The pages are prepared here and now, so that the demo is whole when this ends.
        Queue::setDefaultDriver('sync');
        SchoolSettings::create(['name' => self::SCHOOL, 'timezone' => 'Europe/London', 'language' => 'en']);
        $here = ['password' => self::PASSWORD, 'joined_at' => now()];
        $marlow = Teacher::create(['name' => 'Ms Marlow', 'email' => self::TEACHERS[0], 'office' => true, ...$here]);
        $okafor = Teacher::create(['name' => 'Mr Okafor', 'email' => self::TEACHERS[1], ...$here]);
        $heron = $this->schoolClass($marlow, '6 Heron', 'HERN26', self::HERON);
        $curlew = $this->schoolClass($marlow, '6 Curlew', 'CRLW26', self::CURLEW);

        $this->file($okafor, 'harbour-log-workbook.pdf', 'Harbour log for Curlew')->update([
            'shared_with_school' => true,
        ]);
        $knots = $this->file($marlow, 'knots-photo.pdf', 'Three useful knots (photo)');
        $pack = $this->file($marlow, 'working-harbour-pack.pdf', 'The Working Harbour (pack)');
        $workbook = $this->file($marlow, 'harbour-log-workbook.pdf', 'Harbour log workbook');
        $tides = $this->file($marlow, 'tide-times.pdf', 'Tide times');
        $this->units($marlow, ['The working harbour' => [$pack, $tides, $knots], 'Harbour log' => [$workbook]]);
        $this->layBoxes($tides, 'tide-times.pdf', [1]);
        $this->keyTides($tides);
        $this->layBoxes($workbook, 'harbour-log-workbook.pdf', [1, 2, 3, 4, 5, 6]);
        $days = ($this->cut)($workbook, [1, 2, 3], 'Harbour log, days 1–3');
        $this->mend($workbook, $days);
        $this->layBoxes($pack, 'working-harbour-pack.pdf', [6, 7, 8]);
        $log = ($this->cut)($pack, [6, 7], 'Activity 1: reading a tide table');

        $skills = $this->skills($marlow);
        $models = $this->models($marlow);
        $this->units($marlow, ['Safe on deck' => [$skills, $models]]);

        $this->handOutTides($marlow, $tides, $heron);
        $this->handOutSkills($marlow, $skills, $heron);
        $this->handOutModels($marlow, $models, $heron);
        $this->handOutLog($marlow, $log, $tides, $heron, $curlew);
        $this->prepare($marlow, $days, $heron);
        $this->handOutBoard($marlow, $pack, $curlew);
        $students = array_map(intval(...), array_values($curlew->students()->pluck('students.id')->all()));
        $this->teams->dealt($curlew, 'Boats', $students, 6);
        ($this->shelve)($marlow, $heron, [$knots, $workbook]);
        $this->handOutMarked($marlow, $tides, $curlew);
        $this->handOutTogether($marlow, $skills, $curlew);
    }

    /** @param  list<string>  $names */
    private function schoolClass(Teacher $teacher, string $name, string $code, array $names): SchoolClass
    {
        $class = $teacher->classes()->create(['name' => $name, 'code' => $code]);
        foreach ($names as $student) {
            $class
                ->students()
                ->attach(Student::create(['name' => $student, 'pin' => self::PIN])->id, ['created_at' => now()]);
        }

        return $class;
    }

    private function file(Teacher $teacher, string $file, string $name): Worksheet
    {
        $worksheet = ($this->bringIn)($teacher, database_path("demo/{$file}"), $file);
        $worksheet->refresh()->update(['name' => $name]);

        return $worksheet;
    }

    /** @param  array<string, list<Worksheet>>  $units */
    private function units(Teacher $teacher, array $units): void
    {
        foreach ($units as $name => $worksheets) {
            $unit = $teacher->units()->create(['name' => $name, 'position' => $teacher->units()->count() + 1]);
            foreach ($worksheets as $worksheet) {
                $worksheet->update(['unit_id' => $unit->id]);
            }
        }
    }

    /** Ten points; the last question asks for a thought, which no key can judge. */
    private function keyTides(Worksheet $tides): void
    {
        $page = $tides->pages()->where('position', 1)->with('current')->sole();
        $boxes = $page->current->page()->answerBoxes();
        foreach (self::KEYS as $index => [$points, $key]) {
            ($this->apply)(
                $page,
                $page->revision,
                new Change(Selection::of([$boxes[$index + 1]->id]), ['points' => $points, 'key' => $key]),
            );
            $page->refresh();
        }
    }

    /** @param  list<int>  $numbers */
    private function layBoxes(Worksheet $worksheet, string $file, array $numbers): void
    {
        /**
         * @var array<string, list<list<array{
         *     answer: string, prompt: string, x: float, y: float, width: float, height: float,
         * }>>> $all
         */
        $all = json_decode(
            (string) file_get_contents(database_path('demo/boxes.json')),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        foreach ($worksheet->pages()->whereIn('position', $numbers)->get() as $page) {
            $boxes = [];
            foreach ($all[$file][$page->number() - 1] ?? [] as $index => $box) {
                $boxes[] = new AnswerBox(
                    "demo{$page->number()}x{$index}",
                    Frame::of($box['x'], $box['y'], $box['width'], $box['height']),
                    $box['answer'] === 'lines' ? TextAnswer::lines() : TextAnswer::short(),
                    $box['prompt'],
                    12,
                    false,
                    false,
                );
            }
            if ($boxes !== []) {
                ($this->apply)(
                    $page,
                    $page->revision,
                    new Place([...$boxes, ...$this->directions($file, $page->number())]),
                );
            }
        }
    }

    /** Changed since on both sides: some of it the set can take as it is, some has to be settled. */
    private function mend(Worksheet $master, Worksheet $set): void
    {
        $master->update(['unlocked' => true]);
        $reword = function (Worksheet $worksheet, int $number, int $box, string $prompt): void {
            $page = $worksheet->pages()->where('position', $number)->with('current')->sole();
            ($this->apply)(
                $page,
                $page->revision,
                new Change(Selection::of([$page->current->page()->answerBoxes()[$box]->id]), ['prompt' => $prompt]),
            );
        };
        $reword($set, 1, 0, 'First name');
        $reword($master, 1, 0, 'Your name and today’s date');
        $reword($master, 2, 0, 'Your name and today’s date');
    }

    private function skills(Teacher $teacher): Worksheet
    {
        $worksheet = ($this->start)($teacher, SkillsSheet::NAME, Size::of(...PaperSize::A4->points()), Theme::Banner);
        $page = $worksheet->pages()->sole();
        ($this->apply)($page, $page->revision, new Place(SkillsSheet::elements()));

        return $worksheet;
    }

    private function models(Teacher $teacher): Worksheet
    {
        $worksheet = ($this->start)($teacher, HarbourModels::NAME, Size::of(595, 420), Theme::Empty);
        $worksheet = $this->add->blank($worksheet, 0, Size::of(595, 420), 3, null);
        foreach ($worksheet->pages()->orderBy('position')->get() as $index => $page) {
            $laid = ($this->apply)($page, $page->revision, new SetTray(HarbourModels::tray($index + 1)));
            $laid = ($this->apply)($page->refresh(), $laid->number, new Place(HarbourModels::elements($index + 1)));
            if ($index + 1 === HarbourModels::SORT) {
                $laid = ($this->apply)($page->refresh(), $laid->number, new SetPartsCount(true));
            }
            if (isset(HarbourModels::KEYS[$index + 1])) {
                $laid = ($this->apply)(
                    $page->refresh(),
                    $laid->number,
                    new SetModelKey((string) json_encode(HarbourModels::KEYS[$index + 1])),
                );
                ($this->apply)($page->refresh(), $laid->number, new SetModelPoints(3.0));
            }
        }

        return $worksheet;
    }

    private function handOutModels(Teacher $teacher, Worksheet $models, SchoolClass $heron): void
    {
        $handout = ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'Build the harbour',
                'Move the parts. You can undo every move.',
                CarbonImmutable::instance($this->school->local(now())->addDays(4)->setTime(12, 0)),
                null,
                [[$models, Mode::OwnCopy]],
                [$heron],
            ),
        );
        foreach ($this->copies($handout) as $index => $copy) {
            foreach (HarbourModels::WORK[$index % 5] ?? [] as $number => $moves) {
                $this->move->open($copy);
                $place = AnswerPlace::idOn($number, ModelAnswer::PLACE);
                ($this->save)(
                    $copy,
                    new Draft(Copy::findOrFail($copy->id)->written()->revision, 'demo', [
                        $place => (string) json_encode($moves),
                    ]),
                    $copy->item->edition->placesToFill(),
                    $number,
                );
            }
        }
    }

    private function handOutSkills(Teacher $teacher, Worksheet $skills, SchoolClass $heron): void
    {
        $handout = ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'Before we sail',
                'Nine short tasks. The last two need a pen or your finger, and a camera.',
                CarbonImmutable::instance($this->school->local(now())->addDays(3)->setTime(12, 0)),
                20,
                [[$skills, Mode::OwnCopy]],
                [$heron],
                readsAloud: true,
            ),
        );
        foreach ($this->copies($handout) as $index => $copy) {
            $work = SkillsSheet::WORK[$index % 4] ?? null;
            if ($work !== null) {
                $this->move->open($copy);
                $answers = array_combine(
                    array_map(fn (string $place): string => "1.{$place}", array_keys($work)),
                    array_values($work),
                );
                ($this->save)($copy, new Draft(0, 'demo', $answers), $copy->item->edition->placesToFill(), 1);
                Copy::whereKey($copy->id)->update(['changed_at' => Carbon::now()->subMinutes(30 - $index)]);
            }
        }
    }

    /** @return list<Element> */
    private function directions(string $file, int $page): array
    {
        return $file === 'tide-times.pdf' && $page === 1
            ? [
                new Label(
                    'demodirections',
                    Frame::of(60, 770, 480, 24),
                    'Use the table. Write times with the 24-hour clock.',
                    14,
                    true,
                    true,
                ),
            ]
            : [];
    }

    private function handOutTides(Teacher $teacher, Worksheet $tides, SchoolClass $heron): void
    {
        $due = $this->school->local(now())->addDays(2)->setTime(15, 30);
        $handout = ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'Tide times',
                'Read the table first. Then answer the five questions in your own words.',
                CarbonImmutable::instance($due),
                10,
                [[$tides, Mode::OwnCopy]],
                [$heron],
                readsAloud: true,
            ),
        );
        $copies = $this->copies($handout);
        foreach ($copies as $index => $copy) {
            // A class in the middle of a lesson: some done, most at it, a few yet to start.
            if ($index % 6 === 5) {
                continue;
            }
            $this->work($copy, self::ANSWERS[[0, 2, 1, 3, 4][$index % 5]], Carbon::now()->subMinutes(40 - $index));
            if ($index % 5 === 0 || $index % 5 === 2) {
                $this->move->handIn($copy);
            }
        }
    }

    /** All of a class has handed in; six of them are marked to the end and have theirs back. */
    private function handOutMarked(Teacher $teacher, Worksheet $tides, SchoolClass $curlew): void
    {
        $handout = ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'Crossing the mud flats',
                'Read the table first. Then answer the five questions in your own words.',
                CarbonImmutable::instance($this->school->local(now())->addDay()->setTime(15, 30)),
                10,
                [[$tides, Mode::OwnCopy]],
                [$curlew],
            ),
        );
        $copies = $this->copies($handout);
        foreach ($copies as $index => $copy) {
            $answers = array_map(
                fn (array $alike): string => $alike[intdiv($index, 2) % count($alike)],
                self::MANY_ANSWERS,
            );
            $this->work($copy, $answers, Carbon::now()->subMinutes(90 - $index));
            $this->move->handIn($copy);
        }
        $item = HandoutItem::with(['edition.revisions', 'handout'])->where('handout_id', $handout->id)->sole();
        $scheme = ($this->markByKey)($item);
        $back = array_map(fn (Copy $copy): int => $copy->id, array_slice($copies, 0, 6));
        $last = array_key_last($scheme->places());
        foreach ($scheme->places() as $id => $place) {
            $points = Points::of($id === $last ? 2.5 : $place->full->number());
            if ($id === $last || $id === array_keys($scheme->places())[1]) {
                $this->markByHand->give($item, $place, $teacher, $back, $points, 0);
            }
        }
        ($this->comment)($teacher, $back, (string) $last, 'Clear. Say whom to ask, too.');
        ($this->comment)($teacher, [$back[0]], null, 'You read the table with great care.');
        ($this->back)($item, $back, now()->subMinutes(20));
        Copy::whereKey(array_slice($back, 0, 2))->update(['looked_at' => now()->subMinutes(5)]);
    }

    /** A choice of two activities; some have begun with one of them. */
    private function handOutBoard(Teacher $teacher, Worksheet $pack, SchoolClass $curlew): void
    {
        $pages = fn (int ...$numbers): array => array_values(
            array_map(
                intval(...),
                $pack->pages()->whereIn('position', $numbers)->orderBy('position')->pluck('id')->all(),
            ),
        );
        $board = ($this->board)(
            $pack,
            new ChoiceBoard(
                'A day at the harbour',
                'Choose one. Show me when you are done.',
                [
                    new ChoiceOption('a', 'Tide table', 'When can the ferry leave?', $pages(6, 7)),
                    new ChoiceOption('b', 'Chart squares', 'Find the buoy on the chart.', $pages(8)),
                ],
                ['a', 'b'],
            ),
            'A day at the harbour',
        );
        $handout = ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'A day at the harbour',
                'Choose one of the two.',
                CarbonImmutable::instance($this->school->local(now())->addDays(5)->setTime(12, 0)),
                null,
                [[$board, Mode::OwnCopy]],
                [$curlew],
            ),
        );
        ($this->pass)($handout, PassKind::OfClass, $curlew, now()->addDays(6));
        foreach ($this->copies($handout) as $index => $copy) {
            $places = $copy->item->edition->placesToFill();
            if ($index % 3 < 2 && $places->all() !== []) {
                $this->move->open($copy);
                $page = $index % 3 === 0 ? 2 : 4;
                $its = array_values(
                    array_filter(
                        $places->all(),
                        fn (AnswerPlace $place): bool => $place->page() === $page && $place->form instanceof TextAnswer,
                    ),
                );
                ($this->save)(
                    $copy,
                    new Draft(
                        0,
                        'demo',
                        array_combine(
                            array_map(fn (AnswerPlace $place): string => $place->id, array_slice($its, 0, 2)),
                            array_slice(['Edda', 'Friday'], 0, min(2, count($its))),
                        ),
                    ),
                    $places,
                    $page,
                );
            }
        }
    }

    /** Six boats of a class, each with one copy; the first of them is at it. */
    private function handOutTogether(Teacher $teacher, Worksheet $skills, SchoolClass $curlew): void
    {
        $handout = ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'All hands on deck',
                'Each boat fills in one page together.',
                CarbonImmutable::instance($this->school->local(now())->addDays(3)->setTime(12, 0)),
                null,
                [[$skills, Mode::TeamCopy]],
                [$curlew],
            ),
        );
        $copy = Copy::with(['item.edition', 'students'])
            ->whereHas('item', fn ($item) => $item->where('handout_id', $handout->id))
            ->orderBy('id')
            ->firstOrFail();
        $places = $copy->item->edition->placesToFill();
        $this->move->open($copy);
        $texts = array_values(array_filter(
            $places->all(),
            fn (AnswerPlace $place): bool => $place->form->kind() === AnswerKind::Number ||
                $place->form->kind() === AnswerKind::List,
        ));
        foreach (array_slice($texts, 0, 2) as $n => $place) {
            $text = ['4.2', 'west'][$n];
            $by = $copy->students->values()->get($n)?->id;
            ($this->save)(
                $copy,
                new Draft($n, "demo{$n}", [$place->id => $place->form->tidy($text)], was: [$place->id => ''], by: $by),
                $places,
                1,
            );
        }
    }

    private function handOutLog(
        Teacher $teacher,
        Worksheet $log,
        Worksheet $reading,
        SchoolClass $heron,
        SchoolClass $curlew,
    ): void {
        ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'Reading a tide table',
                'Two pages. Do the first page today and the second tomorrow.',
                CarbonImmutable::instance($this->school->local(now())->addDays(6)->setTime(9, 0)),
                null,
                [[$log, Mode::OwnCopy], [$reading, Mode::ReadOnly]],
                [$heron, $curlew],
            ),
        );
    }

    /** A handout that goes out tomorrow. */
    private function prepare(Teacher $teacher, Worksheet $days, SchoolClass $class): void
    {
        $tomorrow = CarbonImmutable::instance($this->school->local(now())->addDay());
        ($this->handOut)(
            $teacher,
            new HandoutPlan(
                'The harbour log',
                'One page a day. Hand in on the third.',
                $tomorrow->addDays(3)->setTime(15, 30),
                null,
                [[$days, Mode::OwnCopy]],
                [$class],
                out: $tomorrow->setTime(8, 30),
            ),
        );
    }

    /** @return list<Copy> */
    private function copies(Handout $handout): array
    {
        return array_values(
            $handout
                ->items()
                ->firstOrFail()
                ->copies()
                ->with(['student', 'item.edition'])
                ->orderBy('id')
                ->get()
                ->all(),
        );
    }

    /** @param  list<string>  $answers */
    private function work(Copy $copy, array $answers, Carbon $at): void
    {
        $places = $copy->item->edition->placesToFill();
        $this->move->open($copy);
        $typed = [];
        foreach (array_slice($places->all(), 0, 7) as $index => $place) {
            $typed[$place->id] = $index === 0 ? $copy->whose() : $answers[$index - 1] ?? '';
        }
        ($this->save)(
            $copy,
            new Draft(0, 'demo', array_filter($typed, fn (string $text): bool => $text !== '')),
            $places,
            1,
        );
        Copy::whereKey($copy->id)->update(['changed_at' => $at]);
    }
}
