<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Booking\PassWanted;
use App\Calendars\MeetingEntry;
use App\Calendars\Reader;
use App\Framework\Asked;
use App\Framework\Clock;
use App\Framework\Page;
use App\Framework\QrCode;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\MailAddress;
use App\Models\Pass;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Passes\LookForPasses;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A visitor's private page for their bookings. */
final class PassController
{
    public function page(Pass $pass): View
    {
        $data = $this->data($pass);

        $plain = view('plain.pass', ['pass' => $data, 'free' => PassData::elsewhere($pass, Clock::now())]);

        return Page::visit('Pass', Words::say('booking.pass_title'), $data, $plain);
    }

    public function show(Pass $pass, Request $request): JsonResponse
    {
        $on = Asked::word($request, 'on');
        $where = match (true) {
            str_starts_with($on, '/s/') => Sheet::query()->where('slug', substr($on, 3))->first(),
            str_starts_with($on, '/d/') => StaffMember::query()->where('slug', substr($on, 3))->first(),
            default => null,
        };
        abort_if($where !== null && Pass::opening($pass->token(), $where) === null, 404);

        return new JsonResponse($this->data($pass));
    }

    /** A new address for the pass; the old one stops working. */
    public function renew(Pass $pass): JsonResponse
    {
        $pass->renew();

        return new JsonResponse($this->data($pass));
    }

    public function entry(Pass $pass, Booking $booking): Response
    {
        return $this->calendar(MeetingEntry::file($booking, Reader::pass($pass), Clock::now()), 'meeting.ics');
    }

    /** All bookings as one calendar: a file to keep, or a feed to subscribe to. */
    public function entries(Pass $pass): Response
    {
        return $this->calendar(
            MeetingEntry::files(PassData::bookings($pass)->all(), Reader::pass($pass), Clock::now()),
            'meetings.ics',
        );
    }

    public function qr(Pass $pass): Response
    {
        return new Response(QrCode::svg($pass->link()), 200, ['Content-Type' => 'image/svg+xml']);
    }

    /** From a link that reaches less: a letter to its mailbox leads to all of it. Whoever reads along here learns nothing more. */
    public function everything(Pass $pass): Response
    {
        if ($pass->email !== null) {
            event(new PassWanted($pass->within(null), [], School::here($pass)->name));
        }
        $said =
            $pass->email === null
                ? Words::say('booking.everything_office', ['phone' => School::here($pass)->phoneOrNone()])
                : Words::say('booking.everything_sent');

        return new Response(
            view('plain.said', [
                'title' => Words::say('booking.open_everything'),
                'message' => $said,
                'back' => '/p/' . $pass->token(),
            ])->render(),
            200,
            ['Cache-Control' => 'no-store, private'],
        );
    }

    /** Says the same whether or not the address is known, and takes as long. */
    public function again(Request $request): JsonResponse
    {
        $request->validate(['email' => ['required', 'string', new MailAddress()]]);
        // Looked for once the answer has gone: neither its words nor its time tell whether there is one.
        dispatch(new LookForPasses((string) MailAddress::of($request->input('email'))));

        return new JsonResponse(['ok' => true]);
    }

    private function calendar(string $text, string $name): Response
    {
        return new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$name\"",
        ]);
    }

    /** @return PassShape */
    private function data(Pass $pass): array
    {
        return PassData::of($pass, Clock::now());
    }
}
