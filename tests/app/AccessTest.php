<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\SecurityHeaders;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\App\Support\OneOfEach;

/** Who gets at what, and what a stranger learns. */
final class AccessTest extends TestCase
{
    use OneOfEach;
    use RefreshDatabase;

    public function test_every_route_names_its_policy(): void
    {
        $without = array_filter(
            Route::getRoutes()->getRoutes(),
            static fn(RoutingRoute $route): bool => preg_grep(
                '/^(can:|Illuminate\\\\Auth\\\\Middleware\\\\Authorize:)/',
                $route->gatherMiddleware(),
            ) === [],
        );
        self::assertSame(
            [],
            array_values(array_map(static fn(RoutingRoute $route): string => $route->uri(), $without)),
        );
    }

    /** What needs nobody to be signed in, and what the office may of somebody else's; all else of others is refused. */
    private const OPEN = [
        'GET staff/sign-in',
        'POST api/staff/session',
        'GET staff/forgotten',
        'POST api/staff/forgotten',
        'GET staff/join/{token}',
        'POST api/staff/join/{token}',
        'GET staff/second-factor',
        'POST api/staff/session/second',
        'POST api/staff/session/passkey',
        'POST api/staff/session/passkey/asked',
        'POST api/staff/session/letter',
        'GET staff/elsewhere',
        'GET staff/elsewhere/back',
        'GET staff/come/{token}',
        'POST api/staff/come/{token}',
        'GET staff/alone',
        'POST api/staff/alone',
        'GET staff/alone/{token}',
        'POST api/staff/alone/{token}',
    ];

    /** What anybody who works here may, beside their own. */
    private const STAFF = [
        'GET staff/visit/{sheet}',
        'GET staff/knock/{staff}',
        'GET staff/lists/{list}',
        'GET staff/video-room/{key}',
        'GET api/staff/video-room/{key}',
        'POST api/staff/video-room/{key}',
    ];

    /** The front desk: the day's lists, and an account of their own. */
    private const READER = [
        'GET staff/day',
        'GET staff/day/{list}',
        'GET staff/visit/{sheet}',
        'GET staff/knock/{staff}',
        'GET staff/account',
        'DELETE api/staff/session',
        'POST api/staff/session/proof',
        'PUT api/staff/me/password',
        'PUT api/staff/me/devices',
        'POST api/staff/me/sessions/end',
        'POST api/staff/me/second-factor',
        'PUT api/staff/me/second-factor',
        'DELETE api/staff/me/second-factor',
        'POST api/staff/me/second-factor/codes',
        'POST api/staff/session/proof/passkey',
        'POST api/staff/me/passkeys',
        'POST api/staff/me/passkeys/asked',
    ];

