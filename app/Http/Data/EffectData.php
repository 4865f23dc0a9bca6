<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Http\SlotKey;
use App\Mail\Letter;
use App\Mail\Occasion;
use App\Mail\Reader;
use App\Models\Booking;
use App\Models\Party;
use App\Wording\Spell;
use App\Worksheet\EditEffect;
use Recess\Time\Span;

/** Whom a change would hit, with names, before it is saved. */
final class EffectData
{
    /** @return array<string, mixed> as Effect in docs/formats/recess.openapi.yaml */
    public static function of(EditEffect $edit, string $word): array
    {
        $zone = $edit->after->zone;
        $changes = [];
        foreach ($edit->effect->otherLength as [$booked, $slot]) {
            $changes[] = self::change($edit, $booked->id, 'length', $slot, [], $word);
        }
        foreach ($edit->effect->otherPlace as $booked) {
            $changes[] = self::change($edit, $booked->id, 'place', null, [], $word);
        }
        foreach ($edit->effect->left as $left) {
            $changes[] = self::change($edit, $left->booking->id, 'time', $left->proposed, $left->nearest, $word);
        }

        return [
            'stays' => count($edit->effect->stays),
            'minutes_moved' => $edit->effect->minutesMoved(),
            'changes' => $changes,
            'zone' => Spell::zone($zone),
        ];
    }

    /**
     * @param  list<Span>  $nearest
     * @return array<string, mixed>
     */
    private static function change(EditEffect $edit, int|string $id, string $what, ?Span $to, array $nearest, string $word): array
    {
        $booking = $edit->bookings->findOrFail((int) $id);

        return [
            'booking' => $booking->id,
            'what' => $what,
            'name' => $booking->pass->name,
            'student' => $booking->student,
            'from' => self::said($booking->span(), $edit),
            'to' => $to === null ? null : self::slot($to, $edit),
            'nearest' => array_map(static fn (Span $slot): array => self::slot($slot, $edit), $nearest),
            'message' => self::message($booking, $what, $to, $edit, $word),
        ];
    }

    /** @return array{key: string, said: string} */
    private static function slot(Span $slot, EditEffect $edit): array
    {
        return ['key' => SlotKey::of($slot->start), 'said' => self::said($slot, $edit)];
    }

    private static function said(Span $slot, EditEffect $edit): string
    {
        $zone = $edit->after->zone;

        return Spell::shortDate($zone->dateAt($slot->start)).', '.Spell::time($slot->start, $zone).' to '.Spell::time($slot->end, $zone);
    }

    /** The text of the message as it would go out. */
    private static function message(Booking $booking, string $what, ?Span $to, EditEffect $edit, string $word): string
    {
        if ($what === 'time' && $to === null) {
            return '';
        }
        // Only for showing: never saved.
        $then = $booking->replicate()->forceFill(['id' => $booking->id]);
        $then->setRelations($booking->getRelations());
        if ($to !== null) {
            $then->forceFill(['starts_at' => gmdate('Y-m-d H:i:s', $to->start), 'ends_at' => gmdate('Y-m-d H:i:s', $to->end)]);
        } else {
            $then->setRelation('place', $edit->after->sheet->places->first());
        }
        $letter = Letter::about($then, $what === 'place' ? Occasion::PlaceChanged : Occasion::Moved, Reader::pass($booking->pass), $word, Party::Host, $edit->after->now);

        return trim(view('mail.text', ['letter' => $letter])->render());
    }
}
