<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\Reading;
use App\Models\PlaceKind;
use App\Models\Questions;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\School\UsualQuestions;
use App\Telling\WriteLetters;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\App\Support\Contract;

/** A school in a zone with clock changes, at noon (UTC) of a fixed day. */
abstract class TestCase extends LaravelTestCase
{
    /** What nearly every school asks, as a form sends it. */
    private const ASKED = [
        [
            'key' => 'student',
            'kind' => 'student',
            'label' => 'Student’s name',
            'help' => 'Who the meeting is about.',
            'required' => true,
            'on_run_sheet' => true,
            'choices' => [],
        ],
        [
            'key' => 'phone',
            'kind' => 'phone',
            'label' => 'Phone number',
            'help' => '',
            'required' => true,
            'on_run_sheet' => true,
            'choices' => [],
        ],
    ];

    protected const NOW = '2026-11-24T12:00:00Z';

    protected const EVENING = '2026-12-03';

    public function createApplication(): Application
    {
        $app = require __DIR__ . '/../../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        // On the tests' own clock an evening is one day at a desk, whatever the hour at which they run.
        config(['recess.day_begins' => '04:00']);
        CarbonImmutable::setTestNow(self::NOW);
        // What the web server's processes share belongs to one database.
        apcu_clear_cache();
        // No mailbox is read but where a test says so.
        config(['recess.answers.address' => null]);
        // All tests come from one network; where it matters one says how many.
        config(['recess.unanswered' => ['stand' => 1_000, 'wait' => 1_000]]);
        // Each letter by itself, at once, but where a test is about a sitting.
        config(['recess.sitting_quiet' => 0]);
        $this->withoutVite();
    }

    /** Each with a session of their own, as on another computer, and begun just now. */
    public function actingAs(\Illuminate\Contracts\Auth\Authenticatable $user, $guard = null): static
    {
        $this->flushSession();
        // As one who has just signed in: nobody is asked once more.
        $this->withSession(['proved_at' => CarbonImmutable::now()->getTimestamp()]);

        return parent::actingAs($user, $guard);
    }

    /** How many messages wait, once the worker has made letters of what presses have left. */
    protected function lettersWaiting(): int
    {
        foreach (DB::table('jobs')->get() as $row) {
            $job = json_decode($row->payload, true);
            if ($job['displayName'] === WriteLetters::class) {
                DB::table('jobs')->delete($row->id);
                $left = unserialize($job['data']['command']);
                assert($left instanceof WriteLetters);
                $left->handle();
            }
        }

        return DB::table('jobs')->count();
    }

    protected function host(string $name = 'Wren Halloran'): StaffMember
    {
        $school = School::query()->firstOrCreate(
            ['name' => 'Test Point School'],
            ['zone' => 'America/Halifax', 'country' => 'CA', 'confirm_addresses' => false],
        );

        return StaffMember::query()
            ->firstOrCreate(
                ['email' => Str::slug($name) . '@school.example'],
                [
                    'school_id' => $school->id,
                    'name' => $name,
                    'subject' => 'Geography',
                    'password' => 'chalk-and-slate',
                    'came_at' => self::NOW,
                ],
            )
            ->refresh();
    }

    /** A published sheet: 16:00 to 17:00 in Halifax, that is from 20:00 UTC, on the evening. */
    protected function sheet(
        ?StaffMember $host = null,
        int $minutes = 15,
        int $seats = 1,
        string $title = 'Conferences',
        string $date = self::EVENING,
        ?Stated $rules = null,
        ?Questions $questions = null,
    ): Sheet {
        return $this->publish($this->draft($host, $minutes, $seats, $title, $date, $rules, $questions));
    }

    protected function draft(
        ?StaffMember $host = null,
        int $minutes = 15,
        int $seats = 1,
        string $title = 'Conferences',
        string $date = self::EVENING,
        ?Stated $rules = null,
        ?Questions $questions = null,
    ): Sheet {
        return app(WriteSheet::class)(
            $host ?? $this->host(),
            new SheetStatement(
                title: $title,
                intro: 'Bring a pencil.',
                blocks: [
                    Block::of(
                        OnDates::of(LocalDate::parse($date)),
                        Hours::between(LocalTime::of(16), LocalTime::of(17)),
                        Cut::of($minutes),
                    ),
                ],
                places: [new PlaceStatement(PlaceKind::Room, 'Room 12', null, 'Up the stairs.')],
                questions: $questions ?? UsualQuestions::all(),
                rules: $rules ?? Stated::of(['seats' => $seats]),
            ),
            CarbonImmutable::now()->getTimestamp(),
        );
    }

