<?php

declare(strict_types=1);

namespace App\School;

use App\Framework\Languages;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Addresses;
use App\Models\Calendar;
use App\Models\Instant;
use App\Models\StaffMember;

/** What a staff member has set for themselves, and the office for the school. */
final class SettingsData
{
    /** @return SettingsShape as Settings in docs/formats/recess.openapi.yaml */
    public static function of(StaffMember $staff, int $now): array
    {
        $school = $staff->school;
        $zone = $school->timeZone();

        return [
            'me' => [
                'name' => $staff->name,
                'title' => $staff->title,
                'subject' => $staff->subject,
                'email' => $staff->email,
                'zone' => $staff->zone ?? '',
                'clock' => $staff->clock,
                'language' => $staff->language ?? '',
                'notify' => $staff->notify,
                'tentative_busy' => $staff->tentative_busy,
                'initials' => $staff->initials(),
                'picture' =>
                    $staff->picture === null
                        ? null
                        : Addresses::picture((string) $staff->slug) .
                            '?' .
                            substr(hash('sha256', $staff->picture), 0, 8),
                'door' => url(Addresses::door((string) $staff->slug)),
                'feed' => self::webcal(url('/feeds/' . $staff->feedToken() . '.ics')),
            ],
            'office' => $staff->office,
            'school' => [
                'name' => $school->name,
                'zone' => $school->zone,
                'country' => $school->country,
                'phone' => $school->phone,
                'confirm_addresses' => $school->confirm_addresses,
                'guardians_apart' => $school->guardians_apart,
                'office_second_factor' => $school->office_second_factor,
                'mail_sign_in' => $school->mail_sign_in,
                'keep_days' => $school->keep_days,
                'log_days' => $school->log_days,
                'travel_minutes' => $school->travel_minutes,
                'quiet_minutes' => $school->quiet_minutes,
                'ways' => $school->ways,
                'terms' => $school->terms,
                'closed_days' => $school->closed_days,
            ],
            'places' => self::places($staff),
            'calendars' => array_values(
                $staff
                    ->calendars()
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn(Calendar $calendar): array => [
                            'id' => $calendar->id,
                            'name' => $calendar->name,
                            'feed' => $calendar->address !== null,
                            'fetched' =>
                                $calendar->fetched_at === null
                                    ? null
                                    : Spell::moment($calendar->fetched_at->getTimestamp(), $zone),
                            'failure' => $calendar->failure,
                            'busy' => $calendar->busySpans()->where('ends_at', '>', Instant::column($now))->count(),
                            'skipped' => array_map(
                                static fn(array $one): string => Words::say('calendars.skipped', $one),
                                $calendar->skipped,
                            ),
                        ],
                    )
                    ->all(),
            ),
            'languages' => Languages::choice(Languages::name(...)),
            'zones' => \DateTimeZone::listIdentifiers(),
        ];
    }

    /** @return list<SavedPlaceShape> as SavedPlace: one's own first, then the school's */
    public static function places(StaffMember $staff): array
    {
        return array_values(
            SavedPlace::query()
                ->where('school_id', $staff->school_id)
                ->where(static fn($one) => $one->whereNull('staff_id')->orWhere('staff_id', $staff->id))
                ->orderByRaw('staff_id IS NULL')
                ->orderBy('label')
                ->get(SavedPlace::SHOWN)
                ->map(
                    static fn(SavedPlace $place): array => [
                        'id' => $place->id,
                        'school' => $place->staff_id === null,
                        'kind' => $place->kind->value,
                        'label' => $place->label,
                        'link' => $place->link ?? '',
                        'directions' => $place->directions,
                        'picture' => $place->picturePath(),
                    ],
                )
                ->all(),
        );
    }

    private static function webcal(string $address): string
    {
        return (string) preg_replace('#^https?://#', 'webcal://', $address);
    }
}
