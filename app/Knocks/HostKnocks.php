<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Answered;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\BusySpan;
use App\Models\HostRole;
use App\Models\Instant;
use App\Models\StaffMember;
use App\Timetables\RulerData;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

/** The knocks of a host: those that wait for them, each time on the ruler of its day with what lies around, and what became of the last ones. */
final class HostKnocks
{
    private const OVER = 20;

    /** Of each kind, what lies around a time. */
    private const AROUND = 100;

    /** @return array{open: list<HostKnockShape>, over: list<array{id: int, title: string, who: string, said: string, sheet: int|null}>} */
    public static function of(StaffMember $reader, int $now): array
    {
        $theirs = [$reader->id, ...$reader->standsInFor()];
        $open = Knock::openOf($theirs)
            ->where('state', '!=', KnockState::Unconfirmed)
            ->where('until', '>', Instant::column($now))
            ->with(Knock::PARTS)
            ->orderBy('id')
            ->limit(200)
            ->get();
        $over = Knock::askedOf($theirs)
            ->whereNotIn('state', KnockState::open())
            ->where('updated_at', '>', Instant::column($now - 30 * 86_400))
            ->with(Knock::PARTS)
            ->orderByDesc('updated_at')
            ->limit(self::OVER)
            ->get();

        return [
            'open' => array_values(
                $open->map(static fn(Knock $knock): array => self::knock($knock, $reader, $now))->all(),
            ),
            'over' => array_values($over->map(self::over(...))->all()),
        ];
    }

    /** @return array{id: int, title: string, who: string, said: string, sheet: int|null} */
    private static function over(Knock $knock): array
    {
        $span = $knock->chosen()?->span();
        $when = $span === null ? '' : Spell::moment($span->start, $knock->zone());

        return [
            'id' => $knock->id,
            'title' => $knock->title,
            'who' => $knock->pass->name,
            'said' => Words::say('knocks.over_' . str_replace(' ', '_', $knock->state->value), ['when' => $when]),
            'sheet' => $knock->booking_id === null ? null : $knock->sheet_id,
        ];
    }

    /** How many wait for an answer of theirs. */
    public static function waiting(StaffMember $reader, int $now): int
    {
        return self::askedOf([$reader->id], $now);
    }

    /** Who asks them, and who asks those whom they stand in for, in a sentence; empty where nobody does. */
    public static function waitingSaid(StaffMember $reader, int $now): string
    {
        return trim(
            Words::say('knocks.waiting', [
                'own' => self::waiting($reader, $now),
                'others' => self::askedOf($reader->standsInFor(), $now),
            ]),
        );
    }

    /** @param  list<int>  $hosts */
    private static function askedOf(array $hosts, int $now): int
    {
        return Knock::query()
            ->whereIn('state', [KnockState::Asked, KnockState::Maybe])
            ->where('until', '>', Instant::column($now))
            ->whereHas(
                'hosts',
                static fn($host) => $host->whereIn('staff_id', $hosts)->where('answer', HostAnswer::None),
            )
            ->count();
    }

    /** @return HostKnockShape as HostKnock in docs/formats/recess.openapi.yaml */
    private static function knock(Knock $knock, StaffMember $reader, int $now): array
    {
        $host = $knock->hostFor($reader) ?? $knock->host;
        $zone = $knock->zone();
        $until = Spell::moment($knock->until->getTimestamp(), $zone);

        return [
            'id' => $knock->id,
            'title' => $knock->title,
            'details' => $knock->details,
            'work' => $knock->work,
            'who' => $knock->pass->name,
            'email' => (string) $knock->pass->email,
            'phone' => $knock->pass->phone,
            'student' => $knock->student,
            'place' => $knock->place->label ?? '',
            'answers' =>
                (object) ($knock->sheet === null
                    ? []
                    : Answered::all(
                        $knock->sheet->questions,
                        array_diff_key($knock->answers, ['details' => true, 'work' => true]),
                    )),
            'state' => $knock->state->value,
            'said' => Words::say('knocks.host_' . $knock->state->value, ['until' => $until]),
            'can_answer' => $knock->state->waitsForHost(),
            'mine' => ($knock->hosts->firstWhere('staff_id', $host->id)->answer ?? HostAnswer::None)->value,
            'for' => $host->id === $reader->id ? '' : $host->name,
            'others' => array_values(
                $knock->hosts
                    ->filter(static fn(KnockHost $one): bool => $one->staff_id !== $host->id)
                    ->map(
                        static fn(KnockHost $one): string => Words::say('knocks.other_' . $one->answer->value, [
                            'host' => $one->host->name,
                        ]),
                    )
                    ->all(),
            ),
            'word' => $knock->answer_note,
            'choices' => array_values(
                $knock->choices
                    ->map(
                        static fn(KnockChoice $one): array => self::choice(
                            $one,
                            $knock,
                            $host,
                            $host->id === $reader->id,
                            $now,
                        ),
                    )
                    ->all(),
            ),
        ];
    }

