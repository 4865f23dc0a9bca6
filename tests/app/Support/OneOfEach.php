<?php

declare(strict_types=1);

namespace Tests\App\Support;

use App\Allotting\Allotment;
use App\Directory\Guardian;
use App\Directory\Student;
use App\Knocks\Knock;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Questions;
use App\Models\Round;
use App\Models\Sheet;
use App\Passkeys\Passkey;
use App\Rounds\RoundHost;
use App\School\Kiosk;
use App\School\SavedPlace;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Recess\Records\BlockRecord;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/** A school with one of everything that an address can name: for walks over all routes. */
trait OneOfEach
{
    /** @return array<string, int|string> by the names of the parts of addresses */
    protected function oneOfEach(): array
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $wren = $sheet->host;
        $values = [
            'sheet' => $sheet->id,
            'booking' => Booking::query()->firstOrFail()->id,
            'person' => $wren->id,
            'visitor' => Pass::query()->firstOrFail()->id,
            'what' => 'bookings.csv',
            'language' => 'it',
            'token' => 'none',
            'list' => 'entrance.pdf',
            'key' => 'x',
            'passkey' => Passkey::query()->create([
                'staff_id' => $wren->id,
                'credential' => 'a',
                'credential_hash' => Passkey::hash('a'),
                'public_key' => '{}',
                'name' => 'Mine',
            ])->id,
            'tablet' => Kiosk::query()->create(['school_id' => $wren->school_id, 'name' => 'Main door'])->id,
            'calendar' => $wren->calendars()->create(['name' => 'Mine', 'address' => null])->id,
            'staff' => (string) $wren->slug,
            'knock' => Knock::query()->create(self::knock($wren->id))->id,
            'notice' => $wren->notices()->create(['key' => 'walk', 'message' => 'Look.'])->id,
            'place' => SavedPlace::query()->create([
                'school_id' => $wren->school_id,
                'staff_id' => $wren->id,
                'kind' => 'room',
                'label' => 'Room 12',
                'directions' => '',
            ])->id,
        ];
        $values['round'] = self::round($wren->school_id)->id;
        $values['part'] = RoundHost::query()->create(['round_id' => $values['round'], 'staff_id' => $wren->id])->id;
        $values['allotment'] = Allotment::query()->create(['round_id' => $values['round'], 'state' => 'found'])->id;
        $values['paper'] = 'entrance.pdf';
        $values['student'] = Student::query()->create(['school_id' => $wren->school_id, 'name' => 'Ada Fay'])->id;
        $values['guardian'] = Guardian::query()->create(['school_id' => $wren->school_id, 'name' => 'Uma Fay'])->id;

        return $values;
    }

    /**
     * All that can be looked at, by visitors or by staff, with one of everything in its address.
     *
     * @param  array<string, int|string>  $values  as oneOfEach gives them
     * @return list<string>
     */
    protected static function everyLook(array $values, bool $staff): array
    {
        $sheet = Sheet::query()->findOrFail($values['sheet']);
        $parts = $values + ['pass' => Pass::query()->findOrFail($values['visitor'])->token()];
        $parts = $staff ? $parts : ['sheet' => (string) $sheet->slug, 'round' => 'round'] + $parts;
        $looks = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (in_array('GET', $route->methods(), true) && str_contains($route->uri(), 'staff') === $staff) {
                $looks[] =
                    '/' .
                    preg_replace_callback(
                        '/\{(\w+)(:\w+)?\}/',
                        static fn(array $part): string => (string) ($parts[$part[1]] ?? 'none'),
                        $route->uri(),
                    );
            }
        }

        return $looks;
    }

    /** @return array<string, mixed> one that is over, as a row */
    public static function knock(int $host): array
    {
        return [
            'staff_id' => $host,
            'pass_id' => Pass::query()->firstOrFail()->id,
            'state' => 'declined',
            'title' => 'x',
            'details' => '',
            'answers' => [],
            'keeper' => '',
            'until' => self::NOW,
            'uid' => Str::uuid()->toString(),
            'request_key' => Str::uuid()->toString(),
            'request_digest' => '',
        ];
    }

    /** A round of the test's school that is open, with nobody in it. */
    public static function round(int $school): Round
    {
        return Round::query()->create([
            'school_id' => $school,
            'slug' => 'round',
            'title' => 'Round',
            'state' => 'open',
            'rules' => Stated::of(),
            'questions' => new Questions(),
            'families' => false,
            'blocks' => [
                BlockRecord::of(
                    Block::of(
                        OnDates::of(LocalDate::parse(self::EVENING)),
                        Hours::between(LocalTime::of(16), LocalTime::of(17)),
                        Cut::of(10),
                    ),
                ),
            ],
        ]);
    }
}
