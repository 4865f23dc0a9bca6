<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Directory\Admission;
use App\Framework\Alphabet;
use App\Framework\Spell;
use App\Framework\Words;
use App\Knocks\CommonDays;
use App\Knocks\KnockTerms;
use App\Knocks\WhenFree;
use App\Live\Channel;
use App\Models\Audience;
use App\Models\Pass;
use App\Models\StaffMember;
use App\School\SavedPlace;
use App\Timetables\HostCard;
use Recess\Time\DateRange;
use Recess\Time\Span;
use Recess\Time\Spans;

/** What whoever knocks needs: on which terms, and when both are free. */
final class KnockPageData
{
    /** Days looked at a time: two weeks of rulers. */
    private const DAYS = 14;

    /** Whom else one can ask together with a host. */
    private const OTHERS = 200;

    /** @return KnockPageShape as KnockPage in docs/formats/recess.openapi.yaml */
    public static function of(KnockTerms $terms, ?Pass $pass, int $now): array
    {
        $host = $terms->host;

        return [
            'school' => $host->school->name,
            'office' => $host->school->phone,
            'host' => HostCard::of($host),
            'slug' => (string) $host->slug,
            'channel' => Channel::times($host->school_id),
            'zone' => Spell::zone($host->school->timeZone()),
            'zone_name' => $host->school->zone,
            'intro' => $terms->intro,
            'kept' => Words::say('knocks.kept_for', ['hours' => $terms->kept_hours]),
            'places' => array_values(
                $terms
                    ->places()
                    ->map(
                        static fn(SavedPlace $one): array => [
                            'id' => $one->id,
                            'label' => $one->label,
                            'directions' => $one->directions,
                        ],
                    )
                    ->all(),
            ),
            'questions' => $terms->questions->toArray(),
            'children' => Admission::of($terms->sheet(), $pass)->names(),
            'others' => self::others($terms, $pass),
            'times' => self::times([$terms], new AskedTimes($pass), $now),
        ];
    }

    /**
     * @param  non-empty-list<KnockTerms>  $terms
     * @return KnockTimesShape
     */
    public static function times(array $terms, AskedTimes $asked, int $now): array
    {
        $pass = $asked->pass;
        $own = $asked->own;
        $from = $asked->from;
        $school = $terms[0]->host->school;
        $zone = $school->timeZone();
        $first = $zone->dateAt(
            $now + 3600 * max(array_map(static fn(KnockTerms $one): int => $one->lead_hours, $terms)),
        );
        $last = $zone
            ->dateAt($now)
            ->plusDays(min(array_map(static fn(KnockTerms $one): int => $one->ahead_days, $terms)));
        $from = $from === null || $from->isBefore($first) ? $first : ($from->isAfter($last) ? $last : $from);
        $dates = DateRange::of($from, $from->plusDays(self::DAYS - 1));
        if ($pass !== null) {
            $range = Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 0));
            $own = WhenFree::ofPass($pass, $range, $asked->place, $school->travel(), $now)->union(
                $own ?? Spans::none(),
            );
        }
        $lengths = self::lengths($terms);
        $later = $from->plusDays(self::DAYS);

        return [
            'lengths' => $lengths,
            'days' => $lengths === [] ? [] : CommonDays::of(WhenFree::of($terms, $dates, $now), $own, $lengths, $now),
            'earlier' => $from->isAfter($first) ? (string) $from->plusDays(-self::DAYS) : null,
            'later' => $later->isAfter($last) ? null : (string) $later,
        ];
    }

    /**
     * Those of all who have to be there; null where one of them cannot be asked by whoever asks.
     *
     * @param  list<string>  $with  doors of the others
     * @return non-empty-list<KnockTerms>|null
     */
    public static function termsOf(StaffMember $host, array $with, ?Pass $pass): ?array
    {
        $others = StaffMember::query()
            ->where('school_id', $host->school_id)
            ->whereIn('slug', $with)
            ->whereKeyNot($host->id)
            ->orderBy('id')
            ->limit(5)
            ->get();
        $terms = array_map(KnockTerms::of(...), [$host, ...array_values($others->all())]);
        $all = count($terms) === count(array_unique(array_diff($with, [$host->slug]))) + 1;
        foreach ($terms as $one) {
            $all = $all && $one->isOpen() && Admission::of($one->sheet(), $pass)->isAdmitted;
        }

        return $all && (count($terms) === 1 || self::lengths($terms) !== []) ? $terms : null;
    }

    /**
     * @param  non-empty-list<KnockTerms>  $terms
     * @return list<int> that all of them give
     */
    private static function lengths(array $terms): array
    {
        $lengths = array_values(
            array_intersect(...array_map(static fn(KnockTerms $one): array => $one->lengths, [...$terms, $terms[0]])),
        );
        sort($lengths);

        return $lengths;
    }

    /** @return list<array{slug: string, name: string, subject: string}> */
    private static function others(KnockTerms $terms, ?Pass $pass): array
    {
        $others = KnockTerms::query()
            ->where('allowed', true)
            ->where('staff_id', '!=', $terms->staff_id)
            ->whereHas(
                'host',
                static fn($host) => $host->where('school_id', $terms->host->school_id)->whereNull('left_at'),
            )
            ->with('host.school')
            ->limit(self::OTHERS)
            ->get()
            ->filter(
                static fn(KnockTerms $one): bool => array_intersect($one->lengths, $terms->lengths) !== [] &&
                    ($one->audience === Audience::Anyone || Admission::of($one->sheet(), $pass)->isAdmitted),
            );

        return array_values(
            $others
                ->sort(Alphabet::by(static fn(KnockTerms $one): string => $one->host->name))
                ->map(
                    static fn(KnockTerms $one): array => [
                        'slug' => (string) $one->host->slug,
                        'name' => $one->host->name,
                        'subject' => $one->host->subject,
                    ],
                )
                ->all(),
        );
    }
}
