<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Events\Authenticated;
use Illuminate\Contracts\Translation\Loader;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Queue\Events\Looping;
use Illuminate\Routing\Events\RouteMatched;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Illuminate\View\Compilers\BladeCompiler;
use Ramsey\Uuid\Lazy\LazyUuidFromString;
use Ramsey\Uuid\UuidInterface;
use Symfony\Component\Uid\Uuid;

/** The framework as all rooms have it. */
final class FrameworkRoom extends Room
{
    public function register(): void
    {
        $this->app->bind('db.connector.mariadb', DatabaseConnector::class);
        $this->app->scoped(Reading::class, static fn(): Reading => Reading::asked(request()));
        // Another request, or somebody who has signed in, is another reader.
        $forget = static function (): void {
            app()->forgetInstance(Reading::class);
        };
        app()->rebinding('request', $forget);
        app('events')->listen(Authenticated::class, $forget);
        // What is said of a form is said by the framework itself.
        app('events')->listen(
            [RouteMatched::class, Authenticated::class],
            static fn() => app('translator')->setLocale(Reading::now()->language),
        );
        if (config('recess.demo')) {
            $this->app->extend('translation.loader', static fn(Loader $loader): Loader => new Pseudo($loader));
        }
    }

    public function boot(): void
    {
        parent::boot();
        // @say(KEY, VALUES): a sentence of the catalogues in a page's document, escaped.
        $this->callAfterResolving(
            'blade.compiler',
            static fn(BladeCompiler $blade) => $blade->directive(
                'say',
                static fn(string $what): string => "<?php echo e(\\App\\Framework\\Words::say($what)); ?>",
            ),
        );
        $this->app->tag(Queued::class, Watched::class);
        if ($this->app->runningInConsole()) {
            app('events')->listen(
                Looping::class,
                static fn(Looping $event) => Queued::beat($event->queue, Clock::now()),
            );
        }
        Date::use(CarbonImmutable::class);
        // Laravel's own way loads fifty classes for one of these, and a booking needs three.
        Str::createUuidsUsing(static fn(): UuidInterface => new LazyUuidFromString(Uuid::v4()->toRfc4122()));
        Model::shouldBeStrict();
        Model::automaticallyEagerLoadRelationships();
        if (!$this->app->runningUnitTests()) {
            // What was forgotten to be loaded is a fault for us to read of, and none that a family meets.
            Model::handleLazyLoadingViolationUsing(
                static fn(Model $model, string $relation) => Log::warning(
                    'Loaded late: ' . $model::class . ".$relation",
                ),
            );
        }

        // Links in pages and mail are the school's own address, whatever host name a request claims.
        URL::useOrigin((string) config('app.url'));

        Gate::define('see-board', static fn(?StaffMember $reader): bool => true);
    }
}
