<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\Claimant;
use App\Models\Booking;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Round;
use App\Timetables\Asking;
use App\Timetables\People;
use App\Timetables\Presence;
use App\Timetables\Whereabouts;
use App\Timetables\Worlds;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Recess\Fitting\Between;
use Recess\Fitting\Coming;
use Recess\Fitting\Plan;
use Recess\Fitting\Planner;
use Recess\Fitting\Preference;
use Recess\Fitting\Wanted;
use Recess\Rules\Because;
use Recess\Time\DateRange;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Timetable;

/** Fits the meetings that a family wants together, around those that it has. Keeps nothing. */
final readonly class FindPlan
{
    /** As long as whoever looks at a page may be made to wait. */
    private const SECONDS = 0.2;

    /** Meetings of one family that are looked for anew at once. */
    private const MOST = 20;

    /**
     * @param  Collection<int, Booking>  $booked  what stands already, on the dates of the round
     * @param  list<Pick>  $picks
     * @param  list<Span>  $windows
     * @param  list<int>  $unheard  picks whose times are free only while no interpreter is
     * @param  array<string, string|null>  $places  by the ids in the plan: b and a booking's number, p and a pick's
     */
    private function __construct(
        public Round $round,
        public array $picks,
        public array $windows,
        public Collection $booked,
        public Plan $plan,
        public Between $between,
        public array $places,
        public ?int $passId,
        private array $unheard,
    ) {}

    /** @param  int  $now  seconds since the epoch */
    public static function of(Round $round, ?Pass $pass, PlanAsk $ask, int $now): self
    {
        $stands = self::look($round, $pass, $ask->asItStands(), $now);
        if (!$ask->anew) {
            return $stands;
        }
        // Nobody is moved for nothing.
        $anew = self::look($round, $pass, $ask, $now);
        $order = Preference::ordered($ask->prefer);

        return $anew->holdsAllThatStand() && $anew->rank($order) < $stands->rank($order) ? $anew : $stands;
    }

    /** Whether nothing that is booked would have no time. */
    private function holdsAllThatStand(): bool
    {
        foreach ($this->picks as $i => $pick) {
            if ($pick->booking !== null && !isset($this->plan->meetings["p$i"])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Preference>  $order
     * @return list<int> less is better
     */
    private function rank(array $order): array
    {
        return [-count($this->plan->meetings), ...$this->plan->cost->inOrder($order)];
    }

    private static function look(Round $round, ?Pass $pass, PlanAsk $ask, int $now): self
    {
        $school = $round->school;
        $zone = $school->timeZone();
        $dates = $round->dates();
        $range = $round->range();
        $there = $pass === null ? [] : Whereabouts::of(People::passes($pass->id)->andKept($now), $range);
        $booked = self::booked($there);
        // What stands already is not wished for once more.
        $ask = $ask->without($booked);
        $anew = $ask->anew && $pass !== null ? self::movable($round, $pass, $now)->get() : new Collection();
        $givenUp = array_values($anew->all());
        if ($givenUp !== []) {
            $ask = $ask->anew($givenUp);
            $booked = $booked->except($anew->modelKeys());
            $there = array_values(
                array_filter($there, static fn(Presence $one): bool => !$anew->contains('id', $one->booking)),
            );
        }
        $between = new Between($school->travel($ask->walk), $ask->breather);
        $wanted = [];
        foreach ($booked as $one) {
            $wanted[] = new Wanted("b$one->id", $one->place->spot(), [$one->span()]);
        }
        [$free, $lacking] = self::free($ask, $dates, $pass, $now, $round->isCollecting(), $givenUp);
        // Where one of theirs is it can stay, whatever a new one could have there.
        foreach ($ask->picks as $i => $pick) {
            $is = $pick->booking?->span();
            $free[$i] =
                $is === null || in_array($is->start, array_column($free[$i], 'start'), true)
                    ? $free[$i]
                    : [...$free[$i], $is];
        }
        // Within the hours at which they can come.
        $within = static fn(Span $time): bool => $time->liesInOneOf($ask->windows);
        $free = array_map(static fn(array $times): array => self::apart($times, $there, $within), $free);
        $unheard = [];
        foreach ($lacking as $i => $times) {
            $unheard[$i] = array_filter($times, $within) !== [] && array_filter($free[$i], $within) === [];
        }
        // A time that was to stay and is gone is looked for anew.
        $stays = array_filter(
            array_map(
                static fn(Pick $pick, array $slots): array => array_values(
                    array_filter($slots, static fn(Span $slot): bool => $slot->start === $pick->start),
                ),
                $ask->picks,
                $free,
            ),
        );
        foreach ($ask->picks as $i => $pick) {
            $wanted[] = new Wanted("p$i", $pick->sheet->places->first()?->spot(), $stays[$i] ?? $free[$i]);
        }
        // What is booked stands, whatever they say of when they can come; so does what they want to stay.
        $stands = [
            ...array_map(static fn(Booking $one): Span => $one->span(), array_values($booked->all())),
            ...array_merge([], ...$stays),
        ];
        $end = hrtime(true) + (int) (self::SECONDS * 1e9);
        $plan = Planner::plan(
            new Coming($wanted, [...$ask->windows, ...$stands], $between, $zone),
            $ask->prefer,
            static fn(): bool => hrtime(true) >= $end,
        );

        $places = array_column(array_map(static fn(Wanted $one): array => [$one->id, $one->place], $wanted), 1, 0);

        return new self(
            $round,
            $ask->picks,
            $ask->windows,
            $booked,
            $plan,
            $between,
            $places,
            $pass?->id,
            array_keys(array_filter($unheard)),
        );
    }

    /** What an id of the plan stands for. */
    public function meant(string $id): Booking|Pick
    {
        $number = (int) substr($id, 1);

        return $id[0] === 'p' ? $this->picks[$number] : $this->booked->firstOrFail('id', $number);
    }

    /** Whether it is for want of interpreters that something has no time. */
    public function lacksInterpreter(string $id): bool
    {
        return $id[0] === 'p' && in_array((int) substr($id, 1), $this->unheard, true);
    }

    /** Whether a time lies after they can come on that day, and not before. */
    public function canStayFor(Span $time): bool
    {
        $zone = $this->round->school->timeZone();
        foreach ($this->windows as $window) {
            if ($zone->dayAt($window->start) === $zone->dayAt($time->start) && $window->start <= $time->start) {
                return true;
            }
        }

        return false;
    }

    /** @return Builder<Booking> those of the round that its family may move */
    public static function movable(Round $round, Pass $pass, int $now): Builder
    {
        return Booking::query()
            ->where('pass_id', $pass->id)
            ->where('state', BookingState::Booked)
            ->whereNotNull('hold_id')
            ->where('starts_at', '>', Instant::column($now))
            ->whereHas('sheet', static fn($sheet) => $sheet->where('round_id', $round->id))
            ->with(['sheet.host.school', 'sheet.places', 'place', 'host'])
            ->orderBy('starts_at')
            ->limit(self::MOST);
    }

    /**
     * @param  list<Booking>  $givenUp
     * @param  bool  $all  whether what nobody can book yet counts: while wishes are collected
     * @return array{array<int, list<Span>>, array<int, list<Span>>} by pick: when it can be had, and when but for want of an interpreter
     */
    private static function free(
        PlanAsk $ask,
        DateRange $dates,
        ?Pass $pass,
        int $now,
        bool $all,
        array $givenUp,
    ): array {
        $free = $lacking = [];
        // With one look for each child, however many teachers it has.
        foreach (array_unique(array_map(static fn(Pick $pick): string => $pick->student, $ask->picks)) as $student) {
            $mine = array_filter($ask->picks, static fn(Pick $pick): bool => $pick->student === $student);
            $sheets = [];
            foreach ($mine as $pick) {
                $sheets[$pick->sheet->id] = $pick->sheet->toCore();
            }
            // Of a child that the school knows as theirs they may know what others who look after it have booked.
            $known = reset($mine)->studentId ?? null;
            $who = ($pass === null ? Asking::anybody() : Asking::holder($pass, $student)->about($known))
                ->interpreted($ask->language)
                ->insteadOfAll($givenUp);
            $worlds = Worlds::ofAll($sheets, $dates, $now, $known === null ? $who : $who->across());
            $by = $all ? Claimant::Staff : Claimant::Visitor;
            foreach ($mine as $i => $pick) {
                $timetable = Timetable::of($sheets[$pick->sheet->id], $worlds[$pick->sheet->id]);
                $free[$i] = $lacking[$i] = [];
                foreach ($timetable->offers() as $offer) {
                    $whole = $timetable->whole($offer->slot);
                    $against = $by->isRefused($offer->verdict);
                    if ($whole !== null && $against === []) {
                        $free[$i][] = $whole;
                    } elseif ($whole !== null && $against === [Because::NoInterpreter]) {
                        $lacking[$i][] = $whole;
                    }
                }
            }
        }

        // In the order of the picks, not of the children.
        ksort($free);

        return [$free, $lacking];
    }

    /**
     * @param  list<Presence>  $there
     * @return Collection<int, Booking> their own, and those to which they are brought
     */
    private static function booked(array $there): Collection
    {
        $ids = array_values(array_filter(array_map(static fn(Presence $one): ?int => $one->booking, $there)));

        return $ids === []
            ? new Collection()
            : Booking::query()
                ->whereKey($ids)
                ->with(['sheet', 'place', 'host'])
                ->orderBy('starts_at')
                ->limit(60)
                ->get();
    }

    /**
     * Those that are not kept for them elsewhere: asked for, or offered to them. Where all are, they choose.
     *
     * @param  list<Span>  $times
     * @param  list<Presence>  $there
     * @param  \Closure(Span): bool  $within  whether they can come then
     * @return list<Span>
     */
    private static function apart(array $times, array $there, \Closure $within): array
    {
        $kept = Spans::of(
            array_map(
                static fn(Presence $one): Span => $one->span,
                array_filter($there, static fn(Presence $one): bool => $one->booking === null),
            ),
        );

        $apart = array_values(array_filter($times, static fn(Span $time): bool => !$kept->touches($time)));

        return array_filter($apart, $within) === [] ? $times : $apart;
    }
}
