<?php

declare(strict_types=1);

namespace App\Plans;

use App\Directory\Student;
use App\Framework\Spell;
use App\Framework\Version;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Timetables\HostCard;
use App\Timetables\Interpreters;
use App\Timetables\RoundsKnow;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Time\Zone;

/** A round as a family sees it: its children and who teaches them, when it is, and what they said last. */
final class RoundPageData
{
    /** Seconds between the times at which one can say that one comes or goes. */
    private const STEP = 900;

    /**
     * @param  int  $now  seconds since the epoch
     * @return RoundPageShape as RoundPage in docs/formats/recess.openapi.yaml
     */
    public static function of(Round $round, ?Pass $pass, int $now): array
    {
        $family = RoundFamily::of($round, $pass);
        $sheets = $round->openSheets();
        $byStaff = array_column(array_map(static fn(Sheet $one): array => [$one->staff_id, $one->slug], $sheets), 1, 0);
        $teachers = $family->teachers();
        $asked = app(RoundsKnow::class)->asked($round->id, array_values($family->children?->modelKeys() ?? []));
        $kept = $pass === null ? null : Shortlist::of($round->id, $pass->id);

        return [
            'slug' => $round->slug,
            'title' => Version::title($round),
            'intro' => Version::of($round, $round->intro),
            'state' => $round->state->value,
            'school' => $round->school->name,
            'office' => $round->school->phone,
            'walk' => max(0, $round->school->travel_minutes),
            'pass' =>
                $pass === null
                    ? null
                    : [
                        'path' => '/p/' . $pass->token(),
                        'name' => $pass->name,
                        'email' => $pass->shownEmail(),
                        'phone' => $pass->shownPhone(),
                    ],
            'children' =>
                $family->children === null
                    ? null
                    : array_values(
                        $family->children
                            ->map(
                                static fn(Student $child): array => [
                                    'name' => $child->name(),
                                    'class' => (string) $child->classes->first()?->name,
                                    // Where none of its own are in it, all who are.
                                    'teachers' => array_values(
                                        array_filter(
                                            array_map(
                                                static fn(int $staff): ?string => $byStaff[$staff] ?? null,
                                                $teachers[$child->id],
                                            ),
                                        ) ?:
                                        $byStaff,
                                    ),
                                    'asked' => array_values(
                                        array_intersect_key(
                                            array_column($sheets, 'slug', 'id'),
                                            $asked[$child->id] ?? [],
                                        ),
                                    ),
                                ],
                            )
                            ->all(),
                    ),
            'sheets' => array_values(
                array_map(
                    static fn(Sheet $one): array => [
                        'slug' => $one->slug,
                        'host' => HostCard::of($one->host),
                        'place' => (string) $one->places->first()?->label,
                    ],
                    $sheets,
                ),
            ),
            'questions' => Version::questions($round, $round->questions->ofItsOwn()),
            'dates' => self::dates($round, $now),
            'gone' => self::gone($kept?->gone($round, $sheets) ?? []),
            'asked' => $kept?->asked,
            'languages' => self::languages($round),
            'language' => (string) $family->language(),
            'wishes' => $round->isCollecting() ? self::wishes($round, $kept, $now) : null,
            'opens' => self::opens($round, $family, $now),
            'standing' => $pass === null ? 0 : FindPlan::movable($round, $pass, $now)->pluck('id')->count(),
        ];
    }

    /** @return list<array{code: string, name: string}> for which there are interpreters */
    private static function languages(Round $round): array
    {
        return array_map(
            static fn(string $code): array => [
                'code' => $code,
                'name' => Interpreters::name($code) ?? $code,
            ],
            array_keys(Interpreters::of($round->id)),
        );
    }

    /** @return array{open: bool, said: string, sent: ShortlistShape|null, sent_said: string} until when they can be sent, and what was sent */
    private static function wishes(Round $round, ?Shortlist $kept, int $now): array
    {
        $zone = $round->school->timeZone();
        $open = $round->takesWishes($now);

        return [
            'open' => $open,
            'said' => Words::say($open ? 'allotting.until' : 'allotting.until_over', [
                'moment' => Spell::moment((int) $round->wishes_until?->getTimestamp(), $zone),
            ]),
            'sent' => $kept?->wished,
            'sent_said' =>
                $kept?->wished_at === null
                    ? ''
                    : Words::say('allotting.sent_at', [
                        'moment' => Spell::moment($kept->wished_at->getTimestamp(), $zone),
                    ]),
        ];
    }

    /** @param  list<string>  $names  of those whom they picked and who are not in it any more */
    private static function gone(array $names): string
    {
        return $names === []
            ? ''
            : Words::say('allotting.gone', ['names' => Spell::list($names), 'count' => count($names)]);
    }

    /** From when this family may book; empty once it may. */
    private static function opens(Round $round, RoundFamily $family, int $now): string
    {
        $opens = $family->opensAt();

        return $opens === null || $opens <= $now || $round->isCollecting()
            ? ''
            : Words::say('rounds.cohort_opens', ['moment' => Spell::moment($opens, $round->school->timeZone())]);
    }

    /** @return list<array{at: int, said: string}> between which somebody can say when they come and go, in minutes from the first */
    private static function steps(int $from, int $until, Zone $zone): array
    {
        $instants = range($from, $until, self::STEP);
        if (end($instants) < $until) {
            $instants[] = $until;
        }

        return array_map(
            static fn(int $one): array => ['at' => intdiv($one - $from, 60), 'said' => (string) $zone->timeAt($one)],
            $instants,
        );
    }

    /** @return list<array{date: string, label: string, over: bool, from: string, until: string, steps: list<array{at: int, said: string}>}> the dates on which meetings are, and between when */
    public static function dates(Round $round, int $now): array
    {
        $zone = $round->school->timeZone();
        $days = $round->days();

        return array_map(
            static fn(int $day, Span $span): array => [
                'date' => (string) LocalDate::fromDay($day),
                'label' => Spell::date(LocalDate::fromDay($day)),
                'over' => $span->end <= $now,
                'from' => (string) $zone->timeAt($span->start),
                'until' => (string) $zone->timeAt($span->end),
                'steps' => self::steps($span->start, $span->end, $zone),
            ],
            array_keys($days),
            array_values($days),
        );
    }
}
