<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\Admission;
use App\Directory\CardCode;
use App\Directory\Guardian;
use App\Directory\SchoolClass;
use App\Directory\Student;
use App\FamilyLetters\FamilyLetter;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Reach;
use App\Models\School;
use App\Models\Sheet;
use App\Models\StaffMember;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\Support\Bundle;

/** Whom the school knows, where that comes from, and what a sheet for some of them does. */
final class DirectoryTest extends TestCase
{
    use RefreshDatabase;

    private const TABLE =
        "Student no;Student;Class;Teacher email;Parent;Parent email;Phone;May book;Parent 2;Parent 2 email\n" .
        "S1;Ada Fay;7B;wren@school.example;Uma Fay;uma@mail.example;902 555 0101;yes;Bo Ray;bo@mail.example\n" .
        "S2;Cy Fay;8A;;Uma Fay;uma@mail.example;;yes;;\n" .
        "S3;Ada Fay;8A;;Ida Fay;ida@mail.example;;no;;\n";

    private StaffMember $office;

    protected function setUp(): void
    {
        parent::setUp();
        $this->office = tap($this->host('Ngozi Barre'))->update(['office' => true]);
        $this->actingAs($this->office);
    }

    public function test_a_table_is_looked_at_and_brought_in_and_the_same_again_changes_nothing(): void
    {
        $look = $this->look(self::TABLE)->assertOk();
        self::assertSame(
            '3 new students, none changed, nobody gone; 3 new guardians, none changed; 2 new classes.',
            $look->json('plan.said'),
        );
        self::assertSame(0, Student::query()->count(), 'a look saves nothing');
        $this->bring(self::TABLE, $look)->assertCreated();

        $ada = Student::query()->where('number', 'S1')->firstOrFail();
        self::assertSame(['Uma Fay', 'Bo Ray'], $ada->guardians->pluck('name')->all());
        self::assertSame(
            ['Ada Fay', 'Cy Fay'],
            Guardian::query()->where('name', 'Uma Fay')->firstOrFail()->students->pluck('name')->all(),
            'of siblings one guardian',
        );
        self::assertSame('+1 902-555-0101', Guardian::query()->where('name', 'Uma Fay')->value('phone'));
        self::assertSame(
            [],
            Guardian::query()->where('name', 'Ida Fay')->firstOrFail()->students->all(),
            'who may not book, books for nobody',
        );
        self::assertSame('Ada Fay (7B)', $ada->name(), 'two of one name are told apart');
        // The order of the columns was said once, and is known.
        $this->look(self::TABLE)
            ->assertJsonPath('plan.empty', true)
            ->assertJsonPath('plan.said', 'All of it is in the directory already. Nothing would change.');
    }

