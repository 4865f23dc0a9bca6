<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Page;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Signing in and out. */
final class SessionController
{
    public function page(): View
    {
        return Page::staff('SignIn', 'Sign in', [
            'demo' => config('recess.demo') === true ? config('recess.demo_sign_in') : null,
        ]);
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $request->signIn();

        $wanted = $request->session()->pull('url.intended');

        // Only the path: where to go next is never another site, whatever host the request named.
        return new JsonResponse(['to' => (is_string($wanted) ? parse_url($wanted, PHP_URL_PATH) : null) ?: '/staff']);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(['to' => '/']);
    }
}
