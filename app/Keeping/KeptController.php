<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Booking\Presser;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Models\Pass;
use App\Models\School;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A visitor reads all that is kept of them, takes it along, or has it taken away. */
final class KeptController
{
    public function page(Pass $pass): Response
    {
        return new Response(
            view('plain.kept', [
                'pass' => $pass,
                'kept' => KeptData::of($pass),
                'school' => School::here($pass),
            ])->render(),
        );
    }

    public function file(Pass $pass): JsonResponse
    {
        return new JsonResponse(
            KeptData::of($pass),
            200,
            ['Content-Disposition' => 'attachment; filename="kept.json"'],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    /** One press on a page that says what it does; the word that has to be typed is no press by mistake. */
    public function forget(Pass $pass, Request $request, ForgetPerson $forget): RedirectResponse|Response
    {
        if ($request->input('sure') !== 'yes') {
            return new RedirectResponse('/p/' . $pass->token() . '/kept', 303);
        }
        $forget($pass, Presser::pass($pass), Clock::now());
        LogBook::note('forgot_themselves', $pass);

        return new Response(
            view('plain.forgotten', ['school' => School::here(), 'known' => $pass->guardian_id !== null])->render(),
        );
    }
}