    public function test_who_is_missing_from_a_whole_file_is_put_away_comes_back_and_what_was_typed_by_hand_stays(): void
    {
        $this->bring(self::TABLE)->assertCreated();
        $cy = Student::query()->where('number', 'S2')->firstOrFail();
        $ada = Student::query()->where('number', 'S1')->firstOrFail();
        $said = [
            'name' => 'Ada Fay',
            'number' => 'S1',
            'classes' => ['7B'],
            'guardians' => $ada->guardians
                ->map(
                    static fn(Guardian $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'email' => (string) $one->email,
                        'phone' => $one->phone,
                        'language' => '',
                        'may_book' => $one->name === 'Uma Fay',
                    ],
                )
                ->all(),
        ];
        $this->ask('put', "/api/staff/directory/students/$ada->id", $said)
            ->assertOk()
            ->assertJsonPath('guardians.1.may_book', false);

        $fewer = str_replace("S2;Cy Fay;8A;;Uma Fay;uma@mail.example;;yes;;\n", '', self::TABLE);
        $this->look($fewer)->assertJsonPath('plan.gone', [], 'some of the students are not all of them');
        $this->bring($fewer, whole: 'yes')
            ->assertCreated()
            ->assertJsonPath('said', 'Brought in: no new student, none changed, one put away; no new guardian.');
        self::assertNotNull($cy->refresh()->put_away_at);
        self::assertSame(3, Student::query()->count(), 'nobody is deleted');
        $this->bring(self::TABLE, whole: 'yes')->assertCreated();
        self::assertNull($cy->refresh()->put_away_at);
        self::assertFalse(
            (bool) DB::table('guardian_student')
                ->where('student_id', $ada->id)
                ->where('guardian_id', $said['guardians'][1]['id'])
                ->value('may_book'),
            'no file gives back what the office took away',
        );

        // Another address of the same guardian is no second guardian; their pass follows.
        $pass = Guardian::query()->where('name', 'Uma Fay')->firstOrFail()->pass();
        $this->bring(str_replace('uma@', 'uma.fay@', self::TABLE))->assertCreated();
        self::assertSame(['uma.fay@mail.example', 3], [$pass->refresh()->email, Guardian::query()->count()]);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function oddTables(): iterable
    {
        yield 'a mark and commas' => ["\u{FEFF}Student,Class\nZoë Ray,7B\n", ['One new student']];
        yield 'written by Windows' => [
            (string) mb_convert_encoding("Student;Class\nZoë Ray;7B\n", 'Windows-1252', 'UTF-8'),
            ['One new student', 'read as Windows writes them'],
        ];
        yield 'a number twice' => [
            "Number;Student\n1;Ada Fay\n1;Bo Ray\n",
            ['One new student', 'Bo Ray has the number 1, which is Ada Fay’s'],
        ];
        yield 'a name in two classes without numbers' => [
            "Student;Class\nAda Fay;7A\nAda Fay;7B\n",
            ['One new student', 'Lines 2 and 3 are both Ada Fay', 'One line waits for your answer'],
        ];
        yield 'one line for each guardian' => [
            "Number;Student;Class;Parent\n1;Ada Fay;7A;Uma Fay\n1;Ada Fay;7A;Bo Ray\n",
            ['One new student', '2 new guardians'],
        ];
        yield 'formulas' => [
            "Student;Class\n=cmd(1);7A\n+Ada;7A\n",
            ['Nothing would change: what could be understood', '“=cmd(1)” is no name', '“+Ada” is no name'],
        ];
        yield 'odd addresses and numbers' => [
            "Student;Parent;Email;Phone\nAda Fay;Uma Fay;uma@@mail;12\n",
            ['One new student', '“uma@@mail” is no e-mail address', '“12” is no phone number'],
        ];
    }

    /** @param  list<string>  $said */
    #[DataProvider('oddTables')]
    public function test_what_tables_are_really_like(string $table, array $said): void
    {
        $plan = (string) $this->look($table)->assertOk()->getContent();
        foreach ($said as $part) {
            self::assertStringContainsString($part, (string) json_encode(json_decode($plan), JSON_UNESCAPED_UNICODE));
        }
    }

    public function test_what_cannot_be_read_says_so_and_what_changed_meanwhile_is_looked_at_again(): void
    {
        $this->look("Colour;Weight\nred;2\n")
            ->assertOk()
            ->assertJsonPath('plan', null)
            ->assertJsonPath('columns.0.part', '');
        // A table without headings loses its first student to them, and says so before anything is brought in.
        foreach (["Ada Fay;7A\nBo Ray;7B\n", "1;Ada Fay;7A;uma@mail.example\n2;Bo Ray;7B;bo@mail.example\n"] as $bare) {
            self::assertStringContainsString(
                'The first line is read as headings',
                (string) $this->look($bare)->json('first_line'),
            );
        }
        $this->look(self::TABLE)->assertJsonPath('first_line', '');
        $this->look("PK\x03\x04 not a zip")
            ->assertUnprocessable()
            ->assertJsonPath('errors.file.0', 'This is neither a table nor a bundle with a manifest.csv in it.');
        // Read on, 270 students would be a part of the name of one.
        $this->look("Student;Class\n\"Ada\nFay\";7A\n\"Bo Ray;7A\n" . str_repeat("Zoë Ray;7B\n", 270))
            ->assertUnprocessable()
            ->assertJsonPath(
                'errors.file.0',
                'A quotation mark (") that is opened in line 4 of this file is not closed, so what follows would be one long word. Nothing was changed. Close it, or take it out, and hand the file in again.',
            );
        $this->look((string) file_get_contents(Bundle::write(1, 2, 2, without: 'enrollments')))
            ->assertUnprocessable()
            ->assertJsonFragment([
                'file' => [
                    'enrollments.csv is missing in the bundle, or its manifest says that it is absent. Nothing was brought in.',
                ],
            ]);
        $look = $this->look(self::TABLE);
        Student::query()->create(['school_id' => $this->office->school_id, 'number' => 'S1', 'name' => 'Ada Fay']);
        $this->bring(self::TABLE, $look)->assertConflict();
        self::assertSame(1, Student::query()->count());
    }

    public function test_a_bundle_of_a_large_school_within_its_time_and_memory(): void
    {
        $bundle = (string) file_get_contents(Bundle::write(120, 1400, 2300));
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->bring($bundle)
            ->assertCreated()
            ->assertJsonPath(
                'said',
                'Brought in: 1,400 new students, none changed, nobody put away; 2,300 new guardians.',
            );
        // The issue's own bound; how long it takes is measured by the bench of the whole.
        self::assertLessThan(256 * 1024 * 1024, memory_get_peak_usage() - $before);
        self::assertSame(
            [1400, 2300, 56],
            [Student::query()->count(), Guardian::query()->count(), SchoolClass::query()->count()],
        );
        self::assertSame(
            ['g0', 'g1'],
            Student::query()->where('number', 's0')->firstOrFail()->guardians->pluck('number')->all(),
        );
        $this->look($bundle)->assertJsonPath('plan.empty', true);
    }

    public function test_five_thousand_students_as_windows_writes_them(): void
    {
        $lines = "Number;Student;Class;Parent;Email\n";
        for ($i = 0; $i < 5000; $i++) {
            $lines .=
                "$i;Zoë Ångström $i;" .
                (7 + ($i % 6)) .
                chr(65 + ($i % 4)) .
                ';Père ' .
                intdiv($i, 2) .
                ';family' .
                intdiv($i, 2) .
                "@mail.example\n";
        }
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->bring((string) mb_convert_encoding($lines, 'Windows-1252', 'UTF-8'))->assertCreated();
        self::assertLessThan(256 * 1024 * 1024, memory_get_peak_usage() - $before);
        self::assertSame(
            [5000, 2500, 'Zoë Ångström 4999'],
            [
                Student::query()->count(),
                Guardian::query()->count(),
                Student::query()->where('number', '4999')->value('name'),
            ],
        );
    }

    public function test_a_sheet_for_a_class_opens_to_its_families_alone_and_they_type_nothing_of_themselves(): void
    {
        $sheet = $this->sheetFor(['7B']);
        Auth::logout();
        $this->get("/s/$sheet->slug")
            ->assertOk()
            ->assertSee('The code on your card')
            ->assertDontSee('16:15');
        foreach ([['get', ''], ['post', '/bookings'], ['post', '/keep'], ['post', '/waiting']] as [$method, $path]) {
            $this->ask($method, "/api/s/$sheet->slug$path", $this->wish($sheet))->assertForbidden();
        }
        $this->get('/')->assertDontSee($sheet->title);

        $uma = Guardian::query()->where('name', 'Uma Fay')->firstOrFail();
        $this->post('/card', ['code' => 'AAAAA-AAAAA', 'to' => $sheet->slug])->assertUnprocessable();
        $in = $this->post('/card', [
            'code' => ' ' . strtolower(str_replace('-', ' ', self::card($uma, $sheet))),
            'to' => $sheet->slug,
        ])->assertRedirect();
        $pass = $uma->pass()->within(Reach::sheet($sheet))->token();
        self::assertStringEndsWith("/s/$sheet->slug?pass=$pass", (string) $in->headers->get('Location'));
        $this->ask('get', "/api/s/$sheet->slug?pass=$pass")
            ->assertOk()
            ->assertJsonPath('children', ['Ada Fay (7B)']);
        // Without scripts too the child is picked, not typed, and the room is said.
        $this->get("/s/$sheet->slug/book?slot=" . self::EVENING . "T20:15:00Z&pass=$pass")
            ->assertOk()
            ->assertSee('<option >Ada Fay (7B)</option>', false)
            ->assertSee('Room 12: Up the stairs.');

        // Of her two children the one in the class; and nobody else's.
        foreach (['Cy Fay', 'Kwame Ferreira', ''] as $other) {
            $this->book(
                $sheet,
                $this->wish($sheet, changes: ['pass' => $pass, 'answers' => ['student' => $other]]),
            )->assertUnprocessable();
        }
        $this->book(
            $sheet,
            ['name' => '', 'email' => ''] +
                $this->wish($sheet, changes: ['pass' => $pass, 'answers' => ['student' => 'Ada Fay (7B)']]),
        )
            ->assertCreated()
            ->assertJsonPath('name', 'Uma Fay')
            ->assertJsonPath('phone', '… 01');
        self::assertSame('S1', Student::query()->findOrFail(Booking::query()->firstOrFail()->student_id)->number);

        // The second guardian, under another roof, has a pass of their own, and learns nothing of hers.
        $bo = Guardian::query()->where('name', 'Bo Ray')->firstOrFail()->pass();
        $this->ask('get', '/api/p/' . $bo->token())
            ->assertJsonPath('bookings', [])
            ->assertJsonPath('open.0.title', $sheet->title);
        // What a pass lists as open is what opens, for each of them.
        $other = tap($this->sheet(title: 'For 8A'))->update([
            'audience' => 'families',
            'audience_classes' => SchoolClass::query()->where('name', '8A')->pluck('id')->all(),
        ]);
        foreach (
            ['Uma Fay' => [$other->title, $sheet->title], 'Bo Ray' => [$sheet->title], 'Ida Fay' => []]
            as $name => $titles
        ) {
            $theirs = Guardian::query()->where('name', $name)->firstOrFail()->pass();
            self::assertEqualsCanonicalizing(
                $titles,
                array_column($this->ask('get', '/api/p/' . $theirs->token())->json('open'), 'title'),
                $name,
            );
            foreach ([$sheet, $other] as $one) {
                self::assertSame(
                    in_array($one->title, $titles, true),
                    Admission::of($one->refresh(), $theirs)->isAdmitted,
                    "$name, $one->title",
                );
            }
        }
        // Whoever may not book for the student does not come in; nor does somebody of another class, or of another school.
        $elsewhere = School::query()->create([
            'name' => 'Elsewhere',
            'zone' => 'Europe/Lisbon',
            'country' => 'PT',
            'confirm_addresses' => false,
        ]);
        $stranger = Guardian::query()->create(['school_id' => $elsewhere->id, 'name' => 'Io Sand']);
        $stranger
            ->students()
            ->attach(Student::query()->create(['school_id' => $elsewhere->id, 'name' => 'Al Sand'])->id, [
                'may_book' => true,
            ]);
        $all = tap($this->sheet(title: 'For all'))->update(['audience' => 'families']);
        self::assertFalse(Admission::of($all->refresh(), $stranger->pass())->isAdmitted);
        $this->ask(
            'get',
            "/api/s/$sheet->slug?pass=" . Guardian::query()->where('name', 'Ida Fay')->firstOrFail()->pass()->token(),
        )->assertForbidden();
        $this->ask(
            'get',
            "/api/s/$sheet->slug?pass=" .
                Pass::query()
                    ->create(['name' => 'Mo', 'email' => 'mo@mail.example', 'phone' => ''])
                    ->token(),
        )->assertForbidden();
    }

    public function test_the_roster_says_who_is_missing_and_families_are_written_to_once_a_day(): void
    {
        Mail::fake();
        $sheet = $this->sheetFor(['7B', '8A']);
        $roster = "/api/staff/sheets/$sheet->id/roster";
        $this->ask('get', $roster)
            ->assertJsonPath('said', 'Not booked yet: 3 of 3 students.')
            ->assertJsonPath('to_write', 2);
        $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            $this->wish($sheet, changes: ['answers' => ['student' => 'Cy Fay', 'phone' => '902 555 0101']]),
        )->assertCreated();
        $this->ask('get', $roster)->assertJsonPath('said', 'Not booked yet: 2 of 3 students.');
        // By the office for somebody whom it knows: on that guardian's own pass.
        $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            $this->wish($sheet, '20:30', [
                'name' => 'Bo Ray',
                'email' => '',
                'answers' => ['student' => 'Ada Fay (7B)', 'phone' => '902 555 0102'],
            ]),
        )->assertCreated();
        self::assertSame(
            ['bo@mail.example', 'S1'],
            [
                Guardian::query()->where('name', 'Bo Ray')->firstOrFail()->pass()->bookings()->sole()->pass->email,
                Student::query()->findOrFail(Booking::query()->where('student', 'Ada Fay (7B)')->value('student_id'))
                    ->number,
            ],
        );
        Booking::query()->where('student', 'Ada Fay (7B)')->delete();

