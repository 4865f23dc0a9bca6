<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Sheet;
use App\Models\StaffMember;
use App\Sharing\Csv;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** What goes out and comes in: files, feeds, paper, settings. */
final class FormatsTest extends TestCase
{
    use RefreshDatabase;

    private Sheet $sheet;

    protected function setUp(): void
    {
        parent::setUp();
        $this->sheet = $this->sheet();
        $this->actingAs($this->host());
    }

    private function file(string $what): string
    {
        return (string) $this->get("/staff/sheets/{$this->sheet->id}/files/$what")
            ->assertOk()
            ->getContent();
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function import(string $text): TestResponse
    {
        return $this->post(
            '/api/staff/sheets/import',
            ['file' => UploadedFile::fake()->createWithContent('sheet', $text)],
            ['Accept' => 'application/json'],
        );
    }

    public function test_a_sheet_goes_out_as_json_by_its_schema_and_in_again(): void
    {
        $json = $this->file('sheet.json');
        $result = (new Validator())->validate(
            json_decode($json),
            (string) file_get_contents(__DIR__ . '/../../docs/formats/sheet.schema.json'),
        );
        self::assertTrue($result->isValid(), (string) json_encode($result->error()?->message()));

        $copy = $this->import($json)->assertCreated()->assertJsonPath('state', 'draft')->assertJsonPath('slots', 4);
        $this->sheet = Sheet::query()->findOrFail($copy->json('id'));
        self::assertSame($json, $this->file('sheet.json'));
    }

    public function test_its_times_go_out_as_availability_and_in_again(): void
    {
        $ics = $this->file('availability.ics');
        self::assertStringContainsString('BEGIN:VAVAILABILITY', $ics);
        $this->import($ics)->assertCreated()->assertJsonPath('slots', 4);
        // The same from the shell, which needs no database.
        file_put_contents($path = (string) tempnam(sys_get_temp_dir(), 'ics'), $ics);
        $slots = new Process([
            '/usr/bin/php8.2',
            __DIR__ . '/../../ops/slots.php',
            $path,
            '--minutes',
            '15',
            '--from',
            '2026-12-01',
            '--to',
            '2026-12-31',
        ]);
        self::assertSame('2026-12-03T16:00:00-04:00', json_decode($slots->mustRun()->getOutput(), true)[0]['start']);
    }

    /** @return iterable<string, array{string}> */
    public static function noSheets(): iterable
    {
        yield 'nothing' => [''];
        yield 'words' => ['Dear colleague'];
        yield 'another JSON' => ['{"a": 1}'];
        yield 'another version' => ['{"format": "recess-sheet", "version": 99}'];
        yield 'half of one' => ['{"format": "recess-sheet", "version": 1, "title": "x"}'];
        yield 'another charset' => ["{\"format\": \"recess-sheet\", \"title\": \"Caf\xe9\"}"];
        yield 'a calendar without availability' => ["BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n"];
    }

    #[DataProvider('noSheets')]
    public function test_a_file_that_is_no_sheet_is_said_and_nothing_is_made(string $text): void
    {
        $this->import($text)
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['file']);
        self::assertSame(1, Sheet::query()->count());
    }

    public function test_bookings_as_csv_and_workbook_with_formulas_defused(): void
    {
        $this->book(
            $this->sheet,
            $this->wish(
                $this->sheet,
                changes: [
                    'name' => '=HYPERLINK("x")',
                    'answers' => ['student' => "Zoë, \"Z\"\tNg", 'phone' => '902 555 0199'],
                ],
            ),
        )->assertCreated();
        $csv = $this->file('bookings.csv');
        // RFC 4180: CRLF, quotes doubled; OWASP's list of characters that begin a formula.
        self::assertStringContainsString(
            "\"2026-12-03\",\"16:15\",\"16:30\",\"Wren Halloran\",\"Zoë, \"\"Z\"\"\tNg\",\"'=HYPERLINK(\"\"x\"\")\",\"ama@mail.example\",\"+1 902-555-0199\"",
            $csv,
        );
        self::assertSame(
            ["'=1", "'-1", "'@a", "'+a1", '+1 902-555-0199', 'plain'],
            array_map(Csv::defused(...), ['=1', '-1', '@a', '+a1', '+1 902-555-0199', 'plain']),
        );

        file_put_contents($path = (string) tempnam(sys_get_temp_dir(), 'xlsx'), $this->file('bookings.xlsx'));
        $read = new Process([
            '/usr/bin/python3',
            '-c',
            'import sys,zipfile,xml.etree.ElementTree as e; z=zipfile.ZipFile(sys.argv[1]); assert z.testzip() is None; [e.fromstring(z.read(n)) for n in z.namelist()]; t="{http://schemas.openxmlformats.org/spreadsheetml/2006/main}t"; s=e.fromstring(z.read("xl/worksheets/sheet1.xml")); print([x.text for x in s.iter(t)][14], [x.text for x in s.iter(t.replace("}t", "}v"))])',
            $path,
        ]);
        // Serial dates and times as Python's datetime has them: 2026-12-03 less 1899-12-30; 975 and 990 minutes of 1440.
        self::assertSame(
            '=HYPERLINK("x") [\'46359\', \'0.6770833333\', \'0.6875\']',
            trim($read->mustRun()->getOutput()),
        );
    }

