<?php

declare(strict_types=1);

namespace App\Calendars;

use Symfony\Component\HttpFoundation\IpUtils;

/** Whether an address lies in the public part of the internet, where nothing of the school's own answers. */
final class PublicAddress
{
    /**
     * What FILTER_FLAG_GLOBAL_RANGE does not hold back, or not everywhere: multicast and reserved (RFC 5771, RFC 1112),
     * addresses that carry an IPv4 one inside (RFC 4291 2.5.5, RFC 6052, RFC 8215, RFC 3056, RFC 4380).
     */
    private const NOT_PUBLIC = [
        '224.0.0.0/4',
        '240.0.0.0/4',
        '0.0.0.0/8',
        '100.64.0.0/10',
        '192.0.0.0/24',
        '198.18.0.0/15',
        '::/96',
        '::ffff:0:0/96',
        '64:ff9b::/96',
        '64:ff9b:1::/48',
        '2002::/16',
        '2001::/32',
        'fec0::/10',
        'ff00::/8',
    ];

    public static function is(string $ip): bool
    {
        return filter_var($ip, FILTER_VALIDATE_IP, FILTER_FLAG_GLOBAL_RANGE) !== false &&
            !IpUtils::checkIp($ip, self::NOT_PUBLIC);
    }
}
