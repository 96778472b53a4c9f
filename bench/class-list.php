<?php

// A class list of 1,000 names in forty classes, looked at and taken in, against the bare inserts it needs.

declare(strict_types=1);

use App\Actions\ClassListPlan;
use App\Actions\KeepClassList;
use App\Documents\ClassListFile;
use App\Models\Student;
use App\Models\Teacher;
use Bench\Bench;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

return function (Bench $bench): void {
    // Each time a teacher of nothing yet; passwords are none of it.
    $teachers = array_map(
        fn (int $n): Teacher => Teacher::create(['name' => 'L', 'email' => "l{$n}@school.example", 'password' => 'x']),
        range(0, 14),
    );
    $run = 0;
    $list = function () use (&$run): string {
        $run++;
        $lines = array_map(fn (int $n): string => "First{$n}\tLast{$n}\tClass {$run}-".($n % 40), range(1, 1000));

        return "First\tLast\tClass\n".implode("\n", $lines);
    };
    $ours = function () use ($list, $teachers, &$run): void {
        $read = ClassListFile::text($list());
        $teacher = $teachers[$run];
        ClassListPlan::of($teacher, $read, '');
        app(KeepClassList::class)($teacher, ClassListPlan::of($teacher, $read, ''));
    };
    // What any program writes: the people, where they are, and their PINs in a form that can be looked at again.
    $write = function (int $run) use ($teachers): void {
        $classes = [];
        for ($n = 0; $n < 40; $n++) {
            $classes[] = DB::table('school_classes')->insertGetId(['name' => "{$run}-{$n}", 'code' => "{$run}-{$n}"]);
            DB::table('class_teachers')->insert(['school_class_id' => $classes[$n], 'teacher_id' => $teachers[0]->id]);
        }
        for ($n = 0; $n < 1000; $n++) {
            $student = DB::table('students')->insertGetId([
                'name' => "First{$n} Last{$n}",
                'pin' => Crypt::encryptString('1234'),
            ]);
            DB::table('enrolments')->insert(['school_class_id' => $classes[$n % 40], 'student_id' => $student]);
        }
    };
    $bare = function () use ($write, &$run): void {
        $run++;
        DB::transaction(fn () => $write($run));
    };
    $bare();
    $baseline = $bench->seconds($bare, 5);
    $count = Student::count();
    $ours();
    $count + 1000 === Student::count() || throw new RuntimeException('Not all of them came.');
    $took = $bench->seconds($ours, 5);
    $bench->report(
        'class-list',
        $took / $baseline,
        3,
        sprintf('%.0f ms against %.0f ms of bare inserts', $took * 1000, $baseline * 1000),
    );
};
