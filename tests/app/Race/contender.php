<?php

declare(strict_types=1);

// One of several processes that fight for the same slots over HTTP. Prints what it was told, a JSON line an attempt.
// php contender.php ADDRESS SEED ATTEMPTS MAIL-DOMAIN '[{"path": "/api/s/…/bookings", "slot": "…", "place": 1}, …]'

[, $address, $seed, $attempts, $domain, $prizes] = $argv;
$prizes = json_decode($prizes, true, flags: JSON_THROW_ON_ERROR);
$chance = new Random\Randomizer(new Random\Engine\Mt19937((int) $seed));
$curl = curl_init();

for ($i = 0; $i < (int) $attempts; $i++) {
    $prize = $prizes[$chance->getInt(0, count($prizes) - 1)];
    $key = sprintf(
        '%08x-%04x-4%03x-8%03x-%012x',
        $chance->getInt(0, 0xffffffff),
        $chance->getInt(0, 0xffff),
        $chance->getInt(0, 0xfff),
        $chance->getInt(0, 0xfff),
        $chance->getInt(0, 0xffffffffffff),
    );
    $body = json_encode(
        [
            'slot' => $prize['slot'],
            'place' => $prize['place'],
            'request_key' => $key,
            'name' => "Contender $seed",
            'email' => "contender$seed.$i@$domain",
            'answers' => ['student' => "Student $seed.$i", 'phone' => '+1 902 555 0100'],
        ],
        JSON_THROW_ON_ERROR,
    );
    // Every third wish is sent twice, as by a visitor whose answer was lost.
    foreach (range(1, $i % 3 === 0 ? 2 : 1) as $press) {
        curl_setopt_array($curl, [
            CURLOPT_URL => $address . $prize['path'],
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        ]);
        $answer = json_decode((string) curl_exec($curl), true);
        echo json_encode(
        [
            'prize' => $prize['path'] . ' ' . $prize['slot'],
            'key' => $key,
            'press' => $press,
            'status' => curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
            'pass' => $answer['path'] ?? null,
            'booking' => $answer['bookings'][0]['id'] ?? null,
        ],
        JSON_THROW_ON_ERROR,
    ),
            "\n";
    }
}