    private const OFFICE = [
        'GET staff/people',
        'POST api/staff/people',
        'POST api/staff/people/file',
        'POST api/staff/people/file/invitations',
        'PUT api/staff/people/{person}',
        'POST api/staff/people/{person}/invitation',
        'DELETE api/staff/people/{person}/invitation',
        'GET staff/day',
        'GET staff/wordings',
        'GET api/staff/wordings',
        'PUT api/staff/wordings',
        'POST api/staff/wordings/file',
        'POST api/staff/wordings/file/taken',
        'GET staff/wordings/{language}.po',
        'DELETE api/staff/wordings/{language}',
        'GET staff/visitors',
        'GET api/staff/visitors',
        'GET api/staff/visitors/{visitor}',
        'DELETE api/staff/visitors/{visitor}',
        'GET staff/log',
        'GET api/staff/people/{person}/leaving',
        'POST api/staff/people/{person}/leaving',
        'PUT api/staff/people/{person}/lending',
        'DELETE api/staff/people/{person}/lending',
        'GET staff/mail-left',
        'GET staff/directory',
        'GET api/staff/directory',
        'POST api/staff/directory/students',
        'PUT api/staff/directory/students/{student}',
        'POST api/staff/directory/students/{student}/away',
        'POST api/staff/directory/students/{student}/guardians/{guardian}/code',
        'POST api/staff/directory/file',
        'POST api/staff/directory/file/bring-in',
        'POST api/staff/directory/file/take-back',
        'GET staff/school',
        'PUT api/staff/school',
        'POST api/staff/school/closed-days',
        'PUT api/staff/school/closed-days',
        'POST api/staff/school/closed-days/effect',
        // The day: any desk, and the tablets at the entrance.
        'GET staff/desk/{person}',
        'GET api/staff/desk/{person}',
        'POST api/staff/desk/{person}/presses',
        'POST api/staff/desk/{person}/undo',
        'GET staff/day/{list}',
        'GET api/staff/kiosks',
        'POST api/staff/kiosks',
        'DELETE api/staff/kiosks/{tablet}',
        'GET staff/kiosks/{tablet}/qr.svg',
        'GET staff/sheets/{sheet}/afterwards',
        'GET api/staff/sheets/{sheet}/afterwards',
        'GET staff/sheets/{sheet}/figures.csv',
        // On the phone with a family, and when somebody is away.
        'GET staff/sheets/{sheet}',
        'GET api/staff/sheets/{sheet}',
        'GET api/staff/sheets/{sheet}/handout',
        'GET api/staff/sheets/{sheet}/roster',
        'GET staff/sheets/{sheet}/files/{what}',
        'POST api/staff/sheets/{sheet}/copy',
        'GET staff/rounds/new',
        'GET staff/rounds/{round}',
        'GET staff/rounds/{round}/languages',
        'PUT api/staff/rounds/{round}/languages',
        'GET staff/rounds/{round}/cards.pdf',
        'GET api/staff/rounds/{round}',
        'POST api/staff/rounds',
        'PUT api/staff/rounds/{round}',
        'POST api/staff/rounds/{round}/publish',
        'POST api/staff/rounds/{round}/take-back',
        'POST api/staff/rounds/{round}/parts',
        'PUT api/staff/round-parts/{part}',
        'DELETE api/staff/round-parts/{part}',
        'GET api/staff/round-parts/{part}/students',
        'POST api/staff/rounds/{round}/reminders',
        'PUT api/staff/rounds/{round}/interpreters',
        'GET staff/rounds/{round}/paper/{paper}',
        'GET staff/rounds/{round}/allotment',
        'GET staff/rounds/{round}/allotment.csv',
        'GET api/staff/rounds/{round}/allotment',
        'GET api/staff/rounds/{round}/allotment/progress',
        'POST api/staff/rounds/{round}/allotment',
        'PUT api/staff/rounds/{round}/wishes-until',
        'POST api/staff/allotments/{allotment}/stop',
        'PUT api/staff/allotments/{allotment}/pins',
        'POST api/staff/allotments/{allotment}/publish',
        'GET staff/rounds/{round}/changes',
        'POST api/staff/rounds/{round}/away/effect',
        'POST api/staff/rounds/{round}/away',
        'POST api/staff/rounds/{round}/evening/effect',
        'POST api/staff/rounds/{round}/evening',
        'POST api/staff/rounds/{round}/undo',
        'DELETE api/staff/rounds/{round}/away/{part}',
        'POST api/staff/rounds/{round}/by-video',
        'DELETE api/staff/rounds/{round}/by-video',
        'POST api/staff/sheets/{sheet}/bookings',
        'GET api/staff/bookings/{booking}/times',
        'POST api/staff/bookings/{booking}/move',
        'POST api/staff/bookings/{booking}/undo',
        'POST api/staff/bookings/{booking}/cancel',
        'GET staff/bookings/{booking}/slip.pdf',
    ];

