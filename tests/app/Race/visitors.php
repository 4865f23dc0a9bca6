<?php

declare(strict_types=1);

// One of several processes that book, move and give back over HTTP, each as visitors of its own, at several servers in turn.
// Prints what it was told, a JSON line a press. Ends when it has pressed so often, or hears the word that it waits for.
// php visitors.php ADDRESS[,ADDRESS…] SEED PRESSES MAIL-DOMAIN '[{"slug": "…", "slot": "…", "place": 1}, …]' [WORD]

[, $addresses, $seed, $presses, $domain, $prizes] = $argv;
$word = $argv[6] ?? null;
$addresses = explode(',', $addresses);
$prizes = json_decode($prizes, true, flags: JSON_THROW_ON_ERROR);
$chance = new Random\Randomizer(new Random\Engine\Mt19937((int) $seed));
$curl = curl_init();

/** @return array{int, mixed} */
function press(string $address, string $path, array $body): array
{
    global $curl;
    curl_setopt_array($curl, [
        CURLOPT_URL => $address . $path,
        CURLOPT_POSTFIELDS => json_encode((object) $body, JSON_THROW_ON_ERROR),
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_TIMEOUT => 30,
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
    ]);
    $answer = json_decode((string) curl_exec($curl), true);

    return [curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $answer];
}

function uuid(Random\Randomizer $chance): string
{
    return sprintf(
        '%08x-%04x-4%03x-8%03x-%012x',
        $chance->getInt(0, 0xffffffff),
        $chance->getInt(0, 0xffff),
        $chance->getInt(0, 0xfff),
        $chance->getInt(0, 0xfff),
        $chance->getInt(0, 0xffffffffffff),
    );
}

/** @var list<array{pass: string, booking: int}> $mine */
$mine = [];
for ($i = 0; $i < (int) $presses; $i++) {
    $address = $addresses[$i % count($addresses)];
    $prize = $prizes[$chance->getInt(0, count($prizes) - 1)];
    $what = $mine === [] ? 'book' : ['book', 'move', 'move', 'give back', 'keep'][$chance->getInt(0, 4)];
    $at = $mine === [] ? 0 : $chance->getInt(0, count($mine) - 1);
    if ($what === 'book') {
        // A visitor who comes back has a pass; a student of theirs is never in two meetings.
        $known = $mine !== [] && $chance->getInt(0, 1) === 0 ? $mine[$at] : null;
        [$status, $answer] = press(
            $address,
            "/api/s/{$prize['slug']}/bookings",
            [
                'slot' => $prize['slot'],
                'place' => $prize['place'],
                'request_key' => uuid($chance),
                'name' => "Visitor $seed",
                'email' => "visitor$seed.$i@$domain",
                'answers' => ['student' => "Student $seed.$i", 'phone' => '+1 902 555 0100'],
            ] + ($known === null ? [] : ['pass' => substr($known['pass'], 3)]),
        );
        if ($status === 201) {
            $ids = array_column($answer['bookings'], 'id');
            $mine[] = ['pass' => $answer['path'], 'booking' => max($ids)];
        }
    } elseif ($what === 'keep') {
        [$status, $answer] = press($address, "/api/s/{$prize['slug']}/keep", [
            'slot' => $prize['slot'],
            'keep_key' => uuid($chance),
        ]);
    } else {
        ['pass' => $pass, 'booking' => $booking] = $mine[$at];
        [$status, $answer] =
            $what === 'move'
                ? press($address, "/api$pass/bookings/$booking/move", ['slot' => $prize['slot']])
                : press($address, "/api$pass/bookings/$booking/give-back", ['note' => '']);
        if ($what === 'give back' && $status === 200) {
            array_splice($mine, $at, 1);
        }
    }
    echo json_encode(
    ['what' => $what, 'status' => $status, 'message' => $answer['message'] ?? ''],
    JSON_THROW_ON_ERROR,
),
        "\n";
    if ($word !== null && str_contains($answer['message'] ?? '', $word)) {
        break;
    }
}
