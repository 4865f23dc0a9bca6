<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\LetterPreview;
use App\Booking\Occasion;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Place;
use Recess\Changes\Effect;
use Recess\Time\Span;

/** Whom a change would hit, with names, before it is saved. */
final class EffectData
{
    public function __construct(private readonly LetterPreview $preview)
    {
    }

    /** @return array<string, mixed> as Effect in docs/formats/recess.openapi.yaml */
    public function of(EditEffect $edit, string $word): array
    {
        $zone = $edit->after->sheet->zone;
        $changes = [];
        foreach ($edit->effect->otherLength as [$booked, $slot]) {
            $changes[] = $this->change($edit, $booked->id, 'length', $slot, [], $word);
        }
        foreach ($edit->effect->otherPlace as $booked) {
            $changes[] = $this->change($edit, $booked->id, 'place', null, [], $word);
        }
        foreach ($edit->effect->left as $left) {
            $changes[] = $this->change($edit, $left->booking->id, 'time', $left->proposed, $left->nearest, $word);
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
    private function change(EditEffect $edit, int|string $id, string $what, ?Span $to, array $nearest, string $word): array
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
            'message' => $this->message($booking, $what, $to, $edit, $word),
        ];
    }

    /** @return array{key: string, said: string} */
    private static function slot(Span $slot, EditEffect $edit): array
    {
        return ['key' => SlotKey::of($slot->start), 'said' => self::said($slot, $edit)];
    }

    private static function said(Span $slot, EditEffect $edit): string
    {
        $zone = $edit->after->sheet->zone;

        return Spell::shortDate($zone->dateAt($slot->start)).', '.Spell::time($slot->start, $zone).' to '.Spell::time($slot->end, $zone);
    }

    /** The text of the message as it would go out. */
    private function message(Booking $booking, string $what, ?Span $to, EditEffect $edit, string $word): string
    {
        if ($what === 'time' && $to === null) {
            return '';
        }
        // Only for showing: never saved.
        $then = $booking->replicate()->forceFill(['id' => $booking->id]);
        $then->setRelations($booking->getRelations());
        if ($to !== null) {
            $then->forceFill(['starts_at' => Instant::column($to->start), 'ends_at' => Instant::column($to->end)]);
        } else {
            $then->setRelation('place', (new Place)->forceFill($edit->statement->places[0]->columns()));
        }

        return $this->preview->toVisitor($then, $what === 'place' ? Occasion::PlaceChanged : Occasion::Moved, $word, $edit->after->world->now);
    }
}