    public function test_paper_and_codes(): void
    {
        foreach (
            [
                'qr.svg' => '<?xml',
                'qr.png' => "\x89PNG",
                'notice.pdf' => '%PDF-',
                'slips.pdf' => '%PDF-',
                'bookings.pdf' => '%PDF-',
            ]
            as $what => $begins
        ) {
            self::assertStringStartsWith($begins, $this->file($what));
        }
        // A little picture in a title is no two boxes on paper; what stands around it is whole.
        $this->sheet->update(['title' => "Autumn \u{1F342} conferences \u{1F468}\u{200D}\u{1F467}"]);
        $text = (new Process(['pdftotext', '-', '-'], input: $this->file('notice.pdf')))->mustRun()->getOutput();
        self::assertStringContainsString('Autumn conferences', (string) preg_replace('/\s+/', ' ', $text));
        self::assertStringNotContainsString("\u{FFFD}", $text);
        $this->sheet->update(['title' => 'Conferences']);
        // A phone reads them where they are printed: by jsQR, from the printed page, at 25 mm or more.
        foreach (
            ['notice.pdf' => ['1', '1', 60], 'slips.pdf' => ['0.5', '0.27', 25]]
            as $what => [$across, $down, $least]
        ) {
            $read = new Process(
                [
                    'bash',
                    '-c',
                    'pdftoppm -r 150 -f 1 -l 1 -singlefile - | node "$@"',
                    'bash',
                    __DIR__ . '/Support/qr.mjs',
                    $across,
                    $down,
                ],
                input: $this->file($what),
            );
            [$said, $wide] = json_decode($read->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
            self::assertSame($this->sheet->link(), $said, $what);
            self::assertGreaterThanOrEqual($least, ($wide * 25.4) / 150, "$what, in mm");
        }
        $this->ask('get', "/api/staff/sheets/{$this->sheet->id}/handout")->assertJsonPath(
            'signature',
            'Conferences: ' . $this->sheet->link(),
        );
        $this->get("/staff/sheets/{$this->sheet->id}/files/passwd")->assertNotFound();
    }

    public function test_the_feed_of_ones_meetings_has_a_secret_address_that_can_be_renewed(): void
    {
        $this->book($this->sheet, $this->wish($this->sheet))->assertCreated();
        $me = [
            'name' => 'Wren Halloran',
            'title' => 'Head',
            'subject' => 'Maps',
            'zone' => '',
            'clock' => '24',
            'notify' => 'each',
            'tentative_busy' => true,
        ];
        $old = (string) $this->ask('put', '/api/staff/me', $me)
            ->assertOk()
            ->assertJsonPath('me.title', 'Head')
            ->json('me.feed');
        $path = (string) parse_url(str_replace('webcal', 'http', $old), PHP_URL_PATH);
        self::assertStringContainsString('Ama Otoo', (string) $this->get($path)->assertOk()->getContent());
        $new = (string) $this->ask('post', '/api/staff/me/feed')->assertOk()->json('me.feed');
        self::assertNotSame($old, $new);
        $this->get($path)->assertNotFound();
        $this->ask('put', '/api/staff/me', ['zone' => 'Mars/Olympus'] + $me)
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['zone']);
    }

