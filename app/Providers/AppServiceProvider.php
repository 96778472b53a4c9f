<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnection;
use App\Documents\Conversion;
use App\Documents\Deadline;
use App\Documents\Dictionary;
use App\Documents\Office\OfficeConversion;
use App\Documents\Pdf\PdfObjects;
use App\Documents\Pdf\PdfSource;
use App\Documents\Scans\ScanConversion;
use App\Documents\Source;
use App\Documents\Sources;
use App\Events\EditionFrozen;
use App\Events\ExportAsked;
use App\Events\FileArrived;
use App\Events\FileWaiting;
use App\Events\PaperArrived;
use App\Exports\MakeExport;
use App\Exports\ReadPaper;
use App\Http\Middleware\ThroughPass;
use App\Jobs\JoinFile;
use App\Jobs\ShowPages;
use App\Jobs\TakeTurn;
use App\Models\SchoolSettings;
use App\Models\Student;
use App\Models\Teacher;
use App\School;
use App\Session\SessionFiles;
use Closure;
use Illuminate\Auth\Events\Authenticated;
use Illuminate\Auth\Events\Login;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Illuminate\View\View as Drawn;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            fn (
                PDO|Closure $pdo,
                string $database,
                string $prefix,
                array $config,
            ): Connection => new ImmediateSQLiteConnection($pdo, $database, $prefix, $config),
        );
        $this->app->singleton(Deadline::class);
        $this->app->singleton(Dictionary::class, fn (): Dictionary => new Dictionary(
            config('slate.dictionaries'),
            (string) config('cache.stores.file.path'),
        ));
        // The kinds of files that can be brought in.
        $this->app->tag([PdfSource::class], Source::class);
        $this->app->tag([OfficeConversion::class, ScanConversion::class], Conversion::class);
        $this->app->bind(Sources::class, fn (Application $app): Sources => new Sources(
            iterator_to_array($app->tagged(Source::class), false),
            iterator_to_array($app->tagged(Conversion::class), false),
        ));
        $this->app->scoped(PdfObjects::class);
        $this->app->scoped(School::class, fn (): School => SchoolSettings::school());
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        View::composer('*', fn (Drawn $view) => $view->with('school', $this->app->make(School::class)));

        $url = (string) config('slate.url');
        if ($url !== '') {
            // Behind a proxy the addresses are those that people type, not those by which the proxy asks.
            URL::forceRootUrl(rtrim($url, '/'));
            URL::forceScheme((string) parse_url($url, PHP_URL_SCHEME));
        }
        Session::extend(
            'file',
            fn (): SessionFiles => new SessionFiles(
                $this->app->make('files'),
                (string) config('session.files'),
                (int) config('session.lifetime'),
            ),
        );

        if ($this->app->runningInConsole()) {
            Queue::before(function (JobProcessing $event): void {
                $worker = getenv('SLATE_WORKER');
                $worker === false ||
                    DB::table('jobs')
                        ->where('id', $event->job->getJobId())
                        ->update(['worker' => $worker]);
            });
        }

        Gate::define(
            'look-after-school',
            fn (Teacher|Student $user): bool => $user instanceof Teacher && $user->office,
        );

        Event::listen(
            Authenticated::class,
            fn (Authenticated $event) => $event->user instanceof Student && ThroughPass::narrow($event->user),
        );

        // What can wait is done by the workers of the queue.
        Event::listen(FileWaiting::class, fn () => TakeTurn::dispatch());
        Event::listen(FileArrived::class, fn (FileArrived $event) => JoinFile::dispatch($event->worksheetId));
        Event::listen(ExportAsked::class, fn (ExportAsked $event) => MakeExport::dispatch($event->exportId));
        Event::listen(PaperArrived::class, fn (PaperArrived $event) => ReadPaper::dispatch($event->paperFileId));
        Event::listen(EditionFrozen::class, fn (EditionFrozen $event) => ShowPages::dispatch($event->editionId));

        // Somebody else may have been signed in with this session before.
        Event::listen(Login::class, fn (Login $event) => session()->forget("password_hash_{$event->guard}"));

        // A whole school signs in from one address within minutes; guessing at one name is slowed down by Guesses.
        RateLimiter::for('door', fn (Request $request): Limit => Limit::perMinute(1200)->by((string) $request->ip()));
        // Nobody guesses a code of eight letters at this pace: 31 to the power of 8 are 850,000,000,000.
        RateLimiter::for('passes', fn (Request $request): Limit => Limit::perMinute(600)->by((string) $request->ip()));
        RateLimiter::for(
            'answer-files',
            fn (Request $request): Limit => Limit::perMinute(20)->by('student|'.Auth::guard('student')->id()),
        );
        RateLimiter::for(
            'account',
            fn (Request $request): Limit => Limit::perMinute(20)->by('teacher|'.Auth::guard('teacher')->id()),
        );
        RateLimiter::for(
            'bring-in',
            fn (Request $request): Limit => Limit::perMinute(30)->by('teacher|'.Auth::guard('teacher')->id()),
        );
    }
}
