<?php

declare(strict_types=1);

// Marks a copy, comments on it and hands it back, over and over, and says each time that it has: to be killed in the
// middle. It is run on a database file of its own (DB_DATABASE), by tests/Feature/KilledTest.

use App\Actions\HandBack;
use App\Actions\HandoutPlan;
use App\Actions\HandOutWorksheets;
use App\Actions\MarkByHand;
use App\Actions\MarkByKey;
use App\Actions\MoveCopy;
use App\Actions\WriteComment;
use App\Models\Copy;
use App\Models\HandoutItem;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\Teacher;
use App\Models\Worksheet;
use Illuminate\Contracts\Console\Kernel;
use OpenSlate\Elements\AnswerBox;
use OpenSlate\Geometry\Frame;
use OpenSlate\Handout\Mode;
use OpenSlate\Marking\Points;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$app->make(Kernel::class)->call('migrate', ['--force' => true]);

$teacher = Teacher::factory()->create()->refresh();
$class = SchoolClass::factory()->of($teacher)->create();
$class->students()->attach(Student::factory()->create());
$worksheet = Worksheet::factory()
    ->withPages(new AnswerBox('a', Frame::of(50, 100, 200, 18), prompt: 'Tide', points: 100.0, key: ['ebb']))
    ->create(['teacher_id' => $teacher->id]);
$app->make(HandOutWorksheets::class)(
    $teacher,
    new HandoutPlan('Tides', '', null, null, [[$worksheet, Mode::OwnCopy]], [$class]),
);
$item = HandoutItem::with(['edition.revisions', 'handout'])->sole();
$place = $app->make(MarkByKey::class)($item)->find('1.a');
$copy = Copy::sole();
$app->make(MoveCopy::class)->handIn($copy->load('item.edition'));

for ($n = 1; $n <= 100; $n++) {
    $app->make(MarkByHand::class)->give($item, $place, $teacher, [$copy->id], Points::of($n), PHP_INT_MAX);
    $app->make(WriteComment::class)($teacher, [$copy->id], '1.a', "remark {$n}");
    $app->make(HandBack::class)($item, [$copy->id], now()->setTimestamp(1_800_000_000 + $n));
    echo $n, "\n";
}
