<?php

declare(strict_types=1);

namespace App\Writing;

use App\Calendars\AnswerAddress;
use App\Directory\DirectoryData;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\School\SettingsData;
use App\Video\VideoRooms;
use Recess\Rules\Rulebook;
use Recess\Rules\Term;
use Recess\Time\LocalDate;

/** All that a worksheet offers to choose from. */
final class WorksheetData
{
    private const MONTHS = 14;

    /**
     * @param  SheetFormShape  $form
     * @return WorksheetPageShape
     */
    public static function of(StaffMember $host, ?Sheet $sheet, array $form, int $now): array
    {
        $school = $host->school;
        $today = $school->timeZone()->dateAt($now);
        $draft = Draft::by($host, $sheet);

        return [
            'host' => $host->name,
            'sheet' =>
                $sheet === null
                    ? null
                    : [
                        'id' => $sheet->id,
                        'state' => $sheet->state->value,
                        'bookings' => $sheet->bookings()->whereNotNull('hold_id')->count(),
                    ],
            'form' => $form,
            'draft' =>
                $draft === null
                    ? null
                    : [
                        'form' => $draft->form,
                        'line' => $draft->line,
                        'at' => Spell::moment($draft->updated_at->getTimestamp(), $school->timeZone()),
                    ],
            'today' => (string) $today,
            'week_starts' => $school->weekStarts(),
            'year' => self::year($today, $host),
            'terms' => $school->terms,
            'places' => SettingsData::places($host),
            'classes' => DirectoryData::classesFor($host),
            'makes_rooms' => self::makesRooms(),
            'rulebook' => array_map(
                static fn(Term $term): array => [
                    'name' => $term->name,
                    'kind' => $term->kind->value,
                    'least' => $term->least,
                    'most' => $term->most,
                    'choices' => $term->choices,
                    'asks' => Words::say("rules.asks.$term->name"),
                ],
                self::rulebook(),
            ),
            'names_hosts' => WorksheetReader::namesHosts($host, $sheet),
            'colleagues' => array_values(
                StaffMember::hosting($school->id)
                    ->where('id', '!=', $sheet->staff_id ?? $host->id)
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn(StaffMember $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'subject' => $one->subject,
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return list<Term> what can be stated; what comes of a calendar's answer only where one can come */
    private static function rulebook(): array
    {
        return array_values(
            array_filter(
                Rulebook::terms(),
                static fn(Term $term): bool => $term->name !== 'declined_entry' || AnswerAddress::isRead(),
            ),
        );
    }

    /** Whether a link can be made for each meeting: by the school's video service, or by the demo's stand-in. */
    public static function makesRooms(): bool
    {
        return app(VideoRooms::class)->areMade();
    }

    /**
     * The months to come, a ruler each: the page lays out no calendar of its own.
     *
     * @return list<YearMonthShape>
     */
    private static function year(LocalDate $today, StaffMember $host): array
    {
        $closed = [];
        foreach ($host->school->closed_days as $range) {
            for ($day = LocalDate::parse($range['first'])->day; $day <= LocalDate::parse($range['last'])->day; $day++) {
                $closed[$day] = $range['name'];
            }
        }
        [$year, $month] = $today->parts();
        $months = [];
        for ($i = 0; $i < self::MONTHS; $i++, $month++) {
            $start = LocalDate::of($year + intdiv($month - 1, 12), (($month - 1) % 12) + 1, 1);
            $days = [];
            for ($n = 0; $n < (int) gmdate('t', $start->day * 86_400); $n++) {
                $date = $start->plusDays($n);
                $days[] = [
                    'date' => (string) $date,
                    'number' => $n + 1,
                    'weekday' => $date->weekday()->value,
                    'said' => Spell::date($date),
                    'closed' => $closed[$date->day] ?? null,
                    'past' => $date->isBefore($today),
                ];
            }
            $months[] = ['name' => Spell::month($start), 'days' => $days];
        }

        return $months;
    }
}
