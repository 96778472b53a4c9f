<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AnswerFileController;
use App\Http\Controllers\ArrangementController;
use App\Http\Controllers\BackdropController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BinController;
use App\Http\Controllers\BlankController;
use App\Http\Controllers\BoardController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\ChosenController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\ClassDoorController;
use App\Http\Controllers\ClassListController;
use App\Http\Controllers\ClassShelfController;
use App\Http\Controllers\ClassTeacherController;
use App\Http\Controllers\ClipController;
use App\Http\Controllers\CommentController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\CorrectionController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DesksController;
use App\Http\Controllers\DocumentController;
use App\Http\Controllers\EarlierController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FamilyController;
use App\Http\Controllers\FreshCopyController;
use App\Http\Controllers\HandBackController;
use App\Http\Controllers\HandoutChangeController;
use App\Http\Controllers\HandoutController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\KeyController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LeadController;
use App\Http\Controllers\LeavingController;
use App\Http\Controllers\LockController;
use App\Http\Controllers\MarkingController;
use App\Http\Controllers\MendingController;
use App\Http\Controllers\MessageController;
use App\Http\Controllers\MomentController;
use App\Http\Controllers\OnPaperController;
use App\Http\Controllers\PackController;
use App\Http\Controllers\PageController;
use App\Http\Controllers\PageSetController;
use App\Http\Controllers\PassController;
use App\Http\Controllers\PassDoorController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PreviewController;
use App\Http\Controllers\PulseController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RecordingController;
use App\Http\Controllers\RemarkController;
use App\Http\Controllers\ResultsController;
use App\Http\Controllers\ReturnedController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SharerController;
use App\Http\Controllers\SharingController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SlipController;
use App\Http\Controllers\SoundController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\StudentWorkController;
use App\Http\Controllers\TakingController;
use App\Http\Controllers\TeacherController;
use App\Http\Controllers\TeamController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\UnitController;
use App\Http\Controllers\WeightController;
use App\Http\Controllers\WelcomeController;
use App\Http\Controllers\WhoController;
use App\Http\Controllers\WorksheetController;
use App\Http\Middleware\ThroughPass;
use Illuminate\Support\Facades\Route;

$sheet = ['number' => '[1-9][0-9]{0,5}', 'what' => 'page|thumbnail|element-[A-Za-z0-9_-]{1,24}'];

// A copy and what is done at it: for its student, and for a teacher who tries a worksheet.
$copies = function (string $ability): void {
    Route::get('{copy}', [CopyController::class, 'show'])
        ->can($ability, 'copy')
        ->middleware('cache.headers:etag')
        ->name('show');
    Route::get('{copy}/guides/{number}', [CopyController::class, 'guides'])
        ->whereNumber('number')
        ->can($ability, 'copy')
        ->name('guides');
    Route::patch('{copy}', [CopyController::class, 'save'])
        ->can($ability, 'copy')
        ->name('save');
    Route::post('{copy}/files', AnswerFileController::class)
        ->can($ability, 'copy')
        ->middleware('throttle:answer-files')
        ->name('files');
    Route::post('{copy}/hand-in', [CopyController::class, 'handIn'])
        ->can($ability, 'copy')
        ->name('hand-in');
    Route::post('{copy}/another', [CopyController::class, 'another'])
        ->can($ability, 'copy')
        ->name('another');
    Route::post('{copy}/take-back', [CopyController::class, 'takeBack'])
        ->can($ability, 'copy')
        ->name('take-back');
};

Route::get('/', HomeController::class)->name('home');
Route::get('who', WhoController::class)->name('who');

