<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\MailAddress;
use App\Models\Secret;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Stops floods at the door: so many requests of a kind (config/recess.php, limits) from one network address, or about one e-mail address. */
final class Limited
{
    /**
     * @param  \Closure(Request): Response  $next
     * @param  string  $kind  of the limit
     *
     * @throws ThrottleRequestsException
     */
    public function handle(Request $request, \Closure $next, string $kind): Response
    {
        /** @var array{most: int, seconds: int, by: string} $limit */
        $limit = config("recess.limits.$kind");
        $who = match ($limit['by']) {
            'email' => (string) MailAddress::of($request->input('email')),
            'person' => 'staff ' . $request->user()?->getAuthIdentifier(),
            'pass' => self::named($request, 'pass'),
            'network and sheet' => self::network($request) . '|' . self::named($request, 'sheet'),
            default => self::network($request),
        };
        $wait = Limits::hit("$kind|$who", $limit['most'], $limit['seconds'], Clock::now());
        if ($wait !== null) {
            throw new ThrottleRequestsException(Words::say('running.a_lot_at_once'), null, [
                'Retry-After' => (string) $wait,
            ]);
        }

        return $next($request);
    }

    /** Of which sheet or pass a request is, as its address says. */
    private static function named(Request $request, string $parameter): string
    {
        $one = $request->route()->originalParameter($parameter);

        return is_string($one) ? $one : '';
    }

    /** The same as it is kept: a hash, which the application key alone makes. */
    public static function origin(Request $request): string
    {
        return Secret::hash(Secret::of('origin|' . self::network($request)));
    }

    /** From where a request comes: of an IPv6 address the network, for one household has billions of them (RFC 6177). */
    public static function network(Request $request): string
    {
        $ip = (string) $request->ip();
        $bytes = (string) inet_pton($ip);

        return strlen($bytes) === 16 ? (string) inet_ntop(substr($bytes, 0, 8) . str_repeat("\0", 8)) . '/64' : $ip;
    }
}
