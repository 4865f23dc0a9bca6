<?php

declare(strict_types=1);

namespace App\SignIn;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever stays signed in on a machine is signed in there again, in a session of its own. Before what cannot be undone they are asked all the same. */
final class RememberedDevice
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        if (!Auth::check() && $request->hasCookie(Device::cookie())) {
            $now = Clock::now();
            $device = Device::known($request->cookie(Device::cookie()), $now);
            if ($device !== null) {
                $device->update(['seen_at' => Instant::column($now)]);
                Auth::login($device->staff);
                $request->session()->put(['since' => $now, 'device' => $device->id, 'proved_at' => 0]);
            }
        }

        return $next($request);
    }
}
