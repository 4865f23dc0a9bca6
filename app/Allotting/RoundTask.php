<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Rounds\RoundHost;
use App\Timetables\Interpreters;
use App\Timetables\People;
use App\Timetables\Presence;
use App\Timetables\RoundsKnow;
use App\Timetables\Whereabouts;
use App\Timetables\Worlds;
use Recess\Allotting\Family;
use Recess\Allotting\Host;
use Recess\Allotting\Wish;
use Recess\Fitting\Between;
use Recess\Names\NameKey;
use Recess\Offer;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Timetable;

/** A round as the core allots it: who is free when, and what is wished. A teacher's break is a wish of nobody's. */
final class RoundTask
{
    /** Of fewer times without a pause nobody needs a break. */
    private const LONG = 9;

    /** Seconds between two times that are a pause by themselves. */
    private const PAUSE = 900;

    /** @var list<Host> */
    public array $hosts = [];

    /** @var list<Family> */
    public array $families = [];

    /** @var array<int, list<Span>> when each part can be met, by its sheet */
    private array $slots = [];

    /** @var array<int, non-empty-list<int>> by sheet whose host has another one in this round: all of theirs */
    private array $parts = [];

    /** @var array<int, string> addresses by pass */
    private array $emails = [];

    /** @var array<string, array{sheet: int, row: int|null}> by the ids of the wishes */
    public array $meant = [];

    public function __construct(private readonly Round $round, public readonly WishList $list) {}

