<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Demo\DemoSchool;
use App\Http\Page;
use App\Http\Requests\SignInRequest;
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
            'demo' => config('recess.demo') === true ? ['email' => DemoSchool::firstSignIn(), 'password' => DemoSchool::PASSWORD] : null,
        ]);
    }

    public function store(SignInRequest $request): JsonResponse
    {
        $request->signIn();

        return new JsonResponse(['to' => $request->session()->pull('url.intended', '/staff')]);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(['to' => '/']);
    }
}
