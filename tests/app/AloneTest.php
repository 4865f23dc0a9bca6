<?php

declare(strict_types=1);

namespace Tests\App;

use App\AccountLetters\BeginningLetter;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\DataProvider;

/** A tutor without a school. */
final class AloneTest extends TestCase
{
    use RefreshDatabase;

    private const SAID = [
        'name' => 'Tui Marsh',
        'subject' => 'Cello',
        'zone' => 'Pacific/Auckland',
        'country' => 'nz',
        'password' => 'kelp under nine lanterns',
        'minutes' => 45,
        'place' => ['kind' => 'video', 'label' => 'Video', 'link' => 'https://video.example/tui'],
        'hours' => [['day' => 1, 'from' => '9:00', 'until' => '17:00'], ['day' => 3, 'from' => '9', 'until' => '1200']],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        config(['recess.tutors' => true]);
    }

    public function test_where_the_installation_does_not_allow_it_there_is_no_such_page(): void
    {
        config(['recess.tutors' => false]);
        $this->get('/staff/alone')->assertNotFound();
        $this->ask('post', '/api/staff/alone', [
            'name' => 'Tui Marsh',
            'email' => 'tui@mail.example',
        ])->assertNotFound();
    }

    public function test_an_address_answers_and_there_is_a_door_with_a_first_sheet_on_the_tutors_own_clock(): void
    {
        $this->host();
        $link = $this->letter('tui@mail.example');
        $this->get($link)->assertOk()->assertSee('tui@mail.example');
        $to = (string) $this->ask('post', "/api$link", self::SAID)
            ->assertOk()
            ->json('to');
        $tui = StaffMember::query()->where('email', 'tui@mail.example')->firstOrFail();
        $this->assertAuthenticatedAs($tui);
        $sheet = Sheet::query()->where('staff_id', $tui->id)->firstOrFail();
        self::assertSame("/staff/sheets/$sheet->id", $to);
        // Midday on Wednesday in Auckland is the evening before in Halifax, whose school has nothing to do with it.
        $this->get("/d/$tui->slug")
            ->assertOk()
            ->assertSee('Lessons');
        $days = $this->ask('get', "/api/s/$sheet->slug")
            ->assertOk()
            ->assertJsonPath('zone_name', 'Pacific/Auckland')
            ->json('days');
        self::assertSame(
            ['Wednesday 25 November 2026', 4],
            [$days[0]['label'], count($days[0]['stretches'][0]['slots'])],
        );
        Mail::assertQueuedCount(1);

        // Once, and for nobody else.
        $this->post('/api/staff/session');
        auth()->logout();
        $this->ask('post', "/api$link", self::SAID)->assertConflict();
        self::assertSame(2, School::query()->count());
        $this->actingAs($tui)->get('/staff/people')->assertOk()->assertDontSee('Wren Halloran');
    }

    public function test_who_has_an_account_is_told_so_by_letter_and_nobody_else_is(): void
    {
        $wren = $this->host();
        $answers = [];
        foreach ([$wren->email, 'tui@mail.example'] as $email) {
            $answers[] = $this->ask('post', '/api/staff/alone', ['name' => 'Tui Marsh', 'email' => $email])
                ->assertStatus(202)
                ->getContent();
        }
        self::assertSame($answers[0], $answers[1]);
        self::assertSame(
            ['You have an account already', 'Begin with your own page'],
            Mail::queued(BeginningLetter::class)
                ->map(static fn(BeginningLetter $letter): string => (string) $letter->envelope()->subject)
                ->all(),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function slips(): iterable
    {
        yield 'no hours' => [['hours' => []], 'hours'];
        yield 'hours that end before they begin' => [
            ['hours' => [['day' => 1, 'from' => '17:00', 'until' => '9:00']]],
            'hours',
        ];
        yield 'no clock time' => [['hours' => [['day' => 1, 'from' => 'early', 'until' => 'late']]], 'hours'];
        yield 'a day twice' => [
            ['hours' => [['day' => 1, 'from' => '9', 'until' => '10'], ['day' => 1, 'from' => '11', 'until' => '12']]],
            'hours.0.day',
        ];
        yield 'longer than the hours' => [
            ['minutes' => 240, 'hours' => [['day' => 1, 'from' => '9:00', 'until' => '10:00']]],
            'minutes',
        ];
        yield 'no link' => [['place' => ['kind' => 'video', 'label' => 'Video', 'link' => '']], 'place.link'];
        yield 'a short password' => [['password' => 'low tide'], 'password'];
        yield 'no zone' => [['zone' => 'Atlantis/Old'], 'zone'];
    }

    /** @param  array<string, mixed>  $slip */
    #[DataProvider('slips')]
    public function test_a_slip_is_said_at_its_field_and_nothing_is_half_done(array $slip, string $field): void
    {
        $link = $this->letter('tui@mail.example');
        $said = $this->ask('post', "/api$link", $slip + self::SAID)
            ->assertUnprocessable()
            ->json('errors');
        self::assertArrayHasKey($field, $said);
        self::assertSame(
            [0, 0],
            [StaffMember::query()->where('email', 'tui@mail.example')->count(), Sheet::query()->count()],
        );
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addDay());
        $this->ask('post', "/api$link", self::SAID)->assertConflict();
    }

    private function letter(string $email): string
    {
        $this->ask('post', '/api/staff/alone', ['name' => 'Tui Marsh', 'email' => $email])->assertStatus(202);
        $letter = Mail::queued(BeginningLetter::class)->last();
        assert($letter instanceof BeginningLetter);

        return (string) parse_url($letter->content()->with['letter']->link, PHP_URL_PATH);
    }
}
