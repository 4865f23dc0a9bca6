<?php

declare(strict_types=1);

// What families are sent, said with made-up names in every way that its catalogue has: as JSON, by key. Read by
// tests/web/readable.test.ts, which holds it to be read easily.

/** What stands in a sentence: each in its turn where the sentence chooses by it, the first of them where it does not. */
const VALUES = [
    'who' => ['you', 'visitor', 'guest', 'host', 'colleague', 'office'],
    'held' => ['no', 'yes'],
    'phone' => ['none', '555 0100'],
    'count' => [1, 0, 3],
    'left' => [0, 1, 3],
    'minutes' => [20, 0],
    'days' => [30],
    'ahead' => [1],
    'what' => ['booked', 'please_confirm', 'moved', 'link_changed', 'reminder', 'guest_left'],
    'with' => ['Ann'],
    'date' => ['3 May'],
    'time' => ['16:00'],
];

/** @return array<string, string> */
function flat(array $messages, string $before): array
{
    $all = [];
    foreach ($messages as $key => $one) {
        $all += is_array($one) ? flat($one, "$before$key.") : ["$before$key" => $one];
    }

    return $all;
}

/** @return list<string> */
function said(string $pattern): array
{
    preg_match_all('/\{(\w+)/', $pattern, $names);
    $ways = [[]];
    foreach (array_unique($names[1]) as $name) {
        $values = VALUES[$name] ?? ['Tuesday'];
        $values = preg_match("/\\{{$name}, (?:select|plural)/", $pattern) === 1 ? $values : [$values[0]];
        $values = in_array($name, ['name', 'host', 'visitor', 'guest', 'student', 'school', 'email'], true)
            ? ['Ann']
            : $values;
        $next = [];
        foreach ($ways as $way) {
            foreach ($values as $value) {
                $next[] = $way + [$name => $value];
            }
        }
        $ways = $next;
    }

    return array_values(
        array_unique(
            array_map(
                static fn(array $way): string => (string) MessageFormatter::formatMessage('en', $pattern, $way),
                $ways,
            ),
        ),
    );
}

$sent = [];
foreach (['news', 'booking', 'allotting', 'rounds', 'day', 'knocks', 'answers', 'replanning'] as $room) {
    foreach (flat(require __DIR__ . "/../lang/en/$room.php", "$room.") as $key => $pattern) {
        if (
            $room === 'news'
                ? !str_starts_with($key, 'news.link') && !str_ends_with($key, '.host')
                : str_ends_with($key, '_news')
        ) {
            $sent[$key] = said($pattern);
        }
    }
}
echo json_encode($sent, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