        $this->ask('post', "/api/staff/sheets/$sheet->id/letters", ['word' => 'Bring a pencil.'])
            ->assertOk()
            ->assertJsonPath('said', '2 letters are on the way.')
            ->assertJsonPath('roster.to_write', 0);
        $this->ask('post', "/api/staff/sheets/$sheet->id/letters", ['word' => ''])->assertJsonPath(
            'said',
            'Nobody was left to write to: each family has booked, has no address, or was written to within a day.',
        );
        Mail::assertQueued(FamilyLetter::class, 2);
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/staff/sheets/$sheet->id/files/cards.pdf")
                ->assertOk()
                ->getContent(),
        );
        $this->actingAs($this->host('Iolo Bevan'))
            ->ask('post', "/api/staff/sheets/$sheet->id/letters", ['word' => ''])
            ->assertForbidden();
    }

    public function test_a_sheet_for_staff_opens_on_a_pass_of_ones_own(): void
    {
        $sheet = tap($this->sheet())->update(['audience' => 'staff']);
        Auth::logout();
        $this->get("/s/$sheet->slug")->assertSee('/staff/visit/' . $sheet->slug);
        $this->get("/staff/visit/$sheet->slug")->assertRedirect('/staff/sign-in');
        $to = (string) $this->actingAs($this->host('Iolo Bevan'))
            ->get("/staff/visit/$sheet->slug")
            ->assertRedirect()
            ->headers->get('Location');
        $this->get($to)->assertOk()->assertSee('16:15');
        $this->actingAs($this->host('Iolo Bevan'))
            ->get("/staff/visit/$sheet->slug")
            ->assertRedirect($to);
    }

    public function test_a_new_key_of_the_application_closes_nothing_that_was_given_out(): void
    {
        $sheet = $this->sheet();
        $pass = (string) $this->book($sheet, $this->wish($sheet))->json('path');
        $this->bring(self::TABLE);
        $code = self::card(Guardian::query()->firstOrFail(), $sheet);
        $link = substr(
            Pass::query()
                ->firstOrFail()
                ->linkTo(Booking::query()->firstOrFail()),
            strlen(url('')),
        );
        $feed = tap($this->office)
            ->update(['feed_hash' => hash('sha256', $this->office->feedToken())])
            ->feedToken();
        $old = config()->string('app.key');
        config(['app.key' => 'base64:' . base64_encode(random_bytes(32)), 'app.previous_keys' => [$old]]);
        foreach ([1, 2] as $ignored) {
            self::assertSame(0, Artisan::call('recess:renew-keys'));
        }
        $new = '/p/' . Pass::query()->orderBy('id')->firstOrFail()->token();
        self::assertNotSame($pass, $new);
        foreach ([$pass, $new, "/feeds/$feed.ics", $link] as $path) {
            $this->get($path)->assertOk();
        }
        self::assertNotNull(CardCode::read($code));
        // Whoever asks for a new address closes the old ones.
        $this->ask('post', "/api$new/renew")->assertOk();
        $this->get($pass)->assertNotFound();
        $this->get($link)->assertNotFound();
    }

    /** What stands on a guardian's card for a sheet. */
    private static function card(Guardian $guardian, Sheet $sheet): string
    {
        return CardCode::of($guardian, $sheet, Reach::sheet($sheet)->ends());
    }

    /** @param  list<string>  $classes */
    private function sheetFor(array $classes): Sheet
    {
        $this->bring(self::TABLE)->assertCreated();

        return tap($this->sheet())
            ->update([
                'audience' => 'families',
                'audience_classes' => SchoolClass::query()->whereIn('name', $classes)->pluck('id')->all(),
            ])
            ->refresh();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function look(string $bytes, string $whole = 'no'): TestResponse
    {
        return $this->post(
            '/api/staff/directory/file',
            ['file' => UploadedFile::fake()->createWithContent('roll', $bytes), 'whole' => $whole],
            ['Accept' => 'application/json'],
        );
    }

    /**
     * @param  TestResponse<\Illuminate\Http\JsonResponse>|null  $look
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function bring(string $bytes, ?TestResponse $look = null, string $whole = 'no'): TestResponse
    {
        $look ??= $this->look($bytes, $whole);

        return $this->post(
            '/api/staff/directory/file/bring-in',
            [
                'file' => UploadedFile::fake()->createWithContent('roll', $bytes),
                'whole' => $whole,
                'digest' => $look->json('plan.digest'),
            ],
            ['Accept' => 'application/json'],
        );
    }
}
