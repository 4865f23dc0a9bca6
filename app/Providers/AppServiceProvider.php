<?php

declare(strict_types=1);

namespace App\Providers;

use App\Mailroom\MailroomTransport;
use App\Models\Pass;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Access\Response;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;

/** Ties the parts together. */
final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict();
        Model::automaticallyEagerLoadRelationships();

        // Links in pages and mail are the school's own address, whatever host name a request claims.
        URL::useOrigin((string) config('app.url'));

        Mail::extend('mailroom', static fn (): MailroomTransport => new MailroomTransport);

        Gate::define('see-board', static fn (?StaffMember $reader): bool => true);
        Gate::define('sign-in', static fn (?StaffMember $reader): bool => true);
        // The mailroom holds everybody's passes: it is there in the demo and nowhere else.
        Gate::define('read-mailroom', static fn (?StaffMember $reader): Response => config('recess.demo') === true && config('mail.default') === 'mailroom'
            ? Response::allow()
            : Response::denyAsNotFound());

        Route::bind('pass', static fn (string $token): Pass => Pass::byToken($token) ?? abort(404));

        RateLimiter::for('visitor-writes', static fn (Request $request): Limit => Limit::perMinute((int) config('recess.visitor_writes_per_minute'))->by((string) $request->ip()));
        RateLimiter::for('pass-reads', static fn (Request $request): Limit => Limit::perMinute((int) config('recess.pass_reads_per_minute'))->by((string) $request->ip()));
    }
}
