<?php

declare(strict_types=1);

namespace App\Visiting;

use App\Calendars\WithWhom;
use App\Framework\Spell;
use App\Framework\Version;
use App\Knocks\KnockTerms;
use App\Live\Channel;
use App\Models\Audience;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Timetables\Asking;
use App\Timetables\HostCard;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use App\Timetables\RulerNotes;
use App\Timetables\RulesSaid;
use Recess\Rules\Because;
use Recess\Rules\State;
use Recess\Time\LocalDate;
use Recess\Timetable;

/** A sheet as a visitor sees it. Says nothing of who has booked, unless the sheet says that it does. */
final class VisitSheetData
{
    /** Days drawn at a time; the next ones are a press away. */
    private const DAYS = 5;

    /**
     * @param  int  $now  seconds since the epoch
     * @param  LocalDate|null  $from  the first day to draw; today when null
     * @param  list<string>|null  $children  about whom alone it can be, for whoever looks
     * @return VisitSheetShape as VisitSheet in docs/formats/recess.openapi.yaml
     */
    public static function of(
        Sheet $sheet,
        int $now,
        Asking $who,
        ?LocalDate $from = null,
        ?array $children = null,
    ): array {
        [$timetable, $later] = Judge::page($sheet, $from, self::DAYS, $now, $who);
        $zone = $timetable->sheet->zone;
        $free = $timetable->free();
        $earliest = $from === null && $free !== [] ? $free[0]->slot : Judge::firstFree($sheet, $now, $who);
        $toCome = $earliest === null && $sheet->seen() === SheetState::Open ? Judge::toCome($sheet, $now, $who) : null;
        $opens = $toCome?->opensAt();
        $first = $toCome?->firstToOpen()?->slot;

        return [
            'slug' => $sheet->slug,
            'channel' => Channel::sheet($sheet),
            'expected' => '',
            'about' => $sheet->title,
            'title' => Version::title($sheet),
            'title_lang' => Version::language($sheet, $sheet->title),
            'intro' => Version::of($sheet, $sheet->intro),
            'intro_lang' => Version::language($sheet, $sheet->intro),
            'state' => $sheet->seen()->value,
            'note' => $sheet->seen() === SheetState::Paused ? Version::of($sheet, $sheet->paused_note) : '',
            'school' => $sheet->host->school->name,
            'zone' => Spell::zone($zone),
            'zone_name' => $zone->name,
            'host' => HostCard::of($sheet->host),
            'also' => WithWhom::also($sheet),
            'choose_host' => array_values(self::anyHosts($sheet)),
            'places' => array_values(
                $sheet->places->map(static fn(Place $place): array => self::place($sheet, $place))->all(),
            ),
            'questions' => Version::questions($sheet, $sheet->questions),
            'children' => $children,
            'email_optional' => $sheet->rules->yes('email_optional') && !$sheet->host->school->confirm_addresses,
            'confirm' => $sheet->host->school->confirm_addresses,
            'phone' => $sheet->host->school->phone,
            'approve' => $sheet->rules->yes('approve'),
            'waiting' => $sheet->rules->yes('waiting') && $sheet->seen() === SheetState::Open,
            'guests' => $sheet->rules->whole('guests'),
            'round' => self::isOfRound($sheet),
            'rules' => RulesSaid::of($sheet->rules, $zone),
            'free' => count($free),
            'earliest' => $earliest === null ? null : RulerData::slot($earliest, State::Free, $zone),
            'opens' => $opens === null ? null : Spell::moment($opens, $zone),
            'opens_first' => $first === null ? null : RulerData::slot($first, State::NotYetOpen, $zone),
            'none' => $earliest === null ? self::none($toCome) : null,
            'days' => RulerData::days($timetable, self::notes($sheet, $timetable)),
            'later' => $later === null ? null : (string) $later,
            'knock' => KnockTerms::of($sheet->host)->isOpen() ? "/d/{$sheet->host->slug}/knock" : null,
        ];
    }