    /** @param  int  $now  seconds since the epoch */
    public static function of(Round $round, int $now): self
    {
        $sheets = [];
        foreach ($round->openSheets() as $sheet) {
            $sheets[$sheet->id] = $sheet;
        }
        $task = new self($round, WishList::of($round, $sheets));
        $task->addHosts($sheets, $now);
        $task->addFamilies($sheets);

        return $task;
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return array<string, list<list<Span>>> by language: when each interpreter is free
     */
    public function interpreters(int $now): array
    {
        $range = $this->round->range();
        $free = [];
        foreach (array_keys(Interpreters::of($this->round->id)) as $language) {
            $free[$language] = Interpreters::free($this->round->id, $language, $range, $now);
        }

        return $free;
    }

    /** @return non-empty-list<int> it, and the others of the same host in this round */
    public function partsWith(int $sheet): array
    {
        return $this->parts[$sheet] ?? [$sheet];
    }

    public function breaks(): int
    {
        return count(array_filter($this->meant, static fn(array $one): bool => $one['row'] === null));
    }

    /** @param  array<int, Sheet>  $sheets */
    private function addHosts(array $sheets, int $now): void
    {
        $most = RoundHost::query()->where('round_id', $this->round->id)->pluck('most', 'sheet_id')->all();
        $cores = array_map(static fn(Sheet $sheet) => $sheet->toCore(), $sheets);
        $worlds = Worlds::ofAll($cores, $this->round->dates(), $now);
        $persons = [];
        foreach ($sheets as $id => $sheet) {
            $can = array_filter(
                Timetable::of($cores[$id], $worlds[$id])->offers(),
                static fn(Offer $offer): bool => $offer->verdict->hostMayPass(),
            );
            $this->slots[$id] = array_values(array_map(static fn(Offer $offer): Span => $offer->slot, $can));
            $persons[$sheet->staff_id][] = $id;
        }
        // One person is one host, whatever parts they have: who takes over from a colleague is in one meeting at a time.
        foreach ($persons as $person => $parts) {
            $this->parts += count($parts) > 1 ? array_fill_keys($parts, $parts) : [];
            $slots = self::apart(array_map(fn(int $part): array => $this->slots[$part], $parts));
            $limits = array_intersect_key(array_filter($most, is_numeric(...)), array_flip($parts));
            $this->hosts[] = new Host(
                (string) $person,
                $sheets[$parts[0]]->places->first()?->spot(),
                $slots,
                $limits === [] ? null : (int) min($limits),
            );
            $this->round->breaks && $this->addBreaks($parts[0], (string) $person, $slots);
        }
    }

    /**
     * @param  list<list<Span>>  $parts
     * @return list<Span> all of them in order; of two that overlap the one of the earlier part
     */
    private static function apart(array $parts): array
    {
        $all = [];
        foreach ($parts as $slots) {
            $taken = Spans::of($all);
            array_push($all, ...array_filter($slots, static fn(Span $slot): bool => !$taken->touches($slot)));
        }
        usort($all, static fn(Span $one, Span $other): int => $one->start <=> $other->start);

        return $all;
    }

    /**
     * Of somebody with several parts the times of this one.
     *
     * @param  list<Span>  $windows
     * @return list<Span>
     */
    private function within(array $windows, int $sheet): array
    {
        return isset($this->parts[$sheet])
            ? Spans::of($windows)->overlap(Spans::of($this->slots[$sheet]))->all()
            : $windows;
    }

    /** @param  list<Span>  $slots */
    private function addBreaks(int $sheet, string $host, array $slots): void
    {
        foreach ($this->longestRuns($slots) as $day => $run) {
            if (count($run) >= self::LONG) {
                // In its middle third.
                $third = intdiv(count($run), 3);
                $id = "break $sheet $day";
                $this->meant[$id] = ['sheet' => $sheet, 'row' => null];
                $this->families[] = new Family($id, array_slice($run, $third, count($run) - 2 * $third), [
                    new Wish($id, $host, asked: true),
                ]);
            }
        }
    }

    /**
     * @param  list<Span>  $slots
     * @return array<int, non-empty-list<Span>> by day: the longest of its runs of times without a pause
     */
    private function longestRuns(array $slots): array
    {
        $longest = $run = [];
        foreach ($slots as $slot) {
            $run = $run !== [] && $slot->start - end($run)->end < self::PAUSE ? [...$run, $slot] : [$slot];
            $day = $this->round->school->timeZone()->dayAt($slot->start);
            if (count($run) > count($longest[$day] ?? [])) {
                $longest[$day] = $run;
            }
        }

        return $longest;
    }

    /**
     * Passes that have a child in common are one family: a child is in one meeting at a time, whoever comes with it.
     *
     * @param  array<int, Sheet>  $sheets
     */
    private function addFamilies(array $sheets): void
    {
        $households = [];
        foreach ($this->households() as $row => $household) {
            $households[$household][] = $row;
        }
        $longer = app(RoundsKnow::class)->timesOfRound($this->round->id);
        $whole = array_map(static fn($pieces): Span => $pieces->stretch, $this->round->pieces());
        $there = $this->whereabouts();
        foreach ($households as $household => $rows) {
            $wishes = [];
            [$walk, $breather] = [max(0, $this->round->school->travel_minutes), 0];
            foreach ($rows as $i) {
                [
                    'pass_id' => $pass,
                    'sheet_id' => $sheet,
                    'rank' => $rank,
                    'asked' => $asked,
                    'why' => $why,
                    'student_id' => $student,
                ] = $this->list->rows[$i];
                if ($why === null) {
                    assert(is_int($pass) && is_int($sheet) && is_int($rank) && is_bool($asked));
                    $this->meant["w$i"] = ['sheet' => $sheet, 'row' => $i];
                    $wishes[] = new Wish(
                        "w$i",
                        (string) $sheets[$sheet]->staff_id,
                        max(1, $rank),
                        $asked,
                        $this->within(
                            $this->around(
                                $this->list->windows[$pass] ?? $whole,
                                $this->whereIs($there, $i),
                                $sheets[$sheet]->places->first()?->spot(),
                            ),
                            $sheet,
                        ),
                        $this->list->languages[$pass] ?? null,
                        times: is_int($student) ? $longer[$sheet][$student] ?? 1 : 1,
                    );
                    [$walk, $breather] = [
                        max($walk, $this->list->needs[$pass][0] ?? 0),
                        max($breather, $this->list->needs[$pass][1] ?? 0),
                    ];
                }
            }
            $this->families[] = new Family(
                "household $household",
                $whole,
                $wishes,
                new Between($this->round->school->travel($walk), $breather),
            );
        }
    }

    /** @return list<Presence> where all are who wish, and whom it is about: in other rounds and sheets too, on whichever pass */
    private function whereabouts(): array
    {
        $passes = array_values(array_unique(array_column($this->list->rows, 'pass_id')));
        $students = array_map(
            static fn(array $row): string => NameKey::of((string) $row['student']),
            $this->list->rows,
        );
        $emails = Pass::query()->whereKey($passes)->whereNotNull('email')->pluck('email', 'id')->all();
        $this->emails = $emails;

        return Whereabouts::of(
            People::passes(...$passes)->across(
                array_values($emails),
                $students,
                array_column($this->list->rows, 'student_id'),
            ),
            $this->round->range(),
        );
    }

    /**
     * @param  list<Presence>  $there
     * @return list<Presence> of whom a row is, and about whom
     */
    private function whereIs(array $there, int $row): array
    {
        ['pass_id' => $pass, 'student' => $student, 'student_id' => $known] = $this->list->rows[$row];
        $key = NameKey::of((string) $student);
        $email = $this->emails[$pass] ?? '';

        return array_values(
            array_filter(
                $there,
                static fn(Presence $one): bool => $one->isOf((int) $pass, $email) || $one->isAbout($key, $known),
            ),
        );
    }

    /**
     * When they can come, less what they are in then and the way there and back.
     *
     * @param  list<Span>  $windows
     * @param  list<Presence>  $there
     * @return list<Span>
     */
    private function around(array $windows, array $there, ?string $place): array
    {
        $travel = $this->round->school->travel();
        $busy = array_map(static function (Presence $one) use ($travel, $place): Span {
            $walk = $travel->minutes($place, $one->place) * 60;

            return $one->span->widened($walk, $walk);
        }, $there);

        return $busy === [] ? $windows : Spans::of($windows)->subtract(Spans::of($busy))->all();
    }

    /** @return array<int, int> by row: the first row of its household */
    private function households(): array
    {
        $of = [];
        $find = static function (string $node) use (&$of): string {
            while (($of[$node] ??= $node) !== $node) {
                $node = $of[$node];
            }

            return $node;
        };
        foreach ($this->list->rows as ['pass_id' => $pass, 'student_id' => $student]) {
            if ($student !== null) {
                $of[$find("student $student")] = $find("pass $pass");
            }
        }
        $first = $households = [];
        foreach ($this->list->rows as $i => ['pass_id' => $pass]) {
            $households[$i] = $first[$find("pass $pass")] ??= $i;
        }

        return $households;
    }
}
