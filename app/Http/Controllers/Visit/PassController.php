<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visit;

use App\Actions\BringGuest;
use App\Actions\CancelBooking;
use App\Actions\LetGuestLeave;
use App\Actions\MoveBooking;
use App\Events\BookingNews;
use App\Http\Data\PassData;
use App\Http\Page;
use App\Http\Requests\AnswersRequest;
use App\Http\Requests\CancelRequest;
use App\Http\SlotKey;
use App\Mail\CalendarEntry;
use App\Mail\Occasion;
use App\Mail\PassAgain;
use App\Mail\Reader;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Guest;
use App\Models\Party;
use App\Models\Pass;
use App\Models\School;
use App\Models\Secret;
use App\Paper\QrCode;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Recess\Calendars\BookingFeed;

/** A visitor's private page for their bookings. */
final class PassController
{
    public function page(Pass $pass): View
    {
        return Page::visit('Pass', 'Your pass', $this->data($pass), view('plain.pass', ['pass' => $this->data($pass)]));
    }

    public function show(Pass $pass): JsonResponse
    {
        return new JsonResponse($this->data($pass));
    }

    public function giveBack(Pass $pass, Booking $booking, CancelRequest $request, CancelBooking $cancel): JsonResponse
    {
        if ($booking->stands() && $booking->starts_at->isPast()) {
            return new JsonResponse(['message' => 'This meeting has begun or is over, so its time cannot be given back.'], 409);
        }
        $cancel($booking, Party::Visitor, $request->note());

        return new JsonResponse($this->data($pass));
    }

    public function move(Pass $pass, Booking $booking, Request $request, MoveBooking $move): JsonResponse
    {
        $request->validate(['slot' => ['required', 'string', SlotKey::RULE]]);
        if ($booking->starts_at->isPast()) {
            return new JsonResponse(['message' => 'This meeting has begun or is over, so it cannot be moved.'], 409);
        }
        $move($booking, SlotKey::instant($request->string('slot')->toString()), Party::Visitor, '', $this->now());

        return new JsonResponse($this->data($pass));
    }

    public function answers(Pass $pass, Booking $booking, AnswersRequest $request): JsonResponse
    {
        DB::transaction(static function () use ($booking, $request): void {
            $booking->update(['answers' => (object) $request->answers(), 'sequence' => $booking->sequence + 1]);
            if ($request->phone() !== '') {
                $booking->pass->update(['phone' => $request->phone()]);
            }
            event(new BookingNews($booking, Occasion::AnswersChanged, Party::Visitor));
        });

        return new JsonResponse($this->data($pass));
    }

    public function bring(Pass $pass, Booking $booking, Request $request, BringGuest $bring): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'], 'email' => ['required', 'string', 'max:190', 'email:rfc']]);
        $bring($booking, $request->string('name')->toString(), $request->string('email')->lower()->toString());

        return new JsonResponse($this->data($pass));
    }

    /** The visitor takes a guest off, or the guest leaves. */
    public function leave(Pass $pass, Booking $booking, Request $request, LetGuestLeave $leave): JsonResponse
    {
        $guests = $booking->guests()->whereNull('left_at');
        $guest = $booking->pass_id === $pass->id ? $guests->where('id', $request->integer('guest'))->first() : $guests->where('pass_id', $pass->id)->first();
        if ($guest instanceof Guest) {
            $leave($guest);
        }

        return new JsonResponse($this->data($pass));
    }

    /** A new address for the pass; the old one stops working. */
    public function renew(Pass $pass): JsonResponse
    {
        $pass->generation++;
        $pass->token_hash = Secret::hash($pass->token());
        $pass->save();

        return new JsonResponse($this->data($pass));
    }

    public function entry(Pass $pass, Booking $booking): Response
    {
        return $this->calendar(CalendarEntry::file($booking, $this->now()), 'meeting.ics');
    }

    /** All bookings as one calendar: a file to keep, or a feed to subscribe to. */
    public function entries(Pass $pass): Response
    {
        $reader = Reader::pass($pass);
        $bookings = PassData::bookings($pass)->filter(static fn (Booking $booking): bool => $booking->state === BookingState::Booked);

        return $this->calendar(BookingFeed::write('Meetings', array_values($bookings->map(fn (Booking $booking): array => [
            CalendarEntry::meeting($booking, $reader, $booking->sequence, $this->now()), $booking->updated_at->getTimestamp(),
        ])->all())), 'meetings.ics');
    }

    public function qr(Pass $pass): Response
    {
        return new Response(QrCode::svg($pass->link()), 200, ['Content-Type' => 'image/svg+xml']);
    }

    /** Says the same whether or not the address is known, and takes no longer. */
    public function again(Request $request): JsonResponse
    {
        $request->validate(['email' => ['required', 'string', 'max:190', 'email:rfc']]);
        $passes = Pass::query()->where('email', $request->string('email')->lower()->toString())->orderByDesc('id')->limit(10)->get();
        $first = $passes->first();
        if ($first !== null) {
            $others = array_values(array_map(intval(...), $passes->skip(1)->pluck('id')->all()));
            Mail::to([(object) ['email' => (string) $first->email, 'name' => $first->name]])->queue(new PassAgain($first, $others, School::query()->first()->name ?? ''));
        }

        return new JsonResponse(['ok' => true]);
    }

    private function calendar(string $text, string $name): Response
    {
        return new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$name\"",
        ]);
    }

    /** @return array<string, mixed> */
    private function data(Pass $pass): array
    {
        return PassData::of($pass, $this->now());
    }

    private function now(): int
    {
        return CarbonImmutable::now()->getTimestamp();
    }
}
