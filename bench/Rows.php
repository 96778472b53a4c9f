<?php

declare(strict_types=1);

namespace Bench;

use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Models\Copy;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Database\Factories\WorksheetFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenSlate\Answers\TextAnswer;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;

/** The rows that more than one benchmark begins from. */
final class Rows
{
    /** The table that the bare routes of front.php write in. */
    public static function bare(int $rows): void
    {
        Schema::dropIfExists('bare');
        Schema::create('bare', function ($table): void {
            $table->id();
            $table->text('text')->nullable();
        });
        DB::table('bare')->insert(array_fill(0, $rows, ['text' => null]));
    }

    /** A worksheet with one page of 300 boxes. */
    public static function crowded(Teacher $teacher): Worksheet
    {
        $boxes = array_map(
            fn (int $n): AnswerBox => new AnswerBox(
                "b{$n}",
                Frame::of(30 + 36 * ($n % 15), 30 + 38 * intdiv($n, 15), 30, 18),
                prompt: "Number {$n}",
            ),
            range(0, 299),
        );

        return WorksheetFactory::new()
            ->for($teacher)
            ->withPages(...$boxes)
            ->create(['name' => 'Crowded']);
    }

    /**
     * Hands a page of twenty boxes to a class whose students sign in with the pin 2468.
     *
     * @return string "student.copy" of each, with commas between
     */
    public static function typists(SchoolClass $class, int $students, Mode $mode = Mode::OwnCopy): string
    {
        for ($n = 0; $n < $students; $n++) {
            $class->students()->attach(Student::create(['name' => "Student {$n}", 'pin' => '2468']));
        }
        $boxes = array_map(
            fn (int $n): AnswerBox => new AnswerBox("b{$n}", Frame::of(50, 30 + 35 * $n, 300, 30), TextAnswer::lines()),
            range(0, 19),
        );
        $teacher = $class->teachers()->firstOrFail();
        $worksheet = WorksheetFactory::new()
            ->for($teacher)
            ->withPagesOf([$boxes])
            ->create(['name' => 'Typed']);
        app(HandOutWorksheets::class)(
            $teacher,
            new HandoutPlan('Typed', '', null, null, [[$worksheet, $mode]], [$class]),
        );

        return $class->students()
            ->get()
            ->map(fn (Student $one): string => $one->id.'.'.Copy::query()->ownedBy($one->id)->firstOrFail()->id)
            ->join(',');
    }
}
