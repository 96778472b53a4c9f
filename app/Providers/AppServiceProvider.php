<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSQLiteConnection;
use App\School;
use App\Session\SessionFiles;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', fn (PDO|Closure $pdo, string $database, string $prefix, array $config): Connection => new ImmediateSQLiteConnection($pdo, $database, $prefix, $config));
        $this->app->singleton(School::class, fn (): School => new School(
            (string) config('slate.school.name'),
            (string) config('slate.school.timezone'),
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        View::share('school', $this->app->make(School::class));

        Session::extend('file', fn (): SessionFiles => new SessionFiles($this->app->make('files'), (string) config('session.files'), (int) config('session.lifetime')));

        // A whole school signs in from one address within minutes; guessing at one name is slowed down by Guesses.
        RateLimiter::for('door', fn (Request $request): Limit => Limit::perMinute(1200)->by((string) $request->ip()));
        RateLimiter::for('pictures', fn (Request $request): Limit => Limit::perMinute(20)->by('student|'.Auth::guard('student')->id()));
        RateLimiter::for('bring-in', fn (Request $request): Limit => Limit::perMinute(30)->by('teacher|'.Auth::guard('teacher')->id()));
    }
}
