<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\StaffMember;
use App\Writing\SheetFormData;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Recess\Rules\Stated;
use Tests\App\Support\OneOfEach;

/** Whatever was written last: every page is true on the first look after it, and on the second. */
final class FirstLookTest extends TestCase
{
    use OneOfEach;
    use RefreshDatabase;

    /**
     * Everything that is written, by who writes: a visitor on their pass, or the host, who is of the office.
     *
     * @return array<string, array{string, string, array<string, mixed>}> by name: method, address, body
     */
    private static function presses(): array
    {
        $state = static fn(string $to): array => [
            'post',
            '/api/staff/sheets/{sheet}/state',
            ['state' => $to, 'note' => 'Ill.'],
        ];

        return [
            'moved' => ['post', '/api/p/{pass}/bookings/{booking}/move', ['slot' => self::EVENING . 'T20:45:00Z']],
            'guest brought' => [
                'post',
                '/api/p/{pass}/bookings/{booking}/guests',
                ['name' => 'Otto', 'email' => 'otto@mail.example', 'may_change' => true],
            ],
            'name mended' => ['post', '/api/p/{pass}/holder', ['name' => 'Ama Ötoo', 'phone' => '902 555 0111']],
            'a place in line' => ['post', '/api/s/{slug}/waiting', ['name' => 'Bao', 'email' => 'bao@mail.example']],
            'edited' => ['put', '/api/staff/sheets/{sheet}', []],
            'paused' => $state('paused'),
            'closed' => $state('closed'),
            'a time closed' => [
                'post',
                '/api/staff/sheets/{sheet}/slot',
                ['slot' => self::EVENING . 'T20:00:00Z', 'closed' => true, 'extra_seats' => 0],
            ],
            'put away' => ['post', '/api/staff/sheets/{sheet}/put-away', ['away' => true]],
            'copied' => ['post', '/api/staff/sheets/{sheet}/copy', ['start' => '2027-01-12']],
            'settings' => [
                'put',
                '/api/staff/school',
                [
                    'name' => 'Another Point',
                    'zone' => 'America/Halifax',
                    'country' => 'CA',
                    'phone' => '',
                    'confirm_addresses' => false,
                    'travel_minutes' => 3,
                    'terms' => [],
                ],
            ],
            'closed days' => [
                'put',
                '/api/staff/school/closed-days',
                ['closed_days' => [['name' => 'Storm', 'first' => '2026-12-08', 'last' => '2026-12-08']]],
            ],
            'given back' => ['post', '/api/p/{pass}/bookings/{booking}/give-back', ['note' => 'Ill.']],
        ];
    }

    public function test_every_page_is_there_after_everything_that_is_written(): void
    {
        $values = $this->oneOfEach();
        $host = StaffMember::query()->findOrFail($values['person']);
        $host->update(['office' => true]);
        $sheet = Sheet::query()->findOrFail($values['sheet']);
        $sheet->update(['rules' => Stated::of(['guests' => 2])]);
        // A colleague for whom nothing is loaded unless somebody thinks of them.
        SheetHost::query()->create([
            'sheet_id' => $sheet->id,
            'staff_id' => $this->host('Iolo Bevan')->id,
            'role' => HostRole::Any,
        ]);
        // Papers take their time; they are made of what the lists beside them are made of.
        $looked = static fn(bool $staff): array => array_values(
            preg_grep('/\.(pdf|svg|xlsx)$/', self::everyLook($values, $staff), PREG_GREP_INVERT) ?: [],
        );
        $all = [false => $looked(false), true => $looked(true)];
        $few = array_map(
            static fn(array $paths): array => array_values(
                preg_grep('#^/(|staff|(staff/|api/|api/staff/)?(s|p|r|d|sheets|desk|rounds)/[^/]+)$#', $paths) ?: [],
            ),
            $all,
        );
        $this->lookAt($all, $host, 'before anything');
        $n = 0;
        foreach (self::presses() as $write => [$method, $path, $body]) {
            str_contains($path, 'staff') && $this->actingAs($host->refresh());
            $answer = $this->json(
                $method,
                strtr($path, [
                    '{sheet}' => (string) $sheet->id,
                    '{slug}' => (string) $sheet->slug,
                    '{pass}' => Pass::query()->findOrFail($values['visitor'])->token(),
                    '{booking}' => (string) Booking::query()->min('id'),
                ]),
                // The form as the page has it, with one word more.
                $write === 'edited'
                    ? ['title' => 'Conferences, once more', 'version' => $sheet->refresh()->version] +
                        SheetFormData::of($sheet)
                    : $body,
            );
            self::assertTrue($answer->isSuccessful(), "$write: {$answer->status()} {$answer->getContent()}");
            // What is written and read in one place is looked at each time, all the rest every third time.
            $this->lookAt(++$n % 3 === 0 ? $all : $few, $host, "after “{$write}”, with what was at hand before");
            apcu_clear_cache();
            $this->lookAt($few, $host, "after “{$write}”, with nothing at hand");
        }
        $this->lookAt($all, $host, 'after everything');
    }

    /** @param  array<int, list<string>>  $looks  by whether staff look */
    private function lookAt(array $looks, StaffMember $host, string $when): void
    {
        foreach ($looks as $staff => $paths) {
            (bool) $staff ? $this->actingAs($host->refresh()) : $this->app['auth']->forgetGuards();
            foreach ($paths as $path) {
                $answer = $this->get($path);
                self::assertLessThan(500, $answer->status(), "$path $when: {$answer->exception?->getMessage()}");
            }
        }
    }
}
