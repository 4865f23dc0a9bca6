<?php

declare(strict_types=1);

namespace App\Framework;

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
        $who = $limit['by'] === 'email' ? $this->email($request) : (string) $request->ip();
        $wait = Limits::hit("$kind|$who", $limit['most'], $limit['seconds'], Clock::now());
        if ($wait !== null) {
            throw new ThrottleRequestsException('That was a lot at once. Wait a minute and press again; nothing is lost.', null, ['Retry-After' => (string) $wait]);
        }

        return $next($request);
    }

    private function email(Request $request): string
    {
        return is_string($request->input('email')) ? mb_strtolower(mb_substr($request->input('email'), 0, 190)) : '';
    }
}
