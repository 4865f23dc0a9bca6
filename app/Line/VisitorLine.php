<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Booking;
use App\Models\Instant;
use App\Models\Outcome;
use App\Models\PlaceKind;
use App\Models\Turn;
use Illuminate\Support\Facades\DB;
use Recess\Line\Wait;

/** What a visitor sees of the line on the day: whether they can say that they are here, and how long they still wait. */
final class VisitorLine
{
    /** @var array<string, array{HostDay, array<int, Wait>, array<int, int>}> each desk is reckoned with once */
    private array $desks = [];

    /** @param  string  $by  where it is looked at: pass or kiosk */
    public function __construct(private readonly int $now, private readonly string $by = 'pass') {}

    /** @return LineShape|null as Line in docs/formats/recess.openapi.yaml; null on any other day */
    public function of(Booking $booking): ?array
    {
        $zone = $booking->sheet->host->school->timeZone();
        $day = DayOf::at($this->now, $zone);
        if (!Opening::stands($booking) || !$day->span->holds($booking->span()->start)) {
            return null;
        }
        [$desk, $waits, $late] = $this->desks[$booking->staff_id . '|' . $day->date] ??= $this->desk($booking, $day);
        $turn = $desk->bookings->find($booking->id)?->turn;
        $state = $this->state($booking, $turn);
        $asleep = $desk->isAsleep($this->now);
        $wait =
            $state === 'here' && !$asleep && isset($waits[$booking->id])
                ? $this->said($waits[$booking->id], $turn)
                : null;
        $lateBy = in_array($state, ['ahead', 'open', 'here'], true)
            ? intdiv(($late[$booking->id] ?? 0) + 150, 300) * 5
            : 0;

        return [
            'state' => $state,
            'opens' => (string) $zone->timeAt(Opening::of($booking, $this->by)),
            'wait' => $wait?->minutes($this->now),
            // Told from when it matters; what is less is no news.
            'late' =>
                $lateBy >= max(5, min($booking->host->late_threshold, $desk->desk->late_minutes ?: 1440)) ? $lateBy : 0,
            'about' => (string) $zone->timeAt($booking->span()->start + $lateBy * 60),
            'break_until' =>
                $desk->desk->break_until !== null && $desk->desk->break_until->getTimestamp() > $this->now
                    ? (string) $zone->timeAt($desk->desk->break_until->getTimestamp())
                    : null,
            'word' => $turn->word ?? '',
            'answer' => $turn->answer ?? '',
            'video' => $booking->place->kind === PlaceKind::Video,
            'ring' =>
                $turn?->isUnderWay() === true && $turn->video_failed_at !== null
                    ? ['yours' => $booking->pass->phone, 'school' => $booking->sheet->host->school->phone]
                    : null,
        ];
    }

    private function state(Booking $booking, ?Turn $turn): string
    {
        return match (true) {
            $turn?->outcome === Outcome::Missed => 'missed',
            $turn?->outcome === Outcome::Away => 'away',
            $turn?->isOver() === true => 'over',
            $turn?->called_at !== null => 'called',
            $turn?->arrived_at !== null => 'here',
            $this->now >= Opening::of($booking, $this->by) => 'open',
            default => 'ahead',
        };
    }

    /** What was said before stays, as long as it is true. */
    private function said(Wait $wait, ?Turn $turn): Wait
    {
        $said = $wait->after($turn?->said_from?->getTimestamp(), $turn?->said_until?->getTimestamp(), $this->now);
        if ($turn !== null && $turn->said_until?->getTimestamp() !== $said->until) {
            // Beside the model: what was said tells nobody anything new.
            DB::table('turns')
                ->where('id', $turn->id)
                ->update(['said_from' => Instant::column($said->from), 'said_until' => Instant::column($said->until)]);
        }

        return $said;
    }

    /** @return array{HostDay, array<int, Wait>, array<int, int>} */
    private function desk(Booking $booking, DayOf $day): array
    {
        $desk = HostDay::of($booking->host, $day);
        $line = $desk->line($this->now);

        return [$desk, $line->waits(), $desk->lateness($this->now, $line)];
    }
}
