<?php

// Marking 150 copies of 20 places by the key, against reading them from the database; and one decision for all of them.

declare(strict_types=1);

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MarkByHand;
use App\Actions\MarkByKey;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use Database\Factories\WorksheetFactory;
use Illuminate\Support\Facades\DB;
use OpenSlate\Copies\CopyState;
use OpenSlate\Copies\Draft;
use OpenSlate\Copies\Work;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Marking\Points;

return function (Bench $bench): void {
    $teacher = Teacher::create(['name' => 'Mark', 'email' => 'mark@school.example', 'password' => 'x']);
    $class = $teacher->classes()->create(['name' => 'Mark', 'code' => 'MARK1']);
    for ($n = 0; $n < 150; $n++) {
        $class->students()->attach(Student::create(['name' => "S {$n}", 'pin' => 'x']));
    }
    $keys = ['estuary', 'lighthouse', 'the moon', '12 cm', 'neap tide', '19:46', '3/4', 'harbour', 'import', 'limpet'];
    $boxes = [];
    foreach ([...$keys, ...$keys] as $index => $key) {
        $boxes[] = new AnswerBox("a{$index}", Frame::of(50, 30 + 35 * $index, 200, 18), points: 1.0, key: [$key]);
    }
    $worksheet = WorksheetFactory::new()->for($teacher)->withPages(...$boxes)->create(['name' => 'Mark']);
    $handout = app(HandOutWorksheets::class)(
        $teacher,
        new HandoutPlan('Mark', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
    );
    $given = fn (int $student, int $place): string => [
        $keys[$place % 10],
        strtoupper($keys[$place % 10]).'.',
        substr($keys[$place % 10], 1),
        'something else',
        $keys[($place + $student) % 10],
    ][($student + $place) % 5];
    foreach (Copy::query()->orderBy('id')->get() as $student => $copy) {
        $answers = [];
        foreach ($boxes as $place => $box) {
            $answers["1.{$box->id}"] = $given($student, $place);
        }
        $work = Work::none()->save(new Draft(0, 'bench', $answers))->work;
        $copy->fill(['state' => CopyState::HandedIn, 'work' => $work->toJson(), 'version' => 2])->save();
    }
    $item = fn (): HandoutItem => HandoutItem::with(['edition.revisions', 'handout'])
        ->where('handout_id', $handout->id)
        ->sole();
    $read = fn (): int => count(array_map(
        fn (Copy $copy): array => $copy->written()->texts(),
        Copy::query()->where('handout_item_id', $item()->id)->get()->all(),
    ));
    $time = function (callable $do): float {
        $times = [];
        for ($n = 0; $n < 7; $n++) {
            $start = hrtime(true);
            $do();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[3];
    };
    $read();
    $reading = $time($read);
    $marking = $time(function () use ($item): void {
        DB::table('copies')->update(['judged' => null, 'judged_for' => null]);
        app(MarkByKey::class)($item());
    });
    $bench->report(
        'mark-by-key',
        $marking / $reading,
        3,
        sprintf('%.1f ms for 150 copies of 20 places, reading them takes %.1f ms', $marking, $reading),
    );
    $one = $item();
    $place = app(MarkByKey::class)($one)->find('1.a0') ?? throw new RuntimeException('no place');
    $ids = array_values(array_map(intval(...), Copy::query()->pluck('id')->all()));
    DB::flushQueryLog();
    DB::enableQueryLog();
    app(MarkByHand::class)->give($one, $place, $teacher, $ids, Points::of(1), 0);
    $writes = array_filter(
        DB::getQueryLog(),
        fn (array $query): bool => preg_match('/^(insert|update|delete)/', $query['query']) === 1,
    );
    DB::disableQueryLog();
    $bench->report(
        'mark-group',
        (float) count($writes),
        2,
        count($writes).' queries for 150 copies, one to each of two tables',
    );
};