    /** Whether colleagues hold conferences under the same title: then they can be looked at side by side. */
    private static function isOfRound(Sheet $sheet): bool
    {
        // One small question: all that is open, with all its times, is not read for it.
        return $sheet->kind === SheetKind::Conferences &&
            $sheet->audience === Audience::Anyone &&
            $sheet->seen() === SheetState::Open &&
            Sheet::query()
                ->whereKeyNot($sheet->id)
                ->where('kind', SheetKind::Conferences)
                ->where('state', SheetState::Open)
                ->where('audience', Audience::Anyone)
                ->whereNull('put_away_at')
                ->whereRaw('BINARY title = ?', [$sheet->title])
                ->exists();
    }

    /** Why nothing of it can be had by whoever looks: what they can wait for, what they have, what is over. */
    private static function none(?Timetable $toCome): string
    {
        if ($toCome === null || !$toCome->isToCome()) {
            return 'over';
        }
        $against = $toCome->standsAgainst();

        return match (true) {
            $toCome->opensAt() !== null => 'opens',
            in_array(Because::VisitorHasEnough, $against, true) || in_array(Because::StudentHasEnough, $against, true)
                => 'enough',
            array_intersect(array_column($against, 'name'), [
                'NoSeat',
                'HostBusy',
                'NotLongEnough',
                'NoInterpreter',
                'DayFull',
                'VisitorElsewhere',
                'StudentElsewhere',
            ]) !== []
                => 'taken',
            default => 'too late',
        };
    }

    private static function notes(Sheet $sheet, Timetable $timetable): RulerNotes
    {
        $seats = [];
        foreach ($timetable->offers() as $offer) {
            $capacity = $timetable->capacity($offer->slot);
            if ($timetable->seatsEach($offer->slot) > 1) {
                $seats[$offer->slot->start] = [$capacity->left, $capacity->seats];
            }
        }

        return new RulerNotes($seats, choices: self::choices($sheet, $timetable));
    }

    /** @return array<int, array{hosts?: list<string>, places?: list<int>}> of free slots, by their start */
    private static function choices(Sheet $sheet, Timetable $timetable): array
    {
        $choices = [];
        $hosts = self::anyHosts($sheet);
        // To somebody of whom nothing is known all places are the same.
        $places =
            count($timetable->sheet->places) > 1 &&
            ($timetable->sheet->hasOwnPlaces() || !$timetable->world->asker->isAnybody());
        foreach ($hosts === [] && !$places ? [] : $timetable->free() as $offer) {
            $choices[$offer->slot->start] =
                ($places ? ['places' => $timetable->placesFor($offer->slot)] : []) +
                ($hosts === []
                    ? []
                    : [
                        'hosts' => array_map(
                            static fn(int $host): string => $hosts[$host]['slug'],
                            $timetable->hostsFor($offer->slot),
                        ),
                    ]);
        }

        return $choices;
    }

    /** @return array<int, array{slug: string, name: string}> those of whom a visitor can choose one, by their number */
    private static function anyHosts(Sheet $sheet): array
    {
        $hosts = [];
        foreach ($sheet->canChooseHost() ? $sheet->whomToMeet() : [] as $person) {
            $hosts[$person->id] = ['slug' => (string) $person->slug, 'name' => $person->name];
        }

        return $hosts;
    }

    /** @return array{id: int, kind: string, label: string, directions: string, lang: string} the video link is not in it: that is for those who have booked */
    private static function place(Sheet $sheet, Place $place): array
    {
        return [
            'id' => (int) $place->id,
            'kind' => $place->kind->value,
            'label' => Version::of($sheet, $place->label),
            'directions' => Version::of($sheet, $place->directions),
            'lang' => Version::language($sheet, $place->directions === '' ? $place->label : $place->directions),
        ];
    }
}
