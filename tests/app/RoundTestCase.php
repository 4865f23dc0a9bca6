<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\BringIn;
use App\Directory\Guardian;
use App\Directory\GuardianLine;
use App\Directory\Roll;
use App\Directory\RollPlan;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Rounds\RoundHost;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** A school with three teachers and two families, and what is done with its rounds. */
abstract class RoundTestCase extends TestCase
{
    use RefreshDatabase;

    protected StaffMember $office;

    protected StaffMember $wren;

    protected StaffMember $iolo;

    protected StaffMember $maja;

    protected function setUp(): void
    {
        parent::setUp();
        $this->office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
        [$this->wren, $this->iolo, $this->maja] = [$this->host(), $this->host('Iolo Bevan'), $this->host('Maja Kos')];
        $roll = new Roll('CA', whole: false);
        $families = [
            ['Ada Fay', '7B', 'Uma Fay', 'uma@mail.example', 'wren-halloran'],
            ['Cy Fay', '8A', 'Uma Fay', 'uma@mail.example', 'maja-kos'],
            ['Lo Nox', '8A', 'Ed Nox', 'ed@mail.example', 'maja-kos'],
        ];
        foreach ($families as $i => [$student, $class, $guardian, $email, $teacher]) {
            $key = (string) $roll->student("S$i", $student, $i + 2);
            $class = $roll->inClass($key, null, $class);
            $roll->classes[$class]['teachers'] = [
                'iolo-bevan@school.example' => true,
                "$teacher@school.example" => true,
            ];
            $roll->looksAfter(
                (string) $roll->guardian(new GuardianLine($i + 2, $guardian, $email, '902 555 0101', 'en')),
                $key,
            );
        }
        app(BringIn::class)(RollPlan::of($roll, $this->office->school), (int) strtotime(self::NOW));
    }

    /** @param  array<string, mixed>  $changes */
    protected function published(array $changes = []): Round
    {
        $this->actingAs($this->office);
        $id = $this->ask('post', '/api/staff/rounds', $this->typed($changes))->assertCreated()->json('id');
        RoundHost::query()->update(['label' => 'Room 12']);
        $this->ask('post', "/api/staff/rounds/$id/publish")->assertOk();
        Auth::forgetGuards();

        return Round::query()->findOrFail($id);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    protected function typed(array $changes = []): array
    {
        return $changes + [
            'title' => 'Spring round',
            'intro' => '',
            'line' => self::EVENING . ' 16:00-18:00 /15 gap 5',
            'families' => true,
            'classes' => [],
            'staff' => [$this->wren->id, $this->iolo->id, $this->maja->id],
            'opens_at' => null,
            'closes_at' => null,
            'lead_hours' => 2,
        ];
    }

    /**
     * @param  list<array<string, string>>  $absent
     * @return array<string, mixed>
     */
    protected static function part(string $room, array $absent = []): array
    {
        return ['kind' => 'room', 'label' => $room, 'link' => '', 'directions' => '', 'absent' => $absent];
    }

    /** @return array{date: string, from: string, until: string} on the evening */
    protected static function hours(string $from, string $until): array
    {
        return ['date' => self::EVENING, 'from' => $from, 'until' => $until];
    }

    protected static function guardian(string $name): Guardian
    {
        return Guardian::query()->where('name', $name)->firstOrFail();
    }

    protected function slug(StaffMember $host): string
    {
        return Sheet::query()->where('staff_id', $host->id)->whereNotNull('round_id')->firstOrFail()->slug;
    }

    /**
     * @param  list<array<string, mixed>>  $picks
     * @param  list<array<string, string>>|null  $windows
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    protected function plan(Round $round, ?Pass $pass, array $picks, ?array $windows = null): TestResponse
    {
        $windows ??= [self::hours('16:00', '18:00')];

        return $this->ask('post', "/api/r/$round->slug/plan", [
            'pass' => $pass?->token(),
            'picks' => $picks,
            'windows' => $windows,
        ]);
    }

    /**
     * @param  list<array<string, mixed>>  $picks
     * @param  array<string, mixed>  $more
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    protected function keep(
        Round $round,
        ?Pass $pass,
        array $picks,
        ?string $key = null,
        array $more = [],
    ): TestResponse {
        return $this->ask(
            'post',
            "/api/r/$round->slug/bookings",
            $more + [
                'pass' => $pass?->token(),
                'picks' => $picks,
                'windows' => [self::hours('16:00', '18:00')],
                'request_key' => $key ?? Str::uuid()->toString(),
            ],
        );
    }

    /**
     * @param  list<array<string, mixed>>  $meetings
     * @return list<array<string, mixed>>
     */
    protected static function kept(array $meetings): array
    {
        return array_map(
            static fn(array $one): array => [
                'sheet' => $one['sheet'],
                'student' => $one['student'],
                'start' => $one['key'],
            ],
            $meetings,
        );
    }
}
