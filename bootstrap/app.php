<?php

declare(strict_types=1);

use App\Failures\RenderFailures;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TooLate;
use App\Providers\AppServiceProvider;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

// sabre/vobject and others speak of coming PHP versions; that is theirs to mend and nobody's news here.
error_reporting(E_ALL & ~E_DEPRECATED);

// Everything an installation writes lies in one folder, so that the demo and the tests run side by side.
$var = getenv('RECESS_VAR') ?: dirname(__DIR__).'/var/demo';

foreach (['config', 'events', 'packages', 'routes', 'services'] as $cached) {
    $_ENV['APP_'.strtoupper($cached).'_CACHE'] ??= "$var/bootstrap/$cached.php";
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withProviders([AppServiceProvider::class], withBootstrapProviders: false)
    ->withCommands([dirname(__DIR__).'/app/Console'])
    ->withRouting(
        web: dirname(__DIR__).'/routes/staff.php',
        api: dirname(__DIR__).'/routes/visit.php',
        apiPrefix: '',
        commands: dirname(__DIR__).'/routes/schedule.php',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        // Same origin only; see docs/decisions/0001. Of a proxy that config/trustedproxy.php names, who asks and how.
        $middleware->remove([HandleCors::class]);
        $middleware->trustProxies(headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        $middleware->append(SecurityHeaders::class);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: TooLate::class);
        $middleware->redirectGuestsTo('/staff/sign-in');
        $middleware->redirectUsersTo('/staff');
    })
    ->withExceptions(RenderFailures::register(...))
    ->create();

$app->useEnvironmentPath($var);
$app->useStoragePath($var.'/storage');

return $app;
