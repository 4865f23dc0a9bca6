<?php

declare(strict_types=1);

// A calendar server with every bad habit, for PHP's built-in web server.

$path = parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
match (true) {
    $path === '/loop' => header('Location: /loop', true, 302),
    $path === '/twice' => header('Location: /good', true, 302),
    $path === '/inside' => header('Location: http://10.1.2.3/secret.ics', true, 302),
    $path === '/away' => header('Location: file:///etc/passwd', true, 302),
    $path === '/slow' => sleep(5),
    $path === '/gone' => http_response_code(410),
    $path === '/locked' => http_response_code(401),
    // 60 MB of one letter, packed into some 60 kB.
    $path === '/packed' => (static function (): void {
        header('Content-Encoding: gzip');
        echo gzencode(str_repeat('x', 60_000_000), 9);
    })(),
    $path === '/big' => (static function (): void {
        for ($i = 0; $i < 12_000; $i++) {
            echo str_repeat('x', 1_000);
        }
    })(),
    ($_SERVER['HTTP_IF_NONE_MATCH'] ?? '') === '"7"' => http_response_code(304),
    default => (static function (): void {
        header('ETag: "7"');
        echo 'BEGIN:VCALENDAR';
    })(),
};
