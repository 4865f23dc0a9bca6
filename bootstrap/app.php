<?php

declare(strict_types=1);

use App\Accounts\SessionEnds;
use App\Accounts\WrongKeys;
use App\Booking\TooLate;
use App\Framework\Budget;
use App\Framework\CleanInput;
use App\Framework\DatabaseAway;
use App\Framework\Limited;
use App\Framework\Logged;
use App\Framework\PassReads;
use App\Framework\Reading;
use App\Framework\SecurityHeaders;
use App\Framework\TablesOfThis;
use App\Registry\AtTheDoor;
use App\SignIn\Proof;
use App\SignIn\RememberedDevice;
use App\SignIn\SecondFactorWanted;
use Demo\DemoRoom;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Bootstrap\LoadConfiguration;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

// sabre/vobject and others speak of coming PHP versions; that is theirs to mend and nobody's news here.
error_reporting(E_ALL & ~E_DEPRECATED);

// Everything an installation writes lies in one folder, so that the demo and the tests run side by side.
$var = getenv('RECESS_VAR') ?: dirname(__DIR__) . '/var/demo';

foreach (['config', 'events', 'packages', 'routes', 'services'] as $cached) {
    $_ENV['APP_' . strtoupper($cached) . '_CACHE'] ??= "$var/bootstrap/$cached.php";
}

// The rooms, in order: each may use those before it, and none after it (tests/app/RoomsTest.php).
$rooms = array_map(
    static fn(string $room): string => dirname(__DIR__) . '/app/' . $room,
    require __DIR__ . '/rooms.php',
);

$app = Application::configure(basePath: dirname(__DIR__))
    ->withProviders(
        array_values(
            array_filter(
                array_map(
                    static fn(string $room): string => 'App\\' . basename($room) . '\\' . basename($room) . 'Room',
                    $rooms,
                ),
                class_exists(...),
            ),
        ),
        withBootstrapProviders: false,
    )
    // Found by their names: to look into every file of the program took most of the time that a command begins in.
    ->withCommands(
        array_map(
            static fn(string $file): string => 'App\\' . basename(dirname($file)) . '\\' . basename($file, '.php'),
            glob(dirname(__DIR__) . '/app/*/*Command.php') ?: [],
        ),
    )
    ->withEvents(discover: false)
    ->withRouting(
        using: static fn() => array_map(
            static fn(string $file): mixed => require $file,
            array_filter(array_map(static fn(string $room): string => "$room/routes.php", $rooms), is_file(...)),
        ),
        commands: dirname(__DIR__) . '/routes/schedule.php',
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        // Same origin only; see docs/decisions/0001. Of a proxy that config/trustedproxy.php names, who asks and how.
        $middleware->remove([HandleCors::class]);
        $middleware->trustProxies(headers: Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        $middleware->prepend([TablesOfThis::class, CleanInput::class]);
        // Written by the page itself, and read by the web server too.
        $middleware->encryptCookies(except: [Reading::COOKIE, Reading::LANGUAGE_COOKIE]);
        $middleware->alias([
            'budget' => Budget::class,
            'limited' => Limited::class,
            'logged' => Logged::class,
            'proved' => Proof::class,
            'wrong-keys' => WrongKeys::class,
        ]);
        // Spaces at the ends of a password are part of it.
        $middleware->trimStrings(except: ['current', 'password']);
        $middleware->append(SecurityHeaders::class);
        // Another password signs out whoever was signed in with the one before.
        $middleware->authenticateSessions();
        $middleware->api(append: [PassReads::class]);
        $middleware->web(append: [SessionEnds::class, RememberedDevice::class, SecondFactorWanted::class]);
        foreach ([SessionEnds::class, RememberedDevice::class] as $first) {
            $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: $first);
        }
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: TooLate::class);
        $middleware->redirectGuestsTo('/staff/sign-in');
        $middleware->redirectUsersTo('/staff');
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        $exceptions->render(DatabaseAway::answer(...));
        $exceptions->shouldRenderJsonWhen(
            static fn(Request $request): bool => $request->is('api/*') || $request->expectsJson(),
        );
    })
    ->create();

// Which school is asked for, before anything of one is looked at.
$app->afterBootstrapping(LoadConfiguration::class, AtTheDoor::choose(...));

// The made-up school and what stands in for services: no school's installation loads them.
$app->booting(static function (Application $app): void {
    if (
        ($app->make('config')->get('recess.demo') === true || $app->runningUnitTests()) &&
        class_exists(DemoRoom::class)
    ) {
        $app->register(DemoRoom::class);
    }
});

$app->useEnvironmentPath($var);
$app->useStoragePath($var . '/storage');

return $app;
