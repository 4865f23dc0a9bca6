<?php

declare(strict_types=1);

namespace App\Http\Data;

use App\Http\SlotKey;
use App\Models\BookingState;
use App\Models\HostRole;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\SheetTimetable;
use App\Wording\Spell;
use Recess\Rules\State;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;

/** A sheet as a visitor sees it. Says nothing of who has booked, unless the sheet says that it does. */
final class VisitSheetData
{
    /** Days drawn at a time; the next ones are a press away. */
    private const DAYS = 5;

    /**
     * @param  LocalDate|null  $from  the first day to draw; today when null
     * @return array<string, mixed> as VisitSheet in docs/formats/recess.openapi.yaml
     */
    public static function of(SheetTimetable $timetable, ?LocalDate $from = null): array
    {
        $sheet = $timetable->sheet;
        $zone = $timetable->zone;
        $free = $timetable->free();
        [$pieces, $later] = self::page($timetable, $from ?? $timetable->today());

        return [
            'slug' => $sheet->slug,
            'title' => $sheet->title,
            'intro' => $sheet->intro,
            'state' => $sheet->state->value,
            'note' => $sheet->state === SheetState::Paused ? $sheet->paused_note : '',
            'school' => $sheet->host->school->name,
            'zone' => Spell::zone($zone),
            'zone_name' => $zone->name,
            'host' => self::host($sheet->host),
            'hosts' => $sheet->colleagues->filter(static fn ($one): bool => $one->role !== HostRole::Manage)
                ->map(static fn ($one): string => $one->colleague->name)->values()->all(),
            'any_host' => $sheet->anyOne() !== [],
            'choose_host' => array_values(self::anyHosts($sheet)),
            'places' => array_values($sheet->places->map(self::place(...))->all()),
            'questions' => $sheet->questions->toArray(),
            'email_optional' => $sheet->rules->emailOptional,
            'approve' => $sheet->rules->approve,
            'waiting' => $sheet->rules->waiting && $sheet->state === SheetState::Open,
            'guests' => $sheet->rules->guests,
            'rules' => RulesSaid::of($sheet->rules, $zone),
            'free' => count($free),
            'earliest' => $free === [] ? null : RulerData::slot($free[0]->slot, State::Free, $zone),
            'days' => RulerData::days($zone, $pieces, $timetable->offers(), $timetable->now, self::notes($timetable)),
            'later' => $later === null ? null : (string) $later,
            'who' => (object) self::who($sheet, $timetable),
        ];
    }

    /** @return array<string, mixed> as Host */
    public static function host(StaffMember $host): array
    {
        return [
            'name' => $host->name,
            'subject' => $host->subject,
            'title' => $host->title,
            'initials' => $host->initials(),
            'door' => '/d/'.$host->slug,
            'picture' => $host->picture === null ? null : "/d/$host->slug/picture",
        ];
    }

    private static function notes(SheetTimetable $timetable): RulerNotes
    {
        $seats = [];
        foreach ($timetable->offers() as $offer) {
            if ($timetable->seatsOf($offer->slot) > 1) {
                $seats[$offer->slot->start] = [$timetable->seatsLeft($offer->slot), $timetable->seatsOf($offer->slot)];
            }
        }

        return new RulerNotes($seats, choices: self::choices($timetable));
    }

    /** @return array<int, array{hosts?: list<string>, places?: list<int>}> of free slots, by their start */
    private static function choices(SheetTimetable $timetable): array
    {
        $choices = [];
        $hosts = self::anyHosts($timetable->sheet);
        foreach ($timetable->free() as $offer) {
            $places = $timetable->placesFor($offer->slot);
            $choices[$offer->slot->start] = ($places === null ? [] : ['places' => $places])
                + ($hosts === [] ? [] : ['hosts' => array_map(static fn (int $host): string => $hosts[$host]['slug'], $timetable->freeHosts($offer->slot))]);
        }

        return $choices;
    }

    /** @return array<int, array{slug: string, name: string}> those of whom a visitor can choose one, by their number */
    private static function anyHosts(Sheet $sheet): array
    {
        $hosts = [];
        foreach ($sheet->anyOne() === [] ? [] : $sheet->whomToMeet() as $person) {
            $hosts[$person->id] = ['slug' => (string) $person->slug, 'name' => $person->name];
        }

        return $hosts;
    }

    /**
     * The days that still have something to come, so many of them, and where the next page begins.
     *
     * @return array{list<Pieces>, LocalDate|null}
     */
    private static function page(SheetTimetable $timetable, LocalDate $from): array
    {
        $open = [];
        foreach ($timetable->offers() as $offer) {
            if ($offer->slot->end > $timetable->now) {
                $open[$timetable->zone->dayAt($offer->slot->start)] = true;
            }
        }
        $shown = array_filter($timetable->pieces, static function (Pieces $pieces) use ($timetable, $from, $open): bool {
            $day = $timetable->zone->dayAt($pieces->stretch->start);

            return $day >= $from->day && isset($open[$day]);
        });

        return DayPage::of($shown, $timetable->zone, self::DAYS);
    }

    /** @return array<string, list<string>> who comes to each slot, by its key, where the sheet lets visitors see it */
    private static function who(Sheet $sheet, SheetTimetable $timetable): array
    {
        if (! $sheet->rules->showWho || $sheet->rules->seats === 1) {
            return [];
        }
        $who = [];
        foreach ($sheet->bookings()->where('state', BookingState::Booked)->where('ends_at', '>', gmdate('Y-m-d H:i:s', $timetable->now))->with('pass')->get() as $booking) {
            $who[SlotKey::of($booking->starts_at->getTimestamp())][] = $booking->pass->name;
        }

        return $who;
    }

    /** @return array<string, mixed> the video link is not in it: that is for those who have booked */
    private static function place(Place $place): array
    {
        return ['id' => (int) $place->id, 'kind' => $place->kind->value, 'label' => $place->label, 'directions' => $place->directions];
    }
}
