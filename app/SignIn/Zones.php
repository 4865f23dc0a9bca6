<?php

declare(strict_types=1);

namespace App\SignIn;

/** The world's clocks and whose they are, to choose from. */
final class Zones
{
    /** @return list<array{name: string, country: string}> the country in two letters, ISO 3166-1, as the tz database has it; empty where a zone is no country's */
    public static function all(): array
    {
        return array_map(static function (string $zone): array {
            $place = (new \DateTimeZone($zone))->getLocation();
            $code = is_array($place) ? (string) $place['country_code'] : '';

            return ['name' => $zone, 'country' => $code === '??' ? '' : $code];
        }, \DateTimeZone::listIdentifiers());
    }
}
