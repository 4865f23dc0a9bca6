<?php

declare(strict_types=1);

namespace App\Providers;

use App\Calendars\CalendarFeed;
use App\Calendars\HttpCalendarFeed;
use App\Mailroom\MailroomTransport;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Timetables\SheetAtHand;
use App\Video\StandInRooms;
use App\Video\TemplateRooms;
use App\Video\VideoRooms;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Access\Response;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use Ramsey\Uuid\Lazy\LazyUuidFromString;
use Ramsey\Uuid\UuidInterface;
use Symfony\Component\Uid\Uuid;

/** Ties the parts together. */
final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(CalendarFeed::class, static fn (): HttpCalendarFeed => new HttpCalendarFeed(array_values(array_filter((array) config('recess.feed_hosts'), is_string(...)))));
        $this->app->bind(VideoRooms::class, static function (): VideoRooms {
            $address = config('recess.video_address');

            return is_string($address) && $address !== '' ? new TemplateRooms($address) : new StandInRooms;
        });
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        // Laravel's own way loads fifty classes for one of these, and a booking needs three.
        Str::createUuidsUsing(static fn (): UuidInterface => new LazyUuidFromString(Uuid::v4()->toRfc4122()));
        Model::shouldBeStrict();
        Model::automaticallyEagerLoadRelationships();

        // Links in pages and mail are the school's own address, whatever host name a request claims.
        URL::useOrigin((string) config('app.url'));

        Mail::extend('mailroom', static fn (): MailroomTransport => new MailroomTransport);

        Gate::define('see-board', static fn (?StaffMember $reader): bool => true);
        Gate::define('sign-in', static fn (?StaffMember $reader): bool => true);
        Gate::define('use-stand-ins', static fn (?StaffMember $reader): Response => config('recess.demo') === true ? Response::allow() : Response::denyAsNotFound());
        // The mailroom holds everybody's passes: it is there in the demo and nowhere else.
        Gate::define('read-mailroom', static fn (?StaffMember $reader): Response => config('recess.demo') === true && config('mail.default') === 'mailroom'
            ? Response::allow()
            : Response::denyAsNotFound());

        Gate::define('set-up-school', static fn (StaffMember $staff): bool => $staff->office);
        // An address that a sheet once had leads to it still.
        Route::bind('sheet', static function (string $value, \Illuminate\Routing\Route $route): Sheet {
            if (($route->bindingFieldFor('sheet') ?? 'id') === 'id') {
                return Sheet::query()->find($value) ?? abort(404);
            }

            return SheetAtHand::now($value) ?? Sheet::query()->whereIn('id', DB::table('sheet_slugs')->where('slug', $value)->select('sheet_id'))->first() ?? abort(404);
        });
        Route::bind('pass', static fn (string $token): Pass => Pass::byToken($token) ?? abort(404));

        RateLimiter::for('visitor-writes', static fn (Request $request): Limit => Limit::perMinute((int) config('recess.visitor_writes_per_minute'))->by((string) $request->ip()));
        // An address is not flooded with its own passes, whoever asks.
        RateLimiter::for('pass-again', static fn (Request $request): Limit => Limit::perHour(5)->by('again|'.mb_strtolower($request->string('email')->limit(190, '')->toString())));
        RateLimiter::for('pass-reads', static fn (Request $request): Limit => Limit::perMinute((int) config('recess.pass_reads_per_minute'))->by((string) $request->ip()));
    }
}