    protected function publish(Sheet $sheet): Sheet
    {
        return app(PublishSheet::class)($sheet, CarbonImmutable::now()->getTimestamp());
    }

    /**
     * A worksheet as the page sends it: 16:25 to 17:35 on the evening, in 15-minute meetings.
     *
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $block
     * @param  array<string, mixed>  $place
     * @param  array<string, mixed>  $rules
     * @return array<string, mixed>
     */
    protected static function form(array $changes = [], array $block = [], array $place = [], array $rules = []): array
    {
        return $changes + [
            'title' => 'Autumn conferences',
            'kind' => 'conferences',
            'intro' => '',
            'joining' => false,
            'hosts' => [],
            'version' => 0,
            'blocks' => [
                $block + [
                    'kind' => 'dates',
                    'dates' => [self::EVENING],
                    'weekdays' => [],
                    'month_days' => [],
                    'every' => 1,
                    'first' => null,
                    'until' => null,
                    'times' => null,
                    'hours' => [['from' => '4:25 pm', 'until' => '1735']],
                    'other' => [],
                    'minutes' => 15,
                    'gap' => 0,
                    'except' => [],
                    'plus' => [],
                    'changes' => [],
                    'places' => [],
                ],
            ],
            'places' => [
                $place + [
                    'id' => null,
                    'kind' => 'room',
                    'label' => 'Room 12',
                    'link' => '',
                    'link_mode' => 'one',
                    'directions' => '',
                ],
            ],
            'questions' => self::ASKED,
            'rules' => $rules + Stated::of()->toArray(),
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    protected function wish(Sheet $sheet, string $time = '20:15', array $changes = []): array
    {
        return $changes + [
            'slot' => self::EVENING . "T$time:00Z",
            'place' => $sheet->places->firstOrFail()->id,
            'name' => 'Ama Otoo',
            'email' => 'ama@mail.example',
            'answers' => ['phone' => '+1 902 555 0199', 'student' => 'Kwame Ferreira'],
            'request_key' => Str::uuid()->toString(),
        ];
    }

    /**
     * Somebody else's wish, about another student.
     *
     * @return array<string, mixed>
     */
    protected function otherWish(Sheet $sheet, string $time, string $who): array
    {
        return $this->wish($sheet, $time, [
            'name' => $who,
            'email' => Str::slug($who) . '@mail.example',
            'answers' => ['phone' => '902 555 0150', 'student' => "Child of $who"],
        ]);
    }

    /**
     * @param  array<string, mixed>  $wish
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    protected function book(Sheet $sheet, array $wish): TestResponse
    {
        return $this->ask('post', "/api/s/$sheet->slug/bookings", $wish);
    }

    /** Works off what is queued, as a worker does (who has more room than one, for it shares a process with all tests) once nobody can take back any more what it tells of. */
    protected function delivered(): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addSeconds(\App\Framework\Undoable::TOLD));
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--sleep' => 0, '--memory' => 1024]);
        // A worker that stops early says so here, and not as a message that somebody misses.
        self::assertSame(
            [0, 0],
            [
                DB::table('jobs')
                    ->where('available_at', '<=', CarbonImmutable::now()->getTimestamp())
                    ->count(),
                DB::table('failed_jobs')->count(),
            ],
            'All that was due is done. ' . Artisan::output(),
        );
    }

    /** Whatever page a test looks at, it was told what the OpenAPI file says. */
    protected function createTestResponse($response, $request): TestResponse
    {
        if (!($response instanceof BinaryFileResponse) && !($response instanceof StreamedResponse)) {
            Contract::assertTold((string) $response->getContent());
            if (
                Reading::now()->clock === 12 &&
                preg_match('#html|json#', (string) $response->headers->get('Content-Type')) === 1
            ) {
                Contract::assertOneClock((string) $response->getContent(), $request->path());
            }
        }

        return parent::createTestResponse($response, $request);
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
        if ($answer->getStatusCode() === 500 && $answer->exception !== null) {
            throw $answer->exception;
        }
        Contract::assertKept($method, $path, $answer->getStatusCode(), (string) $answer->getContent());

        return $answer;
    }
}
