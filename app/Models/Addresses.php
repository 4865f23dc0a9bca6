<?php

declare(strict_types=1);

namespace App\Models;

/** Where people find things: the addresses that rooms lead to which do not answer at them. Each is a route of some room. */
final class Addresses
{
    public const STAFF = '/staff';

    public const TODAY = '/staff/day';

    public static function sheet(string $slug): string
    {
        return "/s/$slug";
    }

    public static function door(string $host): string
    {
        return "/d/$host";
    }

    public static function knock(string $host): string
    {
        return "/d/$host/knock";
    }

    public static function picture(string $host): string
    {
        return "/d/$host/picture";
    }

    public static function wayTo(int $place, string $key): string
    {
        return "/way/$place/$key.webp";
    }

    public static function round(string $slug): string
    {
        return "/r/$slug";
    }

    public static function pass(string $token): string
    {
        return "/p/$token";
    }

    public static function inLine(string $token): string
    {
        return "/w/$token";
    }
}
