<?php

declare(strict_types=1);

namespace App\Models;

use Recess\Rules\Travel;
use Recess\Time\DateRange;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\Zone;

/**
 * The school: one row.
 *
 * @property int $id
 * @property string $name
 * @property string $zone an IANA name
 * @property string $country two letters, ISO 3166-1
 * @property list<array{name: string, first: string, last: string}> $terms
 * @property list<array{name: string, first: string, last: string}> $closed_days
 * @property array<string, list<string>> $columns how the columns of files were matched last
 * @property string $phone of the office; empty when it has not said
 * @property bool $confirm_addresses whether a visitor's first booking waits until their address has answered
 * @property bool $alone a tutor's, who is a school of one
 * @property bool $office_second_factor whether whoever belongs to the office needs a second factor
 * @property bool $mail_sign_in whether one can sign in by a letter
 * @property int $keep_days after their last meeting what visitors told goes
 * @property int $log_days for which it is kept who did what
 * @property int $travel_minutes from one room to the next
 * @property bool $guardians_apart whether what one guardian of a child has is said to no other
 * @property int $quiet_minutes to or from a quiet corner in which one meets by video
 * @property list<array{from: string, to: string, minutes: int}> $ways between rooms that begin so: other buildings, other floors
 * @property int $shown_rooms rooms to which the school itself shows the way (School/Directions)
 * @property int $stamp raised by the database with each change
 */
final class School extends Row
{
    protected $table = 'schools';

    protected $guarded = [];

    /** Kept with the school where it is shared between processes: to read it out of the tz database takes a while. */
    private ?Zone $knownZone = null;

    /** @var array<string, Zone> those of this request: all of a school's sheets have one and the same */
    private static array $zones = [];

    protected $attributes = ['ways' => '[]', 'quiet_minutes' => 5, 'guardians_apart' => false, 'shown_rooms' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'terms' => 'array',
            'closed_days' => 'array',
            'columns' => 'array',
            'ways' => 'array',
            'confirm_addresses' => 'boolean',
            'guardians_apart' => 'boolean',
            'office_second_factor' => 'boolean',
            'mail_sign_in' => 'boolean',
            'alone' => 'boolean',
        ];
    }

    /**
     * The school of whoever looks: that of what stands on their pass, else the one whose installation this is. Where there
     * are tutors alone it is none of them by name, on the clock of the first.
     */
    public static function here(?Pass $pass = null): self
    {
        $of = $pass === null ? null : self::ofPass($pass);
        $here =
            self::query()
                ->when($of !== null, static fn($one) => $one->whereKey($of))
                ->orderBy('alone')
                ->orderBy('id')
                ->first() ??
            (new self())->forceFill([
                // Of no school, until somebody moves in.
                'id' => 0,
                'name' => '',
                'zone' => 'UTC',
                'country' => '',
                'phone' => '',
                'keep_days' => 180,
                'alone' => true,
            ]);

        return $of === null && $here->alone ? (clone $here)->forceFill(['name' => '', 'phone' => '']) : $here;
    }

    /** The number of the school where a pass has something; null where it has nothing anywhere. */
    public static function ofPass(Pass $pass): ?int
    {
        $sheet = Booking::query()->select('sheet_id')->where('pass_id', $pass->id)->orderByDesc('id')->limit(1);
        $host = Sheet::query()->select('staff_id')->where('id', $sheet);
        $school = StaffMember::query()->where('id', $host)->value('school_id');
        foreach ($school === null ? app()->tagged(KnowsSchool::class) : [] as $room) {
            assert($room instanceof KnowsSchool);
            $school ??= $room->schoolOf($pass);
        }

        return $school === null ? null : (int) $school;
    }

    /** The office's number for a sentence of the catalogue, which says it otherwise where there is none. */
    public function phoneOrNone(): string
    {
        return $this->phone === '' ? 'none' : $this->phone;
    }

    public function closedDays(): Dates
    {
        return self::rangesOf($this->closed_days);
    }

    /** @param  int  $atLeast  minutes, for whoever needs longer from room to room */
    public function travel(int $atLeast = 0): Travel
    {
        $ways = array_map(
            static fn(array $way): array => [
                'from' => $way['from'],
                'to' => $way['to'],
                'minutes' => max(0, max($way['minutes'], $atLeast)),
            ],
            $this->ways,
        );

        return new Travel(
            max(0, max($this->travel_minutes, $atLeast)),
            [],
            $ways,
            max(0, max($this->quiet_minutes, $atLeast)),
        );
    }

    /** @param  list<array{name: string, first: string, last: string}>  $ranges */
    public static function rangesOf(array $ranges): Dates
    {
        return Dates::of(
            ...array_map(
                static fn(array $range): DateRange => DateRange::of(
                    LocalDate::parse($range['first']),
                    LocalDate::parse($range['last']),
                ),
                $ranges,
            ),
        );
    }

    /** @return array<string, DateRange> by name, in lower case, as the quick line knows them */
    public function termRanges(): array
    {
        $terms = [];
        foreach ($this->terms as $term) {
            $terms[mb_strtolower($term['name'])] = DateRange::of(
                LocalDate::parse($term['first']),
                LocalDate::parse($term['last']),
            );
        }

        return $terms;
    }

    /** The day that a week begins with in its country, 1 for Monday to 7 (CLDR, week data); Monday where it has said none (ISO 8601). */
    public function weekStarts(): int
    {
        // For ICU 1 is Sunday.
        return $this->country === ''
            ? 1
            : ((\IntlCalendar::createInstance('UTC', "und_$this->country")->getFirstDayOfWeek() + 5) % 7) + 1;
    }

    public function timeZone(): Zone
    {
        if ($this->knownZone?->name !== $this->zone) {
            $this->knownZone = self::$zones[$this->zone] ??= Zone::of($this->zone);
        }

        return $this->knownZone;
    }
}