Route::middleware('guest:teacher')->group(function (): void {
    Route::get('sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('sign-in', [SignInController::class, 'store'])->middleware('throttle:door');
    Route::get('sign-in/code', [SignInController::class, 'code'])->name('sign-in.code');
    Route::post('sign-in/code', [SignInController::class, 'enter'])->middleware('throttle:door');
});
Route::post('sign-out', [SignInController::class, 'destroy'])
    ->middleware('auth:teacher,student')
    ->name('sign-out');

Route::middleware('guest:student')->group(function (): void {
    Route::get('class', [ClassDoorController::class, 'code'])->name('class.code');
    Route::post('class', [ClassDoorController::class, 'find'])->middleware('throttle:door');
    Route::get('class/{class:code}', [ClassDoorController::class, 'names'])
        ->middleware('throttle:door')
        ->name('class.names');
    Route::post('class/{class:code}', [ClassDoorController::class, 'enter'])
        ->middleware('throttle:door')
        ->name('class.enter');
});

Route::prefix('welcome/{token}')
    ->middleware('throttle:door')
    ->group(function (): void {
        Route::get('', [WelcomeController::class, 'show'])->name('welcome');
        Route::post('', [WelcomeController::class, 'choose'])->name('welcome.choose');
        Route::post('school', [WelcomeController::class, 'open'])->name('welcome.open');
    });

// Passes: whoever comes by one is signed in to one handout.
Route::get('p', [PassDoorController::class, 'over'])->name('pass.over');
Route::prefix('p/{code}')
    ->middleware('throttle:passes')
    ->group(function (): void {
        Route::get('', [PassDoorController::class, 'show'])->name('pass');
        Route::post('', [PassDoorController::class, 'enter'])->name('pass.enter');
    });

Route::get('families/{token}', [FamilyController::class, 'show'])
    ->middleware('throttle:60,1')
    ->name('families.show');
Route::get('families/{token}/set.ics', [FamilyController::class, 'feed'])
    ->middleware('throttle:60,1')
    ->name('families.feed');

// A new password, or a new PIN, ends the sessions that were begun with the old one.
Route::middleware(['auth:teacher', 'auth.session'])->group(function () use ($copies, $sheet): void {
    // Both go over what is the teacher's own, and nothing else.
    Route::get('shelf', [ShelfController::class, 'show'])->name('shelf');
    Route::get('shelf/find', [ShelfController::class, 'find'])->name('shelf.find');
    Route::post('shelf/unit', [ChosenController::class, 'unit'])->name('chosen.unit');
    Route::post('shelf/bin', [ChosenController::class, 'bin'])->name('chosen.bin');
    Route::post('shelf/put-back', [ChosenController::class, 'putBack'])->name('chosen.put-back');
    Route::post('shelf/hand-out', [ChosenController::class, 'handOut'])->name('chosen.hand-out');
    Route::post('shelf/package', [ChosenController::class, 'package'])->name('chosen.package');
    Route::post('shelf/board', [ChosenController::class, 'board'])->name('chosen.board');

    Route::post('worksheets', [WorksheetController::class, 'store'])
        ->middleware('throttle:bring-in')
        ->middleware('once')
        ->name('worksheets.store');
    Route::post('worksheets/blank', [WorksheetController::class, 'blank'])
        ->middleware('throttle:bring-in')
        ->middleware('once')
        ->name('worksheets.blank');
    Route::get('worksheets/{worksheet}', [WorksheetController::class, 'show'])
        ->can('view', 'worksheet')
        ->name('worksheets.show');
    Route::get('worksheets/{worksheet}/progress', [WorksheetController::class, 'progress'])
        ->can('view', 'worksheet')
        ->name('worksheets.progress');
    Route::post('worksheets/{worksheet}/sets', [PageSetController::class, 'store'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('sets.store');
    Route::patch('worksheets/{worksheet}', [WorksheetController::class, 'rename'])
        ->can('update', 'worksheet')
        ->name('worksheets.rename');
    Route::delete('worksheets/{worksheet}', [BinController::class, 'store'])
        ->can('update', 'worksheet')
        ->name('bin.store');
    Route::get('bin', [BinController::class, 'index'])->name('bin.index');
    Route::post('bin/{worksheet}', [BinController::class, 'putBack'])
        ->withTrashed()
        ->can('putBack', 'worksheet')
        ->name('bin.put-back');
    Route::put('worksheets/{worksheet}/unit', [UnitController::class, 'assign'])
        ->can('update', 'worksheet')
        ->name('units.assign');
    Route::post('units', [UnitController::class, 'store'])
        ->middleware('once')
        ->name('units.store');
    Route::patch('units/{unit}', [UnitController::class, 'rename'])
        ->can('update', 'unit')
        ->name('units.rename');
    Route::post('units/{unit}/move', [UnitController::class, 'move'])
        ->can('update', 'unit')
        ->name('units.move');
    Route::delete('units/{unit}', [UnitController::class, 'destroy'])
        ->can('update', 'unit')
        ->name('units.destroy');
    Route::post('units/{unit}/put-back', [UnitController::class, 'putBack'])
        ->withTrashed()
        ->can('update', 'unit')
        ->name('units.put-back');

    Route::get('colleagues', [SharingController::class, 'index'])->name('colleagues.index');
    Route::get('colleagues/{worksheet}', [SharingController::class, 'show'])
        ->can('look', 'worksheet')
        ->name('colleagues.show');
    Route::post('colleagues/{worksheet}', [SharingController::class, 'take'])
        ->can('look', 'worksheet')
        ->middleware('once')
        ->name('colleagues.take');
    Route::get('worksheets/{worksheet}/sharing', [SharingController::class, 'edit'])
        ->can('update', 'worksheet')
        ->name('sharing.edit');
    Route::put('worksheets/{worksheet}/sharing', [SharingController::class, 'update'])
        ->can('update', 'worksheet')
        ->name('sharing.update');

    Route::post('worksheets/{worksheet}/unlock', [LockController::class, 'unlock'])
        ->can('update', 'worksheet')
        ->name('unlock');
    Route::post('worksheets/{worksheet}/lock', [LockController::class, 'lock'])
        ->can('update', 'worksheet')
        ->name('lock');
    Route::post('worksheets/{worksheet}/files', [WorksheetController::class, 'add'])
        ->can('update', 'worksheet')
        ->middleware('throttle:bring-in')
        ->middleware('once')
        ->name('files.store');
    Route::get('worksheets/{worksheet}/pages', [ArrangementController::class, 'show'])
        ->can('update', 'worksheet')
        ->name('pages.index');
    foreach (
        ['arrange', 'questions', 'undo', 'redo', 'turn', 'duplicate', 'blank', 'take', 'paper', 'links'] as $change
    ) {
        Route::post("worksheets/{worksheet}/pages/{$change}", [ArrangementController::class, $change])
            ->can('update', 'worksheet')
            ->name("pages.{$change}");
    }
    Route::post('worksheets/{worksheet}/pages/paper/preview', [ArrangementController::class, 'paperPreview'])
        ->can('update', 'worksheet')
        ->name('pages.paper.preview');
    Route::get('worksheets/{worksheet}/board', [BoardController::class, 'edit'])
        ->can('update', 'worksheet')
        ->name('boards.edit');
    Route::post('worksheets/{worksheet}/board', [BoardController::class, 'store'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('boards.store');
    Route::post('worksheets/{worksheet}/board/preview', [BoardController::class, 'preview'])
        ->can('update', 'worksheet')
        ->name('boards.preview');
    Route::get('worksheets/{worksheet}/document', [DocumentController::class, 'show'])
        ->can('view', 'worksheet')
        ->name('documents.show');
    Route::post('worksheets/{worksheet}/document/seen', [DocumentController::class, 'seen'])
        ->can('update', 'worksheet')
        ->name('documents.seen');
    Route::get('worksheets/{worksheet}/document/{original}', [DocumentController::class, 'original'])
        ->can('view', 'worksheet')
        ->name('documents.original');
    Route::post('worksheets/{worksheet}/document/{original}', [DocumentController::class, 'anew'])
        ->can('update', 'worksheet')
        ->middleware('throttle:bring-in')
        ->middleware('once')
        ->name('documents.anew');
    Route::get('worksheets/{worksheet}/mending', [MendingController::class, 'show'])
        ->can('update', 'worksheet')
        ->name('mending.show');
    Route::post('worksheets/{worksheet}/mending', [MendingController::class, 'takeAll'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('mending.take-all');
    Route::post('worksheets/{worksheet}/mending/page', [MendingController::class, 'settle'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('mending.settle');
    Route::post('worksheets/{worksheet}/cuts/preview', [PackController::class, 'preview'])
        ->can('update', 'worksheet')
        ->name('cuts.preview');
    Route::post('worksheets/{worksheet}/cuts', [PackController::class, 'cut'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('cuts.store');
    Route::get('worksheets/{worksheet}/boxes/{number?}', [BenchController::class, 'show'])
        ->whereNumber('number')
        ->can('update', 'worksheet')
        ->name('bench');
    Route::get('worksheets/{worksheet}/parts/{number?}', [BenchController::class, 'parts'])
        ->whereNumber('number')
        ->can('update', 'worksheet')
        ->name('parts');
    Route::get('worksheets/{worksheet}/key/{number?}', KeyController::class)
        ->whereNumber('number')
        ->can('update', 'worksheet')
        ->name('key');
    Route::get('worksheets/{worksheet}/check', [CheckController::class, 'show'])
        ->can('update', 'worksheet')
        ->name('check');
    Route::post('worksheets/{worksheet}/check', [CheckController::class, 'mend'])
        ->can('update', 'worksheet')
        ->name('check.mend');
    Route::get('worksheets/{worksheet}/hand-out', [HandoutController::class, 'create'])
        ->can('update', 'worksheet')
        ->name('handouts.create');
    Route::post('worksheets/{worksheet}/hand-out', [HandoutController::class, 'store'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('handouts.store');
    Route::post('worksheets/{worksheet}/hand-out/preview', [HandoutController::class, 'preview'])
        ->can('update', 'worksheet')
        ->name('handouts.preview');

    Route::get('pages/{page}', [PageController::class, 'show'])
        ->can('view', 'page')
        ->name('page.show');
    Route::get('pages/{page}/small/{number}', [PageController::class, 'small'])
        ->whereNumber('number')
        ->can('look', 'page')
        ->name('page.small');
    Route::get('pages/{page}/guides', [PageController::class, 'guides'])
        ->can('update', 'page')
        ->name('page.guides');
    Route::get('pages/{page}/questions', [PageController::class, 'questions'])
        ->can('update', 'page')
        ->name('page.questions');
    Route::post('pages/{page}/edits', [PageController::class, 'edit'])
        ->can('update', 'page')
        ->name('page.edit');
    Route::post('pages/{page}/blanks/take', [BlankController::class, 'take'])
        ->can('update', 'page')
        ->name('blanks.take');
    Route::post('pages/{page}/blanks/refuse', [BlankController::class, 'refuse'])
        ->can('update', 'page')
        ->name('blanks.refuse');
    Route::post('worksheets/{worksheet}/blanks', [BlankController::class, 'takeAll'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('blanks.take-all');
    Route::get('clips/{worksheet}', [ClipController::class, 'pages'])
        ->can('look', 'worksheet')
        ->name('clips.pages');
    Route::post('pages/{page}/clips', [ClipController::class, 'lay'])
        ->can('update', 'page')
        ->name('clips.lay');
    Route::post('pages/{page}/clip-part', [ClipController::class, 'part'])
        ->can('update', 'page')
        ->name('clips.part');
    Route::post('pages/{page}/kit', [KitController::class, 'lay'])
        ->can('update', 'page')
        ->name('kits.lay');
    Route::post('pages/{page}/kits', [KitController::class, 'store'])
        ->can('update', 'page')
        ->middleware('once')
        ->name('kits.store');
    Route::delete('kits/{kit}', [KitController::class, 'destroy'])
        ->can('delete', 'kit')
        ->name('kits.destroy');
    Route::post('pages/{page}/room', [PageController::class, 'room'])
        ->can('update', 'page')
        ->name('page.room');
    Route::post('pages/{page}/pictures', [PictureController::class, 'store'])
        ->can('update', 'page')
        ->middleware('throttle:bring-in')
        ->name('pictures.store');
    Route::post('pages/{page}/recordings', [RecordingController::class, 'store'])
        ->can('update', 'page')
        ->middleware('throttle:bring-in')
        ->name('recordings.store');
    Route::get('pages/{page}/weight', [WeightController::class, 'show'])
        ->can('update', 'page')
        ->name('weight.show');
    Route::post('pages/{page}/weight', [WeightController::class, 'lighten'])
        ->can('update', 'page')
        ->name('weight.lighten');
    Route::get('pages/{page}/weight/{made}', [WeightController::class, 'picture'])
        ->can('update', 'page')
        ->where('made', '[0-9a-f]{64}')
        ->name('weight.picture');
    Route::post('pages/{page}/undo', [PageController::class, 'undo'])
        ->can('update', 'page')
        ->name('page.undo');
    Route::post('pages/{page}/redo', [PageController::class, 'redo'])
        ->can('update', 'page')
        ->name('page.redo');

    Route::prefix('try')
        ->name('trial.')
        ->group(function () use ($copies, $sheet): void {
            Route::get('day', [PreviewController::class, 'day'])->name('day');
            Route::get('readings/{item}', ReadingController::class)->can('try', 'item')->name('readings');
            $copies('try');
            Route::get('sheets/{item}/{number}/{what}', SheetController::class)
                ->can('try', 'item')
                ->where($sheet)
                ->name('sheets');
            Route::delete('{copy}', [TrialController::class, 'end'])->can('try', 'copy')->name('end');
        });
    Route::post('worksheets/{worksheet}/try', [TrialController::class, 'store'])
        ->can('update', 'worksheet')
        ->middleware('once')
        ->name('trial.store');

    Route::get('worksheets/{worksheet}/paper', [LeavingController::class, 'worksheet'])
        ->can('view', 'worksheet')
        ->name('leaving');
    Route::post('worksheets/{worksheet}/paper', [LeavingController::class, 'makeOfWorksheet'])
        ->can('view', 'worksheet')
        ->middleware('once')
        ->name('leaving.make');
    Route::get('packages', [LeavingController::class, 'packages'])->name('packages');
    Route::post('packages', [LeavingController::class, 'pack'])->middleware('once')->name('packages.store');
    Route::get('items/{item}/paper', [LeavingController::class, 'copies'])
        ->can('watch', 'item')
        ->name('copies.leaving');
    Route::post('items/{item}/paper', [LeavingController::class, 'makeOfCopies'])
        ->can('watch', 'item')
        ->middleware('once')
        ->name('copies.leaving.make');
    Route::prefix('items/{item}/returned')
        ->can('watch', 'item')
        ->group(function (): void {
            Route::post('', [ReturnedController::class, 'read'])->name('returned.read');
            Route::post('choose', [ReturnedController::class, 'choose'])->name('returned.choose');
            Route::post('take', [ReturnedController::class, 'take'])->name('returned.take');
        });
    Route::prefix('items/{item}/on-paper')
        ->can('watch', 'item')
        ->scopeBindings()
        ->group(function (): void {
            Route::get('', [OnPaperController::class, 'show'])->name('on-paper');
            Route::post('', [OnPaperController::class, 'store'])->middleware('once')->name('on-paper.store');
            Route::post('take', [OnPaperController::class, 'take'])->name('on-paper.take');
            Route::delete('', [OnPaperController::class, 'destroy'])->name('on-paper.destroy');
            Route::get('files/{paper}', [OnPaperController::class, 'file'])->name('on-paper.file');
            Route::get('{sheet}/picture', [OnPaperController::class, 'picture'])->name('on-paper.picture');
        });
    Route::get('exports/{export}', [ExportController::class, 'show'])
        ->can('take', 'export')
        ->name('exports.show');
    Route::get('exports/{export}/file', [ExportController::class, 'file'])
        ->can('take', 'export')
        ->name('exports.file');
    Route::delete('exports/{export}', [ExportController::class, 'destroy'])
        ->can('take', 'export')
        ->name('exports.destroy');

    Route::get('handouts', [HandoutController::class, 'index'])->name('handouts.index');
    Route::get('handouts/{handout}', [DesksController::class, 'show'])
        ->can('watch', 'handout')
        ->name('desks');
    Route::prefix('handouts/{handout}/change')
        ->can('change', 'handout')
        ->group(function (): void {
            Route::get('', [HandoutChangeController::class, 'edit'])->name('handouts.change');
            Route::post('', [HandoutChangeController::class, 'store'])->name('handouts.change.save');
            Route::post('preview', [HandoutChangeController::class, 'preview'])->name('handouts.change.preview');
            Route::post('undo', [HandoutChangeController::class, 'undo'])->name('handouts.change.undo');
            Route::post('redo', [HandoutChangeController::class, 'redo'])->name('handouts.change.redo');
            Route::post('close', [HandoutChangeController::class, 'close'])->name('handouts.change.close');
            Route::post('away', [HandoutChangeController::class, 'putAway'])->name('handouts.change.away');
        });
    Route::get('handouts/{handout}/changes', [DesksController::class, 'changes'])
        ->can('watch', 'handout')
        ->name('desks.changes');
    Route::post('handouts/{handout}/answers', [DesksController::class, 'answers'])
        ->can('keep', 'handout')
        ->name('desks.answers');
    Route::prefix('handouts/{handout}')
        ->can('watch', 'handout')
        ->scopeBindings()
        ->group(function (): void {
            Route::post('words', [MessageController::class, 'store'])
                ->middleware('once')
                ->name('words.store');
            Route::delete('words/{message}', [MessageController::class, 'destroy'])->name('words.destroy');
            Route::post('hold', [MessageController::class, 'hold'])->name('hold');
            Route::delete('hold', [MessageController::class, 'goOn'])->name('hold.end');
        });
    Route::get('handouts/{handout}/marking', [MarkingController::class, 'show'])
        ->can('watch', 'handout')
        ->name('marking');
    Route::post('handouts/{handout}/marking', [MarkingController::class, 'store'])
        ->can('watch', 'handout')
        ->name('marking.give');
    Route::post('handouts/{handout}/comments', [CommentController::class, 'store'])
        ->can('watch', 'handout')
        ->name('marking.comments');
    Route::post('items/{item}/correct', [CorrectionController::class, 'store'])
        ->can('correct', 'item')
        ->name('correct');
    Route::delete('items/{item}/correct', [CorrectionController::class, 'destroy'])
        ->can('correct', 'item')
        ->name('correct.undo');
    Route::post('items/{item}/fresh', [FreshCopyController::class, 'store'])
        ->can('watch', 'item')
        ->name('fresh');
    Route::delete('items/{item}/fresh', [FreshCopyController::class, 'destroy'])
        ->can('watch', 'item')
        ->name('fresh.undo');
    Route::post('items/{item}/daily', [FreshCopyController::class, 'daily'])
        ->can('watch', 'item')
        ->name('fresh.daily');
    Route::prefix('copies/{copy}/moments')
        ->can('watch', 'copy')
        ->scopeBindings()
        ->group(function (): void {
            Route::post('', [MomentController::class, 'store'])->name('moments.keep');
            Route::get('{moment}', [MomentController::class, 'show'])->name('moments.show');
            Route::post('{moment}/return', [MomentController::class, 'return'])->name('moments.return');
        });
    Route::get('phrases', [CommentController::class, 'phrases'])->name('marking.phrases');
    Route::get('handouts/{handout}/results', [ResultsController::class, 'show'])
        ->can('watch', 'handout')
        ->name('results');
    Route::get('handouts/{handout}/results.{kind}', [ResultsController::class, 'file'])
        ->can('watch', 'handout')
        ->whereIn('kind', ['csv', 'xlsx'])
        ->name('results.file');
    Route::get('classes/{class}/results', [ResultsController::class, 'ofClass'])
        ->can('view', 'class')
        ->name('classes.results');
    Route::get('classes/{class}/results/gradebook', [ResultsController::class, 'gradebook'])
        ->can('view', 'class')
        ->name('classes.results.gradebook');
    Route::get('classes/{class}/results.{kind}', [ResultsController::class, 'fileOfClass'])
        ->can('view', 'class')
        ->whereIn('kind', ['csv', 'xlsx'])
        ->name('classes.results.file');
    Route::prefix('copies/{copy}/pages/{number}')
        ->whereNumber('number')
        ->can('watch', 'copy')
        ->group(function (): void {
            Route::put('ink', [RemarkController::class, 'ink'])->name('remarks.ink');
            Route::post('words', [RemarkController::class, 'spot'])->name('remarks.spot');
        });
    Route::post('copies/{copy}/sounds', [SoundController::class, 'store'])
        ->can('watch', 'copy')
        ->middleware('throttle:bring-in')
        ->name('sounds.say');
    Route::delete('copies/{copy}/sounds', [SoundController::class, 'destroy'])
        ->can('watch', 'copy')
        ->name('sounds.destroy');
    Route::prefix('copies/{copy}/students')->group(function (): void {
        Route::post('', [SharerController::class, 'join'])->can('extend', 'copy')->name('sharers.join');
        Route::delete('{student}', [SharerController::class, 'leave'])
            ->whereNumber('student')
            ->can('extend', 'copy')
            ->name('sharers.leave');
        Route::put('{student}/points', [SharerController::class, 'points'])
            ->whereNumber('student')
            ->can('watch', 'copy')
            ->name('sharers.points');
    });
    Route::post('copies/{copy}/excuse', [ResultsController::class, 'excuse'])
        ->can('watch', 'copy')
        ->name('copies.excuse');
    Route::post('items/{item}/back', [HandBackController::class, 'store'])
        ->can('watch', 'item')
        ->name('hand-back');
    Route::delete('items/{item}/back', [HandBackController::class, 'destroy'])
        ->can('watch', 'item')
        ->name('hand-back.undo');
    Route::prefix('handouts/{handout}')
        ->can('change', 'handout')
        ->scopeBindings()
        ->group(function (): void {
            Route::get('seen', [PreviewController::class, 'show'])->name('preview');
            Route::get('passes', [PassController::class, 'index'])->name('passes');
            Route::post('passes', [PassController::class, 'store'])
                ->middleware('once')
                ->name('passes.store');
            Route::get('slips', [PassController::class, 'slips'])->name('passes.slips');
            Route::get('passes/{pass}', [PassController::class, 'show'])->name('passes.show');
            Route::delete('passes/{pass}', [PassController::class, 'destroy'])->name('passes.destroy');
            Route::delete('slips', [PassController::class, 'destroySlips'])->name('passes.slips.destroy');
            Route::post('guests/{guest}', [PassController::class, 'join'])->name('passes.join');
        });
    Route::post('copies/{copy}/time', [HandoutChangeController::class, 'extend'])
        ->can('extend', 'copy')
        ->name('copies.extend');
    Route::get('copies/{copy}', [DesksController::class, 'copy'])
        ->can('watch', 'copy')
        ->name('desks.copy');

    Route::get('classes', [ClassController::class, 'index'])->name('classes.index');
    Route::post('classes', [ClassController::class, 'store'])
        ->middleware('once')
        ->name('classes.store');
    Route::post('classes/list', [ClassListController::class, 'preview'])
        ->middleware('throttle:bring-in')
        ->name('classes.list');
    Route::post('classes/list/keep', [ClassListController::class, 'keep'])
        ->middleware('once')
        ->name('classes.list.store');
    Route::get('classes/{class}', [ClassController::class, 'show'])
        ->can('view', 'class')
        ->name('classes.show');
    Route::post('classes/{class}/families', [FamilyController::class, 'turn'])
        ->can('update', 'class')
        ->name('classes.families');
    Route::post('classes/{class}/students', [ClassController::class, 'enrol'])
        ->can('update', 'class')
        ->middleware('once')
        ->name('classes.enrol');
    Route::prefix('classes/{class}')
        ->can('update', 'class')
        ->group(function (): void {
            Route::patch('', [ClassController::class, 'rename'])->name('classes.rename');
            Route::get('teams', [TeamController::class, 'index'])->name('teams');
            Route::post('teams', [TeamController::class, 'store'])
                ->middleware('once')
                ->name('teams.store');
            Route::scopeBindings()
                ->prefix('teams/{teamSet}')
                ->group(function (): void {
                    Route::put('', [TeamController::class, 'move'])->name('teams.move');
                    Route::patch('', [TeamController::class, 'rename'])->name('teams.rename');
                    Route::delete('', [TeamController::class, 'destroy'])->name('teams.destroy');
                });
            Route::get('shelf', [ClassShelfController::class, 'show'])->name('class-shelf');
            Route::post('shelf', [ClassShelfController::class, 'store'])
                ->middleware('once')
                ->name('class-shelf.store');
            Route::delete('shelf/{item}', [ClassShelfController::class, 'destroy'])
                ->can('watch', 'item')
                ->name('class-shelf.destroy');
            Route::get('list.csv', [ClassListController::class, 'file'])->name('classes.list.file');
            Route::get('slips', [SlipController::class, 'show'])->name('classes.slips');
            Route::put('door', [SlipController::class, 'door'])->name('classes.door');
            Route::post('pins', [SlipController::class, 'renew'])
                ->middleware('once')
                ->name('classes.pins');
            Route::post('away', [ClassController::class, 'putAway'])->name('classes.away');
            Route::post('teachers', [ClassTeacherController::class, 'add'])->name('classes.teachers');
            Route::delete('teachers/{teacher}', [ClassTeacherController::class, 'remove'])
                ->scopeBindings()
                ->name('classes.teachers.remove');
            Route::post('students/{leaver}/come-back', [StudentController::class, 'comeBack'])
                ->scopeBindings()
                ->name('students.come-back');
            Route::prefix('students/{student}')
                ->scopeBindings()
                ->group(function (): void {
                    Route::patch('', [StudentController::class, 'rename'])->name('students.rename');
                    Route::get('work', [StudentWorkController::class, 'show'])->name('students.work');
                    Route::post('work', [StudentWorkController::class, 'store'])
                        ->middleware('once')
                        ->name('students.work.make');
                    Route::post('pin', [StudentController::class, 'pin'])
                        ->middleware('once')
                        ->name('classes.pin');
                    Route::post('let-try', [StudentController::class, 'letTry'])->name('classes.let-try');
                    Route::post('move', [StudentController::class, 'move'])->name('students.move');
                    Route::post('leave', [StudentController::class, 'leave'])->name('students.leave');
                });
        });

    // What each teacher settles for themselves.
    Route::get('account', [AccountController::class, 'show'])->name('account');
    Route::prefix('account')
        ->middleware('throttle:account')
        ->group(function (): void {
            Route::put('name', [AccountController::class, 'rename'])->name('account.name');
            Route::put('password', [AccountController::class, 'password'])->name('account.password');
            Route::post('everywhere', [AccountController::class, 'everywhere'])->name('account.everywhere');
            Route::post('second', [AccountController::class, 'offer'])->name('account.second.offer');
            Route::put('second', [AccountController::class, 'turnOn'])->name('account.second.on');
            Route::delete('second', [AccountController::class, 'turnOff'])->name('account.second.off');
        });

    Route::middleware('can:look-after-school')->group(function (): void {
        Route::get('school', [SchoolController::class, 'show'])->name('school');
        Route::put('school', [SchoolController::class, 'update'])->name('school.update');
        Route::post('school/teachers', [TeacherController::class, 'invite'])
            ->middleware('once')
            ->name('teachers.store');
    });
    Route::prefix('school/teachers/{teacher}')
        ->can('lookAfter', 'teacher')
        ->group(function (): void {
            Route::delete('', [TeacherController::class, 'destroy'])->name('teachers.destroy');
            Route::post('link', [TeacherController::class, 'link'])->name('teachers.link');
            Route::put('office', [TeacherController::class, 'office'])->name('teachers.office');
            Route::delete('phone', [TeacherController::class, 'withoutPhone'])->name('teachers.without-phone');
            Route::post('leave', [TeacherController::class, 'leave'])->name('teachers.leave');
            Route::post('come-back', [TeacherController::class, 'comeBack'])->name('teachers.come-back');
        });
});

Route::middleware(['auth:student', 'auth.session', ThroughPass::class])
    ->prefix('my')
    ->group(function () use ($copies, $sheet): void {
        Route::get('day', DayController::class)
            ->middleware('cache.headers:etag')
            ->name('day');
        Route::prefix('copies')->name('copies.')->group(fn () => $copies('work'));
        Route::post('copies/{copy}/pulse', PulseController::class)->can('work', 'copy')->name('copies.pulse');
        Route::prefix('copies/{copy}/earlier')
            ->can('work', 'copy')
            ->scopeBindings()
            ->group(function (): void {
                Route::post('', [EarlierController::class, 'store'])->name('earlier.keep');
                Route::get('{moment}', [EarlierController::class, 'show'])->name('earlier.show');
                Route::post('{moment}', [EarlierController::class, 'return'])->name('earlier.return');
            });
        Route::post('copies/{copy}/not-yet', [CopyController::class, 'notYet'])
            ->can('work', 'copy')
            ->name('copies.not-yet');
        Route::get('sheets/{item}/{number}/{what}', SheetController::class)
            ->can('see', 'item')
            ->where($sheet)
            ->name('sheets.show');
        Route::get('readings/{item}', ReadingController::class)->can('read', 'item')->name('readings.show');
        Route::get('worksheets/{worksheet}', LeadController::class)
            ->where('worksheet', '[1-9][0-9]{0,9}')
            ->name('lead');
        Route::get('shelf', [TakingController::class, 'show'])->name('taking');
        Route::post('shelf/{item}', [TakingController::class, 'take'])->can('take', 'item')->name('taking.take');
        Route::post('copies/{copy}/throw-away', [TakingController::class, 'throwAway'])
            ->can('throwAway', 'copy')
            ->name('copies.throw-away');
        Route::post('copies/{copy}/put-back', [TakingController::class, 'putBack'])
            ->can('putBack', 'copy')
            ->name('copies.put-back');
    });

Route::get('pictures/{file}', [PictureController::class, 'show'])
    ->middleware(['auth:teacher,student', 'auth.session'])
    ->can('see', 'file')
    ->where('file', '[0-9a-f]{64}')
    ->name('pictures.show');
Route::get('recordings/{recording}', [RecordingController::class, 'show'])
    ->middleware(['auth:teacher,student', 'auth.session'])
    ->can('hear', 'recording')
    ->where('recording', '[0-9a-f]{64}')
    ->name('recordings.show');
Route::get('comments/{comment}/sound', [SoundController::class, 'show'])
    ->middleware(['auth:teacher,student', 'auth.session'])
    ->can('hear', 'comment')
    ->name('sounds.show');
Route::get('backdrops/{source}/{page}/{size}', BackdropController::class)
    ->middleware(['auth:teacher', 'auth.session'])
    ->where(['source' => '[0-9a-f]{64}', 'page' => '[0-9]{1,6}', 'size' => 'page|light|thumbnail'])
    ->name('backdrops.show');
