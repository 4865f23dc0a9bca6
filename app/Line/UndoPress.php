<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\Destination;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\OtherHost;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Booking\Spot;
use App\Framework\Contended;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\StaffMember;
use App\Models\Turn;
use Illuminate\Database\UniqueConstraintViolationException;

/** Takes the last press at a desk back, as long as nothing else was pressed since. What visitors did meanwhile stays. */
final class UndoPress
{
    public function __construct(private readonly Relocate $relocate) {}

    /** @throws PressedElsewhere when it is too late */
    public function __invoke(StaffMember $host, int $revision, string $key, int $now): void
    {
        Contended::transaction(function () use ($host, $revision, $key, $now): void {
            $day = DayOf::at($now, $host->school->timeZone());
            $last = Undoable::last(Press::about($host, $day), $now);
            if ($last === null || $last->key !== $key) {
                throw PressedElsewhere::because('undo_late');
            }
            $back = self::swapped($last);
            Relocate::guard($back);
            $desk = Press::raised($host, $day, $revision);
            $this->unswap($back, $now);
            foreach ($last->list('turns') as $turn => $columns) {
                $this->restore((string) $turn, is_array($columns) ? $columns : null);
            }
            $last->takeBack($now);
            $desk->fill($last->columns('desk'))->save();
        });
    }

    /** @return list<string> whom a press was about, by TurnKey */
    public static function whose(Undoable $press): array
    {
        return [
            ...array_map(strval(...), array_keys($press->list('turns'))),
            ...array_map(static fn(int|string $one): string => "b$one", array_keys($press->list('swapped'))),
        ];
    }

    /** @return list<Destination> where the two were that changed times; none where one has given theirs back since */
    private static function swapped(Undoable $press): array
    {
        $were = $press->list('swapped');
        $back = [];
        foreach (
            Booking::query()
                ->whereKey(array_keys($were))
                ->whereNotNull('hold_id')
                ->with(['sheet', 'pass'])
                ->get()
            as $booking
        ) {
            $spot = Spot::from($were[$booking->id] ?? null);
            $spot === null || ($back[] = Destination::back($booking, $spot));
        }

        return count($back) === 2 ? $back : [];
    }

    /** @param  list<Destination>  $back */
    private function unswap(array $back, int $now): void
    {
        try {
            $back === [] || ($this->relocate)($back, Relocation::unswapped($now));
        } catch (NoSeatLeft | NotAsFilledIn | OtherHost | UniqueConstraintViolationException) {
            throw PressedElsewhere::because('swap_clash');
        }
    }

    /** @param  array<string, mixed>|null  $columns  as they were; null where there was no turn */
    private function restore(string $key, ?array $columns): void
    {
        $number = abs(TurnKey::number($key));
        $turn = Turn::query()
            ->where($key[0] === 'b' ? 'booking_id' : 'id', $number)
            ->first();
        if ($turn === null) {
            return;
        }
        $own = in_array($turn->arrived_by, ['pass', 'kiosk'], true) ? $turn->arrived_at : null;
        if ($columns === null && $key[0] === 't') {
            $turn->delete();

            return;
        }
        $turn->setRawAttributes(
            array_merge(
                $turn->getAttributes(),
                $columns ?? [
                    'arrived_at' => null,
                    'arrived_by' => '',
                    'called_at' => null,
                    'ended_at' => null,
                    'outcome' => null,
                    'more_minutes' => 0,
                    'word' => '',
                    'word_at' => null,
                ],
            ),
        );
        if ($own !== null && $turn->arrived_at === null) {
            $turn->fill(['arrived_at' => $own, 'arrived_by' => 'pass']);
        }
        $turn->save();
        if ($key[0] === 'b') {
            Booking::query()
                ->whereKey($number)
                ->first()
                ?->update([
                    'called_in_at' => $turn->isUnderWay()
                        ? Instant::column((int) $turn->called_at?->getTimestamp())
                        : null,
                ]);
        }
    }
}
