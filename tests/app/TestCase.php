<?php

declare(strict_types=1);

namespace Tests\App;

use App\Actions\PublishSheet;
use App\Actions\SheetStatement;
use App\Actions\WriteSheet;
use App\Models\PlaceKind;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Recess\Repeat\OnDates;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Tests\App\Support\Contract;

/** A school in a zone with clock changes, at noon (UTC) of a fixed day. */
abstract class TestCase extends LaravelTestCase
{
    protected const NOW = '2026-11-24T12:00:00Z';

    protected const EVENING = '2026-12-03';

    public function createApplication(): Application
    {
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        CarbonImmutable::setTestNow(self::NOW);
        $this->withoutVite();
    }

    protected function host(string $name = 'Wren Halloran'): StaffMember
    {
        $school = School::query()->firstOrCreate(['name' => 'Test Point School'], ['zone' => 'America/Halifax', 'country' => 'CA']);

        return StaffMember::query()->firstOrCreate(
            ['email' => Str::slug($name).'@school.example'],
            ['school_id' => $school->id, 'name' => $name, 'subject' => 'Geography', 'password' => 'chalk-and-slate'],
        );
    }

    /** A published sheet: 16:00 to 17:00 in Halifax, that is from 20:00 UTC, on the evening. */
    protected function sheet(?StaffMember $host = null, int $minutes = 15, int $seats = 1, string $title = 'Conferences', string $date = self::EVENING): Sheet
    {
        return app(PublishSheet::class)($this->draft($host, $minutes, $seats, $title, $date), CarbonImmutable::now()->getTimestamp());
    }

    protected function draft(?StaffMember $host = null, int $minutes = 15, int $seats = 1, string $title = 'Conferences', string $date = self::EVENING): Sheet
    {
        return app(WriteSheet::class)($host ?? $this->host(), new SheetStatement(
            title: $title, intro: 'Bring a pencil.', pattern: OnDates::of(LocalDate::parse($date)),
            hours: Hours::between(LocalTime::of(16), LocalTime::of(17)), cut: Cut::of($minutes),
            placeKind: PlaceKind::Room, placeLabel: 'Room 12', placeLink: null, directions: 'Up the stairs.',
            seats: $seats, lead: 1440,
        ));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    protected function wish(Sheet $sheet, string $time = '20:15', array $changes = []): array
    {
        return $changes + [
            'slot' => self::EVENING."T$time:00Z", 'place' => $sheet->places->firstOrFail()->id, 'name' => 'Ama Otoo',
            'email' => 'ama@mail.example', 'phone' => '+1 902 555 0199', 'student' => 'Kwame Ferreira', 'request_key' => Str::uuid()->toString(),
        ];
    }

    /**
     * @param  array<string, mixed>  $wish
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    protected function book(Sheet $sheet, array $wish): TestResponse
    {
        return $this->ask('post', "/api/s/$sheet->slug/bookings", $wish);
    }

    /**
     * A JSON call whose answer is held against the OpenAPI file.
     *
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    protected function ask(string $method, string $path, array $body = []): TestResponse
    {
        $answer = $this->json($method, $path, $body);
        Contract::assertKept($method, $path, $answer->getStatusCode(), (string) $answer->getContent());

        return $answer;
    }
}