    /** @return KnockChoiceShape as KnockChoice in docs/formats/recess.openapi.yaml */
    private static function choice(KnockChoice $choice, Knock $knock, StaffMember $host, bool $own, int $now): array
    {
        $zone = $knock->zone();
        $span = $choice->span();
        $date = $zone->dateAt($span->start);
        $around = self::around($host, $knock, $date, $zone, $own);
        $hours = KnockTerms::of($host)
            ->asked()
            ->windows(DateRange::of($date, $date->plusDays(6)), $zone, Dates::none())
            ->all();
        ['left' => $left, 'ruler' => $ruler] = RulerData::between(
            $date,
            $zone,
            self::scale([$span, ...array_column($around, 0)], $hours, $date, $zone),
            $now,
        );

        return [
            'id' => $choice->id,
            'position' => $choice->position,
            'chosen' => $choice->chosen,
            'gone' => $span->start <= $now || $host->school->closedDays()->holds($date),
            'when' => Spell::moment($span->start, $zone),
            'until' => (string) $zone->timeAt($span->end),
            'minutes' => $span->minutes(),
            'maybe_until' =>
                $span->start - HoldKnock::ENDS > $now ? Spell::moment($span->start - HoldKnock::ENDS, $zone) : null,
            'ruler' => $ruler,
            'at' => intdiv($span->start - $left, 60),
            'around' => array_map(
                static fn(array $one): array => [
                    'at' => intdiv($one[0]->start - $left, 60),
                    'length' => $one[0]->minutes(),
                    'title' => $one[1],
                    'said' => Spell::between($one[0], $zone),
                    'meeting' => $one[2],
                ],
                $around,
            ),
        ];
    }

    /** @return list<array{Span, string, bool}> their meetings, what else is asked of them, and what their calendars say, on that date; titles of calendars are their owner's alone */
    private static function around(StaffMember $host, Knock $but, LocalDate $date, Zone $zone, bool $own): array
    {
        $day = $zone->day($date);
        $there = static fn(Builder $any): Builder => $any
            ->where('staff_id', $host->id)
            ->orWhereHas(
                'sheet.colleagues',
                static fn($colleague) => $colleague->where('staff_id', $host->id)->where('role', HostRole::Must),
            );
        $meetings = self::within(
            Booking::query()->where($there)->whereIn('state', BookingState::standing())->with('pass'),
            $day,
        )
            ->get()
            ->map(static fn(Booking $one): array => [$one->span(), $one->student ?: $one->pass->name, true])
            ->all();
        $asked = self::within(
            KnockChoice::query()
                ->where('knock_id', '!=', $but->id)
                ->whereIn('knock_id', Knock::openOf([$host->id])->select('id')),
            $day,
        )
            ->get()
            ->map(static fn(KnockChoice $one): array => [$one->span(), Words::say('knocks.also_asked'), false])
            ->all();
        $busy = self::within(BusySpan::query()->whereIn('calendar_id', $host->calendars()->select('id')), $day)
            ->get()
            ->map(static fn(BusySpan $one): array => [$one->span(), $own ? $one->title : '', false])
            ->all();
        $within = [];
        foreach ([...$meetings, ...$asked, ...$busy] as [$span, $title, $meeting]) {
            $part = $span->shared($day);
            if ($part !== null) {
                $within[] = [$part, $title, $meeting];
            }
        }

        return $within;
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $any
     * @return Builder<T> those of them that lie in a span, in order
     */
    private static function within(Builder $any, Span $span): Builder
    {
        return $any
            ->where('starts_at', '<', Instant::column($span->end))
            ->where('ends_at', '>', Instant::column($span->start))
            ->orderBy('starts_at')
            ->limit(self::AROUND);
    }

    /**
     * The full hours in which they can be asked, and whatever lies outside of them but for what takes half a day.
     *
     * @param  non-empty-array<Span>  $spans
     * @param  list<Span>  $hours
     * @return array{int, int}
     */
    private static function scale(array $spans, array $hours, LocalDate $date, Zone $zone): array
    {
        $clock = static fn(int $instant): int => $zone->timeAt($instant)->minute;
        $midnight = $zone->instant($date, 0);
        $minutes = static fn(int $instant): int => min(1440, max(0, intdiv($instant - $midnight, 60)));
        $short = array_filter($spans, static fn(Span $span): bool => $span->minutes() < 720);
        $shown = $short === [] ? $spans : $short;
        $first = min([
            ...array_map(static fn(Span $one): int => $minutes($one->start), $shown),
            ...array_map(static fn(Span $one): int => $clock($one->start), $hours),
        ]);
        $last = max([
            ...array_map(static fn(Span $one): int => $minutes($one->end), $shown),
            ...array_map(static fn(Span $one): int => $clock($one->end), $hours),
        ]);

        return [intdiv($first, 60) * 60, min(1440, intdiv($last + 59, 60) * 60)];
    }
}
