<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\LetterPreview;
use App\Booking\Occasion;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\Place;
use Recess\Changes\Effect;
use Recess\Changes\Shift;
use Recess\Changes\Within;
use Recess\Time\Span;

/** Whom a change would hit, with names, before it is saved. */
final class EffectData
{
    public function __construct(private readonly LetterPreview $preview) {}

    /**
     * @param  list<EditEffect>  $edits  of one sheet, or of several that one change of the school's days touches
     * @param  Settlement|null  $settlement  what the writer has chosen so far: the messages shown are of that
     * @return EffectShape as Effect in docs/formats/recess.openapi.yaml
     */
    public function of(
        array $edits,
        string $word,
        ?Settlement $settlement = null,
        Within $within = Within::SameWeek,
    ): array {
        $changes = [];
        foreach ($edits as $edit) {
            foreach ($edit->effect->otherLength as [$booked, $slot]) {
                $changes[] = $this->change($edit, $booked->id, new Proposal('length', $slot), $word, $settlement);
            }
            foreach ($edit->effect->otherPlace as $booked) {
                $changes[] = $this->change($edit, $booked->id, new Proposal('place'), $word, $settlement);
            }
            foreach ($edit->effect->left as $left) {
                $changes[] = $this->change(
                    $edit,
                    $left->booking->id,
                    new Proposal('time', $left->proposed, $left->nearest),
                    $word,
                    $settlement,
                );
            }
        }

        return [
            'stays' => array_sum(array_map(static fn(EditEffect $edit): int => count($edit->effect->stays), $edits)),
            'moves_said' => self::moves($edits),
            'within' => $within->value,
            'changes' => $changes,
            'zone' => $edits === [] ? '' : Spell::zone($edits[0]->after->sheet->zone),
        ];
    }

    /** @return ChangeShape */
    private function change(
        EditEffect $edit,
        int|string $id,
        Proposal $proposal,
        string $word,
        ?Settlement $settlement,
    ): array {
        $booking = $edit->bookings->findOrFail((int) $id);
        $booking->setRelation('sheet', $edit->sheet);
        $choice = $settlement->choices[$booking->id] ?? null;

        return [
            'booking' => $booking->id,
            'what' => $proposal->what,
            'sheet' => $edit->statement === null ? $edit->sheet->title . ', ' . $edit->sheet->host->name : '',
            'name' => $booking->pass->name,
            'student' => $booking->student,
            'from' => self::said($booking->span(), $edit),
            'to' => $proposal->to === null ? null : self::slot($proposal->to, $edit, $booking->slot()),
            'nearest' => array_map(
                static fn(Span $slot): array => self::slot($slot, $edit, $booking->slot()),
                $proposal->nearest,
            ),
            'message' => match (
                $choice['do'] ?? ($proposal->what === 'time' && $proposal->to === null ? 'leave' : 'move')
            ) {
                'leave' => '',
                'cancel' => $this->preview->cancelled(
                    $booking,
                    $word,
                    $edit->after->world->now,
                    $edit->insteadOf($booking),
                ),
                default => $this->moved(
                    $booking,
                    $proposal->what,
                    ($choice['to'] ?? null) === null ? $proposal->to : self::chosen($choice['to'], $proposal->all()),
                    $edit,
                    $word,
                ),
            },
        ];
    }

    /**
     * How far all are proposed to go.
     *
     * @param  list<EditEffect>  $edits
     */
    private static function moves(array $edits): string
    {
        $shifts = [];
        foreach ($edits as $edit) {
            array_push($shifts, ...$edit->effect->shifts($edit->after->sheet->zone));
        }
        if ($shifts === []) {
            return '';
        }
        $alike = array_unique(array_map(static fn(Shift $one): string => "$one->days $one->minutes", $shifts));

        return count($alike) === 1
            ? Words::say('sheets.move_all', ['count' => count($shifts)] + self::values($shifts[0]))
            : Words::say('sheets.move_each', [
                'count' => count($shifts),
                'days' => max(array_map(static fn(Shift $one): int => abs($one->days), $shifts)),
                'minutes' => max(array_map(static fn(Shift $one): int => abs($one->minutes), $shifts)),
            ]);
    }

    private static function shift(Shift $shift): string
    {
        return Words::say($shift->days === 0 ? 'sheets.shift_clock' : 'sheets.shift_days', self::values($shift));
    }

    /** @return array<string, int|string> */
    private static function values(Shift $shift): array
    {
        return [
            'days' => abs($shift->days),
            'day_way' => $shift->days < 0 ? 'earlier' : 'later',
            'minutes' => abs($shift->minutes),
            'way' => $shift->minutes < 0 ? 'earlier' : 'later',
        ];
    }

    /** @param  list<Span>  $slots */
    private static function chosen(int $start, array $slots): ?Span
    {
        foreach ($slots as $slot) {
            if ($slot->start === $start) {
                return $slot;
            }
        }

        return null;
    }

    /** @return array{key: string, said: string, shift: string} */
    private static function slot(Span $slot, EditEffect $edit, Span $from): array
    {
        return [
            'key' => SlotKey::of($slot->start),
            'said' => self::said($slot, $edit),
            'shift' => self::shift(Shift::between($from, $slot, $edit->after->sheet->zone)),
        ];
    }

    private static function said(Span $slot, EditEffect $edit): string
    {
        $zone = $edit->after->sheet->zone;

        return Spell::shortly($slot, $zone);
    }

    /** The text of the message about another time, length or place as it would go out. */
    private function moved(Booking $booking, string $what, ?Span $to, EditEffect $edit, string $word): string
    {
        if ($what !== 'place' && $to === null) {
            return '';
        }
        // Only for showing: never saved.
        $then = $booking->replicate()->forceFill(['id' => $booking->id]);
        $then->setRelations($booking->getRelations());
        if ($to !== null) {
            $then->forceFill(['starts_at' => Instant::column($to->start), 'ends_at' => Instant::column($to->end)]);
        } elseif ($edit->statement !== null) {
            $then->setRelation('place', (new Place())->forceFill($edit->statement->places[0]->columns()));
        }
        $was = $to !== null && $to->start !== $booking->span()->start ? $booking->span()->start : null;

        return $this->preview->moved(
            $then,
            $what === 'place' ? Occasion::PlaceChanged : Occasion::Moved,
            $word,
            $edit->after->world->now,
            $was,
        );
    }
}
