<?php

declare(strict_types=1);

// bin/recess bench publish: a round of 60 teachers and 600 families is allotted and booked, while others book elsewhere. Prints Markdown.

use Symfony\Component\Process\Process;

error_reporting(E_ALL & ~E_DEPRECATED);
require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/figures.php';

$short = ($argv[1] ?? '') === '--short';

$address = (string) getenv('RECESS_ADDRESS');

function artisan(string ...$arguments): Process
{
    $as = [
        'env',
        'RECESS_VAR=' . getenv('RECESS_VAR'),
        'HOME=/tmp',
        PHP_BINARY,
        __DIR__ . '/../../artisan',
        ...$arguments,
    ];
    $user = (string) getenv('RECESS_USER');
    $process = new Process(get_current_user() === $user ? $as : ['runuser', '-u', $user, '--', ...$as], timeout: 900);
    $process->start();

    return $process;
}

/** @return array<string, mixed> */
function said(Process $process): array
{
    $process->wait();
    $process->isSuccessful() || throw new RuntimeException($process->getErrorOutput() . $process->getOutput());

    return (array) json_decode(trim($process->getOutput()), true);
}

/** Books one time after the other on another sheet, as long as it is wanted. @return list<float> milliseconds */
function bookElsewhere(string $sheet, Closure $isWanted): array
{
    global $address;
    static $n = 0,
        $slots = [],
        $page = [];
    $times = [];
    while ($isWanted()) {
        while ($slots === []) {
            $from = $page === [] ? '' : "&from={$page['later']}";
            if ($page !== [] && $page['later'] === null) {
                throw new RuntimeException("No time of the sheet can still be booked, after $n bookings.");
            }
            $page = (array) json_decode((string) file_get_contents("$address/api/s/$sheet?n=$n$from"), true);
            foreach ($page['days'] as $day) {
                foreach ($day['stretches'] as $stretch) {
                    array_push(
                        $slots,
                        ...array_column(
                            array_filter($stretch['slots'], static fn(array $slot): bool => $slot['state'] === 'free'),
                            'key',
                        ),
                    );
                }
            }
        }
        $n++;
        $body = json_encode([
            'slot' => array_shift($slots),
            'place' => $page['places'][0]['id'] ?? null,
            'name' => "Someone $n",
            'email' => "someone$n@large.example",
            'answers' => ['student' => "Somebody $n", 'phone' => '+1 902 555 0100'],
            'request_key' => sprintf('%08x-0000-4000-8000-%012x', crc32((string) $n), $n),
        ]);
        $begun = hrtime(true);
        $curl = curl_init("$address/api/s/$sheet/bookings");
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        ]);
        $answer = (string) curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $status === 201 || throw new RuntimeException("$status: $answer");
        $times[] = (hrtime(true) - $begun) / 1e6;
        usleep(50_000);
    }

    return $times;
}

/** @param  list<float>  $times */
function figures(array $times): string
{
    sort($times);
    $at = static fn(float $share): string => number_format(
        $times[(int) min(count($times) - 1, floor($share * count($times)))],
        0,
    );

    return count($times) .
        " bookings, {$at(0.5)} ms in the middle, {$at(0.95)} ms for 95 of 100, {$at(1.0)} ms at most";
}

$made = said(artisan('recess:large-round', 'make', ...$short ? ['--hosts=6', '--families=40'] : []));
$calm = bookElsewhere(
    $made['sheet'],
    (static function (): Closure {
        $end = hrtime(true) + ($GLOBALS['short'] ? 1e9 : 10e9);

        return static fn(): bool => hrtime(true) < $end;
    })(),
);
$finding = artisan('recess:large-round', 'find');
$whileFinding = bookElsewhere($made['sheet'], $finding->isRunning(...));
$found = said($finding);
$booking = artisan('recess:large-round', 'book');
$whileBooking = bookElsewhere($made['sheet'], $booking->isRunning(...));
$booked = said($booking);

echo "| | |\n| --- | --- |\n";
echo "| wishes, granted, bound | {$found['wishes']}, {$found['granted']}, {$found['bound']} |\n";
echo "| found in | {$found['seconds']} s, {$found['megabytes']} MB |\n";
echo "| booked in | {$booked['seconds']} s: {$booked['bookings']} bookings of {$booked['families']} families, each with its letter |\n";
echo '| booking elsewhere, before | ' . figures($calm) . " |\n";
echo '| booking elsewhere, while times are found | ' . figures($whileFinding) . " |\n";
echo '| booking elsewhere, while they are booked | ' . figures($whileBooking) . " |\n";
figure('publish', 'a round found', $found['seconds'], 's', 'less');
figure('publish', 'a round booked', $booked['seconds'], 's', 'less');
