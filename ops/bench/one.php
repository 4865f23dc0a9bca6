<?php

declare(strict_types=1);

// php ops/bench/one.php book|read SLUG [SLOT PLACE]: one request in a process of its own, without the web server; prints as
// JSON what does not waver: statements, jobs queued, classes loaded, files read, memory at its height (kB).

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../../vendor/autoload.php';

[, $what, $slug] = $argv;
$app = require __DIR__ . '/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$json = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
$body = [
    'slot' => $argv[3] ?? '',
    'place' => (int) ($argv[4] ?? 0),
    'name' => 'One Reader',
    'email' => 'one' . bin2hex(random_bytes(4)) . '@rush.example',
    'answers' => ['student' => 'One Pupil', 'phone' => '902 555 0100'],
    'request_key' => sprintf('%08x-0000-4000-9000-%012x', random_int(0, 0xffffffff), random_int(0, 0xffffffffffff)),
];
$request =
    $what === 'book'
        ? Request::create(
            "/api/s/$slug/bookings",
            'POST',
            server: $json,
            content: json_encode($body, JSON_THROW_ON_ERROR),
        )
        : Request::create("/api/s/$slug", server: $json);
$app->instance('request', $request);
$kernel->bootstrap();
DB::connection()->enableQueryLog();
memory_reset_peak_usage();
$response = $kernel->handle($request);
$kernel->terminate($request, $response);
$statements = array_column(DB::connection()->getQueryLog(), 'query');
$queued = array_filter($statements, static fn(string $one): bool => str_starts_with($one, 'insert into `jobs`'));
echo json_encode(
    [
        'status' => $response->getStatusCode(),
        'statements' => count($statements),
        // Each row of the statement is a bracket with its values.
        'jobs' => array_sum(array_map(static fn(string $one): int => substr_count($one, '(?'), $queued)),
        'classes' => count(
            array_filter(
                get_declared_classes(),
                static fn(string $class): bool => (new ReflectionClass($class))->isUserDefined(),
            ),
        ),
        'files' => count(get_included_files()),
        'peak' => intdiv(memory_get_peak_usage(), 1000),
    ] + (getenv('RECESS_SHOW') ? ['asked' => $statements, 'said' => (string) $response->getContent()] : []),
    JSON_THROW_ON_ERROR,
),
    "\n";
