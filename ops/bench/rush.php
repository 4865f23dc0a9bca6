<?php

declare(strict_types=1);

// bin/recess bench rush: a round opens at one moment and everybody presses. Loopback only, bounded in count and time.
// php ops/bench/rush.php ADDRESS VISITORS SECONDS RUN: visitors who are in no other run; prints what was told as JSON; the sheets come on standard input.

use Random\Engine\Mt19937;
use Random\Randomizer;

[, $address, $visitors, $seconds, $run] = $argv;
if (parse_url($address, PHP_URL_HOST) !== '127.0.0.1') {
    fwrite(STDERR, "The rush is for this machine alone.\n");
    exit(2);
}
/** @var list<array{slug: string, place: int, slots: list<string>}> $sheets */
$sheets = json_decode((string) stream_get_contents(STDIN), true, flags: JSON_THROW_ON_ERROR);
$chance = new Randomizer(new Mt19937(1000));
$multi = curl_multi_init();
curl_multi_setopt($multi, CURLMOPT_MAX_TOTAL_CONNECTIONS, 1200);
$start = microtime(true) + 0.2;
// Whoever waits for their moment, the soonest first; looking through all of them each time would cost what is measured.
$waiting = new SplPriorityQueue();
$wait = static fn(array $one) => $waiting->insert($one, -$one['at']);
$told = [];
$asked = 0;
for ($i = 0; $i < (int) $visitors; $i++) {
    // Spread over the window as people press: most of them in its first half.
    $at = $start + (float) $seconds * ($chance->getInt(0, 1_000_000) / 1_000_000) ** 1.6;
    $wait([
        'visitor' => $i,
        'at' => $at,
        'try' => 1,
        'away' => 0.0,
        'sheet' => $chance->getInt(0, count($sheets) - 1),
        'slot' => null,
        'key' => null,
        'first' => 0.0,
    ]);
}
$running = [];
$press = static function (array $one) use ($sheets, $chance, $multi, $address, $run, &$running): void {
    $sheet = $sheets[$one['sheet']];
    $one['slot'] ??= $sheet['slots'][$chance->getInt(0, count($sheet['slots']) - 1)];
    $one['key'] ??= sprintf('%08x-0000-4000-8000-%012x', $one['visitor'], random_int(0, 0xffffffffffff));
    $curl = curl_init("$address/api/s/{$sheet['slug']}/bookings");
    curl_setopt_array($curl, [
        CURLOPT_POSTFIELDS => json_encode(
            [
                'slot' => $one['slot'],
                'place' => $sheet['place'],
                'name' => "Visitor {$one['visitor']}",
                'email' => "visitor{$one['visitor']}.$run@rush.example",
                'answers' => ['student' => "Student {$one['visitor']} of $run", 'phone' => '902 555 0100'],
                'request_key' => $one['key'],
            ],
            JSON_THROW_ON_ERROR,
        ),
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_TIMEOUT => 60,
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
    ]);
    // From the first press until it is answered, however often it was sent meanwhile.
    $one['first'] = $one['first'] ?: microtime(true);
    $running[spl_object_id($curl)] = [$curl, $one];
    curl_multi_add_handle($multi, $curl);
};
while ((count($waiting) > 0 || $running !== []) && microtime(true) < $start + 150) {
    while (count($waiting) > 0 && $waiting->top()['at'] <= microtime(true)) {
        $press($waiting->extract());
    }
    curl_multi_exec($multi, $active);
    // Once in a while, and not as soon as anything comes: each look goes through a thousand connections, and looking at
    // each of their answers took a quarter of the processors that are measured. An answer counts as up to this much later.
    usleep(20_000);
    while (($done = curl_multi_info_read($multi)) !== false) {
        [$curl, $one] = $running[spl_object_id($done['handle'])];
        unset($running[spl_object_id($done['handle'])]);
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $body = json_decode((string) curl_multi_getcontent($curl), true);
        curl_multi_remove_handle($multi, $curl);
        $away = $status === 503 || $status === 0;
        if ($away && ($one['away'] === 0.0 || microtime(true) < $one['away'] + 30)) {
            // As the page does: the same again with the same key, for half a minute; nobody sees that it was so.
            $one['away'] = $one['away'] ?: microtime(true);
            $asked++;
            $wait(['at' => microtime(true) + 2 * (0.5 + $chance->getInt(0, 1000) / 1000)] + $one);

            continue;
        }
        $told[] = [
            'visitor' => $one['visitor'],
            'status' => $status,
            'seconds' => round(microtime(true) - $one['first'], 3),
            'key' => $one['key'],
            'sheet' => $sheets[$one['sheet']]['slug'],
            'slot' => $one['slot'],
        ];
        if ($status === 409 && $one['try'] < 6 && ($body['nearest'] ?? []) !== []) {
            // As somebody does who was beaten to it: one of the nearest, after a breath.
            $wait(
                [
                    'at' => microtime(true) + 0.5,
                    'try' => $one['try'] + 1,
                    'away' => 0.0,
                    'first' => 0.0,
                    'slot' => $body['nearest'][$chance->getInt(0, count($body['nearest']) - 1)]['key'],
                    'key' => null,
                ] + $one,
            );
        }
    }
}
echo json_encode(
    ['told' => $told, 'unanswered' => count($running) + count($waiting), 'asked to come again' => $asked],
    JSON_THROW_ON_ERROR,
);