    public function test_the_office_alone_sets_up_the_school_and_sheets_follow(): void
    {
        $school = [
            'name' => 'Test Point School',
            'zone' => 'America/Halifax',
            'country' => 'ca',
            'phone' => '902 555 0100',
            'confirm_addresses' => false,
            'travel_minutes' => 5,
            'terms' => [],
        ];
        $storm = ['closed_days' => [['name' => 'Storm', 'first' => self::EVENING, 'last' => self::EVENING]]];
        $this->ask('put', '/api/staff/school/closed-days', $storm)->assertForbidden();
        $this->ask('put', '/api/staff/school', $school)->assertForbidden();
        $this->ask('post', '/api/staff/places', [
            'school' => true,
            'kind' => 'room',
            'label' => 'Hall',
            'link' => '',
            'directions' => '',
        ])->assertForbidden();
        StaffMember::query()->update(['office' => true]);
        $this->actingAs($this->host());
        $this->ask('put', '/api/staff/school', $school)->assertOk()->assertJsonPath('school.country', 'CA');
        $this->ask('put', '/api/staff/school/closed-days', $storm)->assertOk();
        $this->ask('get', "/api/s/{$this->sheet->slug}")->assertJsonPath('free', 0);
        $this->ask('put', '/api/staff/school/closed-days', [
            'closed_days' => [['name' => 'Back', 'first' => '2026-12-03', 'last' => '2026-12-01']],
        ])->assertUnprocessable();

        $days =
            "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nSUMMARY:Founders’ day\r\nTRANSP:TRANSPARENT\r\nDTSTART;VALUE=DATE:20261207\r\nDTEND;VALUE=DATE:20261209\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->post(
            '/api/staff/school/closed-days',
            ['file' => UploadedFile::fake()->createWithContent('days.ics', $days)],
            ['Accept' => 'application/json'],
        )
            ->assertOk()
            ->assertJsonPath('closed_days', [
                ['name' => 'Founders’ day', 'first' => '2026-12-07', 'last' => '2026-12-08'],
            ]);
    }

    public function test_a_picture_is_drawn_anew_and_what_is_none_is_refused(): void
    {
        $image = imagecreatetruecolor(40, 20);
        ob_start();
        imagepng($image ?: throw new \LogicException());
        $png = (string) ob_get_clean();
        $send = fn(string $bytes) => $this->post(
            '/api/staff/me/picture',
            ['picture' => UploadedFile::fake()->createWithContent('me.png', $bytes)],
            ['Accept' => 'application/json'],
        );
        $send($png)->assertOk();
        $size = getimagesizefromstring((string) $this->get('/d/wren-halloran/picture')->assertOk()->getContent());
        self::assertSame([192, 192], array_slice($size ?: [], 0, 2));
        $send('<svg onload=alert(1)>')
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors(['picture']);
    }

    public function test_the_school_shows_the_way_to_its_rooms_and_a_host_shows_nobody_theirs(): void
    {
        $sheet = $this->sheet();
        $sheet
            ->places()
            ->reorder()
            ->update(['directions' => '', 'label' => 'Room 12']);
        $passes = [$this->book($sheet->refresh(), $this->wish($sheet))->assertCreated()->json('path')];
        $office = tap($this->host('Olga Pike'))->update(['office' => true]);
        $form = ['kind' => 'room', 'label' => 'room  12', 'link' => '', 'directions' => 'Up the left stairs.'];
        $this->actingAs($office);
        $made = $this->ask('post', '/api/staff/places', $form + ['school' => true])->assertCreated();
        $id = $made->json('places.0.id');
        $image = imagecreatetruecolor(2600, 1300);
        ob_start();
        imagejpeg($image ?: throw new \LogicException());
        $photo = UploadedFile::fake()->createWithContent('way.jpg', (string) ob_get_clean());
        $send = fn(int $place) => $this->post(
            "/api/staff/places/$place/picture",
            ['picture' => $photo],
            [
                'Accept' => 'application/json',
            ],
        );
        $picture = $send($id)->assertOk()->json('places.0.picture');

        // Whoever has a meeting there sees it, on the page and in the plain one.
        $place = $this->ask('get', '/api' . $passes[0])->json('bookings.0.place');
        self::assertSame(['Up the left stairs.', $picture], [$place['directions'], $place['picture']]);
        $this->get($passes[0])->assertSee("href=\"$picture\"", false);
        $shown = $this->get($picture)->assertOk()->assertHeader('Content-Type', 'image/webp')->getContent();
        self::assertSame([1280, 640], array_slice(getimagesizefromstring((string) $shown) ?: [], 0, 2));
        $this->get((string) preg_replace('#/[0-9a-f]+\.webp#', '/0123456789abcdef.webp', $picture))->assertNotFound();

        // Taken away nobody finds it; put back it is as it was.
        $this->ask('delete', "/api/staff/places/$id")->assertOk();
        $this->get($picture)->assertNotFound();
        self::assertNull($this->ask('get', '/api' . $passes[0])->json('bookings.0.place.picture'));
        $back = $this->ask('put', "/api/staff/places/$id", $form + ['school' => true])->assertOk();
        self::assertSame($picture, $back->json('places.0.picture'));

        // Neither a host for their own place nor for the school's.
        $this->actingAs($sheet->host);
        $own = $this->ask('post', '/api/staff/places', ['label' => 'My den', 'school' => false] + $form);
        $send($own->assertCreated()->json('places.0.id'))->assertForbidden();
        $send($id)->assertForbidden();
        $this->ask('put', "/api/staff/places/$id", $form + ['school' => false])->assertForbidden();
    }
}