    public function test_a_walk_over_every_staff_route_as_nobody_as_staff_of_nothing_and_as_the_office(): void
    {
        $values = $this->oneOfEach();
        $nothing = $this->host('Iolo Bevan');
        $office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
        $desk = tap($this->host('Maja Kos'))->update(['reader' => true]);
        $allowed = ['nobody' => [], 'staff of nothing' => [], 'reader' => [], 'office' => []];
        $all = $own = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (preg_match('#^(?:api/)?staff\b#', $route->uri()) !== 1) {
                continue;
            }
            $path = (string) preg_replace_callback(
                '/\{(\w+)\}/',
                static fn(array $name): string => (string) $values[$name[1]],
                $route->uri(),
            );
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $all[] = $name = "$method {$route->uri()}";
                str_contains($name, '{') ?: ($own[] = $name);
                foreach (
                    ['nobody' => null, 'staff of nothing' => $nothing, 'reader' => $desk, 'office' => $office]
                    as $who => $reader
                ) {
                    // Each as on a first visit, and nothing of it stays.
                    Auth::forgetGuards();
                    $this->flushSession();
                    DB::beginTransaction();
                    $reader === null ?: $this->actingAs($reader);
                    $status = $this->json($method, "/$path")->getStatusCode();
                    DB::rollBack();
                    self::assertLessThan(500, $status, "$name as $who");
                    in_array($status, [401, 403], true) ?: ($allowed[$who][] = $name);
                }
            }
        }
        self::assertSame([], array_diff(self::OFFICE, $all), 'the list names what there is');
        self::assertEqualsCanonicalizing(self::OPEN, $allowed['nobody']);
        self::assertEqualsCanonicalizing(
            array_unique([...self::OPEN, ...self::STAFF, ...array_diff($own, self::OFFICE)]),
            $allowed['staff of nothing'],
        );
        self::assertEqualsCanonicalizing([...self::OPEN, ...self::READER], $allowed['reader']);
        self::assertEqualsCanonicalizing(
            array_unique([...self::OPEN, ...self::STAFF, ...$own, ...self::OFFICE]),
            $allowed['office'],
        );
    }

    public function test_a_pass_is_known_by_the_hash_of_its_token_only(): void
    {
        $sheet = $this->sheet();
        $path = (string) $this->book($sheet, $this->wish($sheet))->json('path');
        $pass = Pass::query()->firstOrFail();

        self::assertMatchesRegularExpression('#^/p/[\w-]{43}$#D', $path);
        self::assertSame(hash('sha256', substr($path, 3)), $pass->token_hash);
        $pass->update(['generation' => 2]);
        self::assertNotSame($path, '/p/' . $pass->token());

        $page = $this->get($path)->assertOk();
        $page->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('X-Robots-Tag', 'noindex, nofollow');
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
        self::assertSame([], $page->headers->getCookies());
    }

    public function test_what_leads_nowhere_is_a_kind_page(): void
    {
        foreach (['/p/' . str_repeat('a', 43), '/s/nothing-like-it', '/nowhere', '/mailroom', '/mailroom/1'] as $path) {
            config(['recess.demo' => false]);
            $this->get($path)
                ->assertNotFound()
                ->assertSee('This address leads nowhere')
                ->assertHeader('Content-Security-Policy', SecurityHeaders::POLICY);
        }
        $this->ask('get', '/api/p/' . str_repeat('a', 43))->assertNotFound();
    }

    public function test_a_pass_opens_its_own_bookings_only(): void
    {
        $sheet = $this->sheet();
        $mine = (string) $this->book($sheet, $this->wish($sheet, '20:00'))->json('path');
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertCreated();
        $theirs = Booking::query()->max('id');

        $this->ask('post', "/api$mine/bookings/$theirs/give-back")->assertNotFound();
        $this->get("$mine/bookings/$theirs.ics")->assertNotFound();
        self::assertSame(2, Booking::query()->where('state', 'booked')->count());
    }

    public function test_staff_pages_ask_to_sign_in_and_keep_to_ones_own(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $booking = Booking::query()->firstOrFail();

        $this->get("/staff/sheets/$sheet->id")->assertRedirect('/staff/sign-in');
        $this->ask('get', "/api/staff/sheets/$sheet->id")->assertUnauthorized();

        $this->actingAs($this->host('Iolo Bevan'));
        $this->get("/staff/sheets/$sheet->id")
            ->assertForbidden()
            ->assertSee('belongs to another staff member')
            ->assertHeader('Cache-Control', 'no-store, private');
        $this->ask('get', "/api/staff/sheets/$sheet->id")->assertForbidden();
        $this->ask('put', "/api/staff/sheets/$sheet->id")->assertForbidden();
        $this->ask('post', "/api/staff/sheets/$sheet->id/publish")->assertForbidden();
        $this->ask('post', "/api/staff/bookings/$booking->id/cancel")->assertForbidden();
        self::assertTrue($booking->refresh()->stands());
    }

    public function test_a_visitor_learns_nothing_of_other_visitors_nor_the_video_link(): void
    {
        $sheet = $this->sheet();
        $sheet
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'link' => 'https://video.school.example/secret-room']);
        $this->book($sheet->refresh(), $this->wish($sheet))->assertCreated();

        $seen =
            (string) $this->get("/s/$sheet->slug")
                ->assertOk()
                ->getContent() . $this->ask('get', "/api/s/$sheet->slug")->getContent();
        foreach (['Ama', 'Kwame', 'ama@mail', '555 0199', 'secret-room'] as $secret) {
            self::assertStringNotContainsString($secret, $seen);
        }
    }

    public function test_visitors_behind_the_schools_proxy_have_limits_of_their_own_and_nobody_makes_one_up(): void
    {
        $sheet = $this->sheet();
        config(['recess.limits.visitor-writes.most' => 2]);
        $press = fn(string $from, string $says, string $host = 'localhost') => $this->call(
            'POST',
            "/api/s/$sheet->slug/let-go",
            server: [
                'REMOTE_ADDR' => $from,
                'HTTP_X_FORWARDED_FOR' => $says,
                'HTTP_HOST' => $host,
                'HTTP_ACCEPT' => 'application/json',
                'CONTENT_TYPE' => 'application/json',
            ],
            content: json_encode(['keep_key' => Str::uuid()->toString()], JSON_THROW_ON_ERROR),
        )->getStatusCode();

        // From anywhere, what is claimed counts for nothing, whatever host is named.
        self::assertSame(
            [200, 200, 429, 429],
            [
                $press('203.0.113.9', '198.51.100.1'),
                $press('203.0.113.9', '198.51.100.2'),
                $press('203.0.113.9', '198.51.100.3'),
                $press('203.0.113.9', '198.51.100.4', 'x.on-forge.com'),
            ],
        );
        config(['trustedproxy.proxies' => ['203.0.113.10']]);
        self::assertSame(
            [200, 200, 200, 429],
            [
                $press('203.0.113.10', '198.51.100.1'),
                $press('203.0.113.10', '198.51.100.2'),
                $press('203.0.113.10', '198.51.100.2'),
                $press('203.0.113.10', '198.51.100.2'),
            ],
        );
    }

    public function test_signing_in_is_throttled_and_can_be_remembered(): void
    {
        $host = $this->host();
        $try = fn(string $password, bool $remember = false) => $this->ask('post', '/api/staff/session', [
            'email' => $host->email,
            'password' => $password,
            'remember' => $remember,
        ]);

        $welcome = $try('chalk-and-slate', true)->assertOk()->assertJsonPath('to', '/staff');
        self::assertNotNull($welcome->getCookie('recess_device'));
        $this->ask('delete', '/api/staff/session')->assertOk();

        for ($i = 0; $i < 5; $i++) {
            $try('wrong')
                ->assertUnprocessable()
                ->assertJsonPath(
                    'errors.email.0',
                    'E-mail and password do not belong together. Check both, or ask for a new password below.',
                );
        }
        self::assertStringContainsString(
            'tried too often',
            (string) $try('chalk-and-slate')->assertUnprocessable()->json('errors.email.0'),
        );
        $this->assertGuest();
    }

    public function test_floods_of_visitors_writes_are_held_off(): void
    {
        config(['recess.limits.visitor-writes.most' => 3]);
        $sheet = $this->sheet();
        foreach (['20:00', '20:15', '20:30'] as $time) {
            $this->book($sheet, $this->wish($sheet, $time))->assertCreated();
        }
        $this->book($sheet, $this->wish($sheet, '20:45'))->assertTooManyRequests();
    }
}
