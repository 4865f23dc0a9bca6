<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\Guardian;
use App\Framework\Alphabet;
use App\Framework\Notices;
use App\Framework\Reading;
use App\Framework\Said;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\School;
use App\Models\StaffMember;
use App\Timetables\Interpreters;
use App\Timetables\Sentence;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Quick\Context;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickPrint;
use Recess\Rules\Stated;
use Recess\Time\LocalDate;
use Recess\Time\TimeNotValid;
use Recess\Time\Weekday;
use Symfony\Component\Process\Process;
use Tests\App\Support\OneOfEach;
use Tests\Core\MadeUpBlock;

/** Everything that is said is said for one reader. */
final class ReadingTest extends TestCase
{
    use OneOfEach;
    use RefreshDatabase;

    /** Held to CLDR's week data as node's ICU has it; but for such as differ between editions of it, as the Emirates'. */
    public function test_a_week_begins_as_in_the_country_of_the_school(): void
    {
        $countries = ['CA', 'US', 'FR', 'PL', 'EG', 'PT', 'GB', 'MV'];
        $node = new Process([
            'node',
            '-e',
            'console.log(JSON.stringify(process.argv.slice(1).map((one) => {
                const locale = new Intl.Locale(`und-${one}`);
                return (locale.getWeekInfo?.() ?? locale.weekInfo).firstDay;
            })))',
            ...$countries,
        ]);
        $said = json_decode($node->mustRun()->getOutput());
        $starts = fn(string $country): int => (new School())->forceFill(['country' => $country])->weekStarts();
        self::assertSame($said, array_map($starts, $countries));
        self::assertSame(1, $starts(''), 'of no country it is Monday (ISO 8601)');
    }

    /** Names of days and months as CLDR has them, from memory; Polish has its months in the genitive where a day stands before them. */
    public function test_a_date_is_said_in_the_language_of_its_reader(): void
    {
        $said = static fn(string $language): array => Reading::in($language, 24)->hears(
            static fn(): array => [
                Spell::plainDate(LocalDate::of(2026, 12, 3)),
                Spell::month(LocalDate::of(2026, 12, 3)),
                Spell::weekday(Weekday::Sunday),
            ],
        );
        self::assertSame(['3 December 2026', 'December 2026', 'Sunday'], $said('en'));
        self::assertSame(['3 décembre 2026', 'décembre 2026', 'dimanche'], $said('fr'));
        self::assertSame(['3 grudnia 2026', 'grudzień 2026', 'niedziela'], $said('pl'));
    }

    /** Collations as CLDR has them, from memory: ł is a letter of its own in Polish; accents follow their letters elsewhere. */
    public function test_names_stand_where_the_reader_looks_for_them(): void
    {
        $ordered = static function (string $language, string ...$names): array {
            $by = static fn(): \Closure => Alphabet::by(static fn(string $name): string => $name);
            usort($names, Reading::in($language, 24)->hears($by));

            return $names;
        };
        self::assertSame(['7A', '7b', '7C', '10A'], $ordered('en', '10A', '7C', '7A', '7b'));
        self::assertSame(['Élodie', 'Özil', 'Šimkutė', 'Zoe'], $ordered('en', 'Zoe', 'Šimkutė', 'Özil', 'Élodie'));
        self::assertSame(['Lys', 'Łada', 'Mak'], $ordered('pl', 'Mak', 'Łada', 'Lys'));
        self::assertSame(['Łada', 'Lys', 'Mak'], $ordered('de', 'Mak', 'Lys', 'Łada'));

        $interpreted = static fn(string $language): ?string => Reading::in($language, 24)->hears(
            static fn(): ?string => Interpreters::name('uk'),
        );
        self::assertSame(['Ukrainian', 'ucraino', 'ukraiński'], array_map($interpreted, ['en', 'it', 'pl']));
        self::assertNull(Interpreters::name('xq'));
    }

    /** @return iterable<string, array{string|null, string, string|null, string}> */
    public static function readers(): iterable
    {
        yield 'nothing is known' => [null, '', null, '16:15'];
        yield 'their language has twelve' => [null, '12', null, "4:15\u{A0}pm"];
        yield 'they switched to twelve' => ['12', '24', null, "4:15\u{A0}pm"];
        yield 'they switched to twenty-four' => ['24', '12', null, '16:15'];
        yield 'they switched to nonsense' => ['13 or so', '12', null, "4:15\u{A0}pm"];
        yield 'at their account: twelve' => [null, '24', '12', "4:15\u{A0}pm"];
        yield 'at their account: twenty-four' => [null, '12', '24', '16:15'];
        yield 'at their account: as the device' => [null, '12', 'auto', "4:15\u{A0}pm"];
        yield 'switched at this computer, whatever the account says' => ['24', '12', '12', '16:15'];
    }

    #[DataProvider('readers')]
    public function test_a_sentence_is_said_on_the_clock_of_whoever_asked(
        ?string $switched,
        string $browser,
        ?string $account,
        string $said,
    ): void {
        $sheet = $this->sheet();
        $switched !== null && $this->withUnencryptedCookie(Reading::COOKIE, $switched);
        if ($account !== null) {
            $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
            CarbonImmutable::setTestNow(self::EVENING . 'T12:00:00Z');
            $sheet->host->update(['clock' => $account]);
            $this->actingAs($sheet->host)->withServerVariables(['RECESS_CLOCK' => $browser]);
            // A sentence on a staff page; what is data on it stays data.
            $this->get('/staff/sheets')
                ->assertOk()
                ->assertSee("oday at $said", false);

            return;
        }
        $this->withServerVariables(['RECESS_CLOCK' => $browser]);
        $this->get("/s/$sheet->slug")
            ->assertOk()
            ->assertSee("<strong>$said</strong>", false)
            ->assertSee('data-clock="' . (str_contains($said, 'pm') ? 12 : 24) . '"', false)
            ->assertSee('"from":"16:15"', false);
    }

    public function test_what_is_said_of_a_block_can_be_typed_on_whichever_clock(): void
    {
        $openAllYear = new Context(LocalDate::parse('2026-11-25'));
        $chance = new Randomizer(new Mt19937(24));
        for ($round = 0; $round < 500; $round++) {
            $block = MadeUpBlock::by($chance);
            $said = Reading::in('en', $round % 2 === 0 ? 12 : 24)->hears(fn(): string => Sentence::of($block));
            self::assertSame(QuickPrint::line($block), QuickLine::parse($said, $openAllYear)->line(), $said);
        }
    }

    public function test_what_is_no_text_is_said_as_far_as_it_is(): void
    {
        self::assertStringStartsWith('There is no date “2026?', Words::why(TimeNotValid::noSuchDate("2026\xff")));
    }

    public function test_what_is_sent_is_on_the_clock_on_which_its_reader_read(): void
    {
        $sheet = $this->sheet();
        $this->withServerVariables(['RECESS_CLOCK' => '12']);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        self::assertSame(12, Pass::query()->sole()->clock);
        // The office, itself on twelve hours, books for somebody on the phone: how they read is not known.
        $this->actingAs($sheet->host);
        $this->ask(
            'post',
            "/api/staff/sheets/$sheet->id/bookings",
            $this->otherWish($sheet, '20:30', 'Bo'),
        )->assertCreated();
        self::assertNull(Pass::query()->where('name', 'Bo')->sole()->clock);

        $this->delivered();
        $mails = DB::table('mailroom_messages')->pluck('subject', 'recipient')->all();
        self::assertStringContainsString("4:15\u{A0}pm", (string) $mails['ama@mail.example']);
        self::assertStringContainsString('16:30', (string) $mails['bo@mail.example']);
    }

    public function test_what_is_set_at_an_account_counts_from_then_on(): void
    {
        $host = $this->host();
        $this->actingAs($host)->withUnencryptedCookie(Reading::COOKIE, '24');
        $me = ['name' => $host->name, 'title' => '', 'subject' => 'Geography', 'zone' => 'America/Halifax'];
        $me += ['notify' => 'each', 'tentative_busy' => true];
        $this->json('put', '/api/staff/me', ['clock' => '12'] + $me)
            ->assertOk()
            ->assertCookieExpired(Reading::COOKIE);
        $this->json('put', '/api/staff/me', ['clock' => '12'] + $me)
            ->assertOk()
            ->assertCookieMissing(Reading::COOKIE);
    }

    public function test_what_was_raised_before_is_said_as_it_is_read_now(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $slot = Said::slot(Booking::query()->sole()->span(), $sheet->host->school->timeZone());
        $said = new Said('booking.busy_over', ['calendar' => 'Mine', 'name' => 'Ama', 'when' => $slot]);
        Notices::tell($sheet->staff_id, 'one', $said);
        foreach (['24' => '16:15 to 16:30', '12' => "4:15\u{A0}pm to 4:30\u{A0}pm"] as $clock => $time) {
            $this->withServerVariables(['RECESS_CLOCK' => (string) $clock]);
            $this->actingAs($sheet->host)->get('/staff')->assertOk()->assertSee($time, false);
        }
    }

    /** Held by the tests' own look at each answer: Contract::assertOneClock. */
    public function test_no_page_says_two_clocks(): void
    {
        $values = $this->oneOfEach();
        $host = StaffMember::query()->findOrFail($values['person']);
        $this->withServerVariables(['RECESS_CLOCK' => '12']);
        $host->update(['office' => true, 'clock' => '12']);
        $seen = 0;
        foreach ([false, true] as $staff) {
            $staff && $this->actingAs($host);
            foreach (self::everyLook($values, $staff) as $path) {
                $seen += $this->get($path)->isOk() ? 1 : 0;
            }
        }
        self::assertGreaterThan(40, $seen);
    }

    /** @return iterable<string, array{array<string, string>, string, string}> what the web server says, the school’s, read */
    public static function languages(): iterable
    {
        yield 'nothing is known: the school’s' => [[], 'en', 'en'];
        yield 'another school’s' => [[], 'pl', 'pl'];
        yield 'the browser asks' => [['RECESS_LANGUAGE' => 'uk'], 'en', 'uk'];
        yield 'the browser asks for the school’s other' => [['RECESS_LANGUAGE' => 'en'], 'it', 'en'];
        yield 'chosen, whatever the browser asks' => [['RECESS_LANGUAGE' => 'uk', 'RECESS_CHOSEN' => 'ar'], 'en', 'ar'];
        yield 'none of ours' => [['RECESS_LANGUAGE' => 'xx', 'RECESS_CHOSEN' => '../en'], 'en', 'en'];
    }

    /** @param  array<string, string>  $asked */
    #[DataProvider('languages')]
    public function test_a_visitor_reads_in_the_language_that_they_chose_else_their_browsers_else_the_schools(
        array $asked,
        string $school,
        string $read,
    ): void {
        app()->setLocale($school);
        config(['app.locale' => $school]);
        $sheet = $this->sheet();
        $this->withServerVariables($asked);
        $root = sprintf('<html lang="%s" dir="%s"', $read, $read === 'ar' ? 'rtl' : 'ltr');
        $said = require lang_path("$read/visit.php");
        foreach (["/s/$sheet->slug" => $said['pick_a_time'], '/nothing' => ''] as $path => $sentence) {
            $this->get($path)->assertSee($root, false)->assertSee($sentence, false);
        }
        // Whoever works here does so too, until they set a language at their account.
        $this->actingAs($sheet->host)->get('/staff')->assertSee($root, false);
        $sheet->host->update(['language' => 'de']);
        $this->get('/staff')->assertSee('<html lang="de" dir="ltr"', false);
        // Of what families read, they see what families see.
        $this->get("/s/$sheet->slug")->assertSee($root, false);
    }

    public function test_staff_set_a_language_read_in_it_and_are_written_to_in_it(): void
    {
        $sheet = $this->sheet();
        $host = $sheet->host;
        $this->actingAs($host)->withServerVariables(['RECESS_LANGUAGE' => 'en', 'RECESS_CHOSEN' => 'fr']);
        $me = ['name' => $host->name, 'title' => '', 'subject' => 'Geography', 'zone' => 'America/Halifax'];
        $me += ['notify' => 'each', 'tentative_busy' => true, 'clock' => 'auto'];
        $set = fn(mixed $language): TestResponse => $this->json(
            'put',
            '/api/staff/me',
            ['language' => $language] + $me,
        );
        foreach (['xx', '../en', 'qps', ['it']] as $none) {
            $set($none)->assertStatus(422)->assertJsonValidationErrors('language');
        }
        self::assertNull($host->refresh()->language);
        $set('it')->assertOk();
        $this->get('/staff')->assertSee('<html lang="it"', false)->assertSee('Impostazioni', false);
        // What is refused on the way, too.
        $this->json('put', '/api/staff/me', ['name' => ''] + $me)
            ->assertStatus(422)
            ->assertJsonPath('errors.name.0', 'Compili questo campo.');

        // A family that reads Polish books: each is written to in their own, and both name the same time.
        $this->app['auth']->logout();
        $this->withServerVariables(['RECESS_LANGUAGE' => 'pl', 'RECESS_CHOSEN' => '']);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->delivered();
        $mails = DB::table('mailroom_messages')->pluck('subject', 'recipient')->all();
        self::assertStringStartsWith('Prenotato: gio 3 dic', (string) $mails[$host->email]);
        self::assertStringStartsWith('Zarezerwowano: czw., 3 gru', (string) $mails['ama@mail.example']);

        // Chosen by mistake, it is left again: nothing set is what the browser asks for.
        $this->actingAs($host->refresh());
        $set('')->assertOk();
        $this->get('/staff')->assertSee('<html lang="pl"', false);
        self::assertNull($host->refresh()->language);
    }

    public function test_a_public_page_says_where_it_stands_in_each_language_and_a_private_one_tells_nobody(): void
    {
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $school = (string) config('app.url');
        foreach (['en', 'ar', 'zh'] as $language) {
            $this->get("/s/$sheet->slug")
                ->assertSee("hreflang=\"$language\" href=\"$school/$language/s/$sheet->slug\"", false)
                ->assertSee("<a href=\"/$language/s/$sheet->slug\" lang=\"$language\"", false);
        }
        $page = $this->get('/p/' . Pass::query()->sole()->token());
        $page->assertSee('<a href="/fr/p/', false)->assertDontSee('rel="alternate"', false);
        $this->get("/s/$sheet->slug/frame")->assertDontSee('<nav class="languages', false);
        $this->get("/s/$sheet->slug?pass=" . Pass::query()->sole()->token())->assertDontSee('rel="alternate"', false);
    }

    public function test_a_pass_remembers_the_language_and_what_is_sent_is_in_it(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['guests' => 1]));
        $this->withServerVariables(['RECESS_LANGUAGE' => 'fr']);
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $pass = Pass::query()->sole();
        self::assertSame('fr', $pass->language);
        $this->delivered();
        $mails = static fn(): array => DB::table('mailroom_messages')->pluck('subject', 'recipient')->all();
        self::assertStringStartsWith('Réservé : jeu. 3 déc. 16:15 avec', (string) $mails()['ama@mail.example']);
        self::assertStringStartsWith('Booked: Thu 3 Dec', (string) $mails()[$sheet->host->email]);

        // On another device: the pass knows, and the browser goes on in it.
        $this->withServerVariables(['RECESS_LANGUAGE' => 'en']);
        $this->get('/p/' . $pass->token())
            ->assertSee('<html lang="fr"', false)
            ->assertPlainCookie(Reading::LANGUAGE_COOKIE, 'fr');
        // Refused in it, too.
        $booking = Booking::query()->sole();
        $this->ask('post', "/api/p/{$pass->token()}/bookings/$booking->id/guests", [
            'name' => '',
            'email' => 'bo',
        ])->assertJsonPath('errors.name.0', 'Veuillez remplir ce champ.');
        // Whom they bring reads as they do, until they choose by the address of their own page.
        $this->ask('post', "/api/p/{$pass->token()}/bookings/$booking->id/guests", [
            'name' => 'Bo Otoo',
            'email' => 'bo@mail.example',
        ])->assertOk();
        $guest = Pass::query()->where('name', 'Bo Otoo')->sole();
        self::assertSame('fr', $guest->language);
        $this->withServerVariables(['RECESS_FOLDER' => 'pl', 'RECESS_CHOSEN' => 'pl']);
        $this->get('/p/' . $guest->token())->assertSee('<html lang="pl"', false);
        self::assertSame(['fr', 'pl'], [$pass->refresh()->language, $guest->refresh()->language]);
        $this->withServerVariables(['RECESS_LANGUAGE' => 'en']);
        $this->ask('post', "/api/p/{$guest->token()}/bookings/$booking->id/leave")->assertOk();
        $this->delivered();
        $told = DB::table('mailroom_messages')->where('recipient', 'ama@mail.example')->pluck('raw')->implode("\n");
        self::assertStringContainsString('Bo Otoo ne vient plus à ce rendez-vous.', quoted_printable_decode($told));
        self::assertStringContainsString('<html lang="fr" dir="ltr">', quoted_printable_decode($told));

        // Whoever has lost the way to their bookings is shown it in their language.
        $this->ask('post', '/api/pass-again', ['email' => 'ama@mail.example'])->assertSuccessful();
        $this->delivered();
        $again = DB::table('mailroom_messages')
            ->where('recipient', 'ama@mail.example')
            ->orderByDesc('id')
            ->value('subject');
        self::assertSame('Vos rendez-vous', $again);
    }

    public function test_whom_the_school_knows_is_written_to_in_the_language_that_it_knows_of_them(): void
    {
        $guardian = static fn(string $language): ?string => Guardian::query()
            ->create([
                'name' => "One of $language",
                'school_id' => School::query()->firstOrFail()->id,
                'language' => $language,
            ])
            ->pass()->language;
        $this->host();
        self::assertSame(
            ['uk', 'pt', null, null],
            [$guardian('uk'), $guardian('pt-BR'), $guardian('so'), $guardian('')],
        );
    }
}
