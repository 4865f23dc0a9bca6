<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\Reading;
use App\Models\Pass;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Sheet;
use App\Models\Waiting;
use App\Publishing\CopySheet;
use App\Versions\VersionsData;
use Carbon\CarbonImmutable;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Recess\Time\LocalDate;

/** What a host writes is read in the family's language where it was given in it, and else as it was written, marked so. */
final class VersionsTest extends TestCase
{
    use RefreshDatabase;

    private const ITALIAN = [
        'Parent evening' => 'Colloqui con le famiglie',
        'How do you come?' => 'Come viene?',
        'On foot' => 'A piedi',
        'By boat' => 'In barca',
        'Room 12' => 'Aula 12',
    ];

    private function ferry(): Sheet
    {
        $sheet = $this->draft(title: 'Parent evening');
        $ferry = new Question('q-way', QuestionKind::Choice, 'How do you come?', '', true, true, [
            'On foot',
            'By boat',
        ]);
        $sheet->update(['questions' => $sheet->questions->with($ferry), 'language' => 'en']);

        return $this->publish($sheet->refresh());
    }

    /** @param  array<string, string>  $texts */
    private function keep(Sheet $sheet, array $texts, int $status = 200, ?string $was = null): mixed
    {
        $data = VersionsData::of($sheet->refresh(), $this->host());
        $was ??= array_column($data['versions'], 'was', 'language')['it'];
        $form = ['written_in' => 'en', 'language' => 'it', 'was' => $was, 'texts' => []];
        foreach ($texts as $original => $text) {
            $form['texts'][] = ['original' => $original, 'text' => $text];
        }

        return $this->actingAs($this->host())
            ->putJson("/api/staff/sheets/$sheet->id/languages", $form)
            ->assertStatus($status)
            ->json();
    }

    private function seen(Sheet $sheet, string $language): mixed
    {
        return $this->withServerVariables(['RECESS_CHOSEN' => $language])
            ->getJson("/api/s/$sheet->slug")
            ->assertOk();
    }

    public function test_each_reads_it_in_theirs_and_what_is_answered_is_kept_as_it_was_written(): void
    {
        $sheet = $this->ferry();
        $this->keep($sheet, self::ITALIAN);

        $seen = $this->seen($sheet, 'it');
        self::assertSame(
            ['Colloqui con le famiglie', '', 'Parent evening'],
            [$seen['title'], $seen['title_lang'], $seen['about']],
        );
        self::assertSame('Aula 12', $seen['places'][0]['label']);
        $way = array_column($seen['questions'], null, 'key')['q-way'];
        self::assertSame(
            ['Come viene?', ['On foot', 'By boat'], ['A piedi', 'In barca']],
            [$way['label'], $way['choices'], $way['choices_said']],
        );
        // What every sheet asks is in each language without anybody's doing.
        self::assertSame('Nome dell’alunno', array_column($seen['questions'], 'label', 'key')['student']);

        $polish = $this->seen($sheet, 'pl');
        self::assertSame(['Parent evening', 'en'], [$polish['title'], $polish['title_lang']]);

        $wish = $this->wish($sheet);
        $wish['answers']['q-way'] = 'By boat';
        $made = $this->withServerVariables(['RECESS_CHOSEN' => 'it'])
            ->book($sheet, $wish)
            ->assertCreated();
        self::assertSame('Colloqui con le famiglie', $made->json('bookings.0.title'));
        self::assertSame('Aula 12', $made->json('bookings.0.place.label'));
        self::assertSame('By boat', $sheet->bookings()->firstOrFail()->answers['q-way']);
        $this->delivered();
        $letter = MailroomMessage::query()->where('recipient', $wish['email'])->firstOrFail();
        self::assertStringContainsString('Colloqui con le famiglie', $letter->subject);
        // The entry in the calendar says it, too; the host's own stays as they wrote it.
        self::assertStringContainsString('Aula 12', quoted_printable_decode($letter->raw));
        $own = MailroomMessage::query()->where('recipient', $sheet->host->email)->firstOrFail();
        self::assertStringContainsString('Parent evening', $own->subject);
    }

    public function test_whoever_does_not_have_the_sheet_or_has_it_open_twice_changes_nothing(): void
    {
        $sheet = $this->ferry();
        $was = array_column(VersionsData::of($sheet, $this->host())['versions'], 'was', 'language')['it'];
        $this->keep($sheet, ['Room 12' => 'Aula 12'], was: $was);
        $this->keep($sheet, ['Room 12' => 'Stanza 12'], 409, $was);
        $this->keep($sheet, ['Nobody wrote this' => 'x'], 422);
        $this->keep($sheet, ['Room 12' => "Aula\n12"], 422);
        $this->keep($sheet, ['Room 12' => str_repeat('Aula ', 300)], 422);
        self::assertSame(['it' => ['Room 12' => 'Aula 12']], $sheet->refresh()->versions);
        $this->actingAs($this->host('Iolo Bevan'))
            ->get("/staff/sheets/$sheet->id/languages")
            ->assertForbidden();
    }

    public function test_what_is_written_anew_is_read_as_it_is_until_it_is_given_anew(): void
    {
        $sheet = $this->ferry();
        $this->keep($sheet, self::ITALIAN);
        $sheet->update(['title' => 'Family evening']);
        self::assertSame('Family evening', $this->seen($sheet->refresh(), 'it')['title']);
        $italian = array_column(VersionsData::of($sheet, $this->host())['versions'], null, 'language')['it'];
        self::assertContains(
            ['original' => 'Parent evening', 'text' => 'Colloqui con le famiglie'],
            $italian['before'],
            'what it was is offered, and not lost in silence',
        );
        $next = $this->draft(title: 'Parent evening');
        $before = array_column(VersionsData::of($next, $this->host())['versions'], null, 'language')['it']['before'];
        self::assertContains(['original' => 'Parent evening', 'text' => 'Colloqui con le famiglie'], $before);
    }

    public function test_a_copy_has_all_of_it_and_host_visitor_and_guest_each_read_one_meeting_in_their_own(): void
    {
        $sheet = $this->ferry();
        $sheet->update(['rules' => $sheet->rules->with(['guests' => 1])]);
        $this->keep($sheet, self::ITALIAN);
        $copy = app(CopySheet::class)($sheet->refresh(), $this->host(), LocalDate::parse('2027-01-07'));
        self::assertSame($sheet->versions, $copy->versions);

        $wish = $this->wish($sheet);
        $wish['answers']['q-way'] = 'On foot';
        $made = $this->withServerVariables(['RECESS_CHOSEN' => 'it'])
            ->book($sheet, $wish)
            ->assertCreated();
        $booking = $sheet->bookings()->firstOrFail();
        $guest = ['name' => 'Bo Otoo', 'email' => 'bo@mail.example'];
        $this->ask('post', "/api/p/{$booking->pass->token()}/bookings/$booking->id/guests", $guest)->assertOk();
        $bo = Pass::query()->where('email', 'bo@mail.example')->sole();
        $bo->update(['language' => 'pl']);
        $this->withServerVariables([]);
        foreach (['Colloqui con le famiglie' => $booking->pass, 'Parent evening' => $bo] as $title => $pass) {
            self::assertSame(
                $title,
                $this->getJson("/api/p/{$pass->token()}")
                    ->assertOk()
                    ->json('bookings.0.title'),
            );
        }
        // The host reads what they wrote.
        $own = $this->actingAs($this->host())
            ->getJson("/api/staff/sheets/$sheet->id")
            ->assertOk();
        self::assertSame('Parent evening', $own['title']);
        self::assertSame('Colloqui con le famiglie', $made->json('bookings.0.title'));
    }

    public function test_who_waits_reads_theirs_in_line_and_in_the_letter_that_offers_a_time(): void
    {
        $sheet = $this->ferry();
        $sheet->update(['rules' => $sheet->rules->with(['waiting' => true])]);
        $this->keep($sheet, self::ITALIAN);
        $owner = null;
        foreach ($this->freeOf($sheet) as $n => $key) {
            $made = $this->book(
                $sheet,
                array_replace_recursive($this->otherWish($sheet, '20:15', "Owner $n"), [
                    'slot' => $key,
                    'answers' => ['q-way' => 'On foot'],
                ]),
            )->assertCreated();
            $owner ??= $made;
        }
        $this->withServerVariables(['RECESS_CHOSEN' => 'it'])
            ->postJson("/api/s/$sheet->slug/waiting", ['name' => 'Bao', 'email' => 'bao@mail.example'])
            ->assertOk();
        $this->withServerVariables([]);
        $bao = Waiting::query()->sole();
        $this->post("/w/{$bao->token()}/confirm");
        self::assertSame('it', $bao->pass->language);
        $id = $sheet->bookings()->orderBy('id')->firstOrFail()->id;
        $this->ask('post', "/api{$owner?->json('path')}/bookings/$id/give-back")->assertOk();
        $this->delivered();
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinute());
        Artisan::call('recess:tidy');
        $this->delivered();
        $raw = quoted_printable_decode(
            MailroomMessage::query()->where('recipient', 'bao@mail.example')->orderByDesc('id')->firstOrFail()->raw,
        );
        self::assertStringContainsString('Colloqui con le famiglie', $raw);
        self::assertStringNotContainsString('Parent evening', $raw, 'nothing of it in the language of others');
    }

    public function test_a_yes_is_said_in_the_language_of_whoever_reads_the_list(): void
    {
        $sheet = $this->ferry();
        $boat = new Question('q-boat', QuestionKind::YesNo, 'Parking?', '', true, true);
        $sheet->update(['questions' => $sheet->questions->with($boat)]);
        $wish = $this->wish($sheet->refresh());
        $wish['answers'] += ['q-way' => 'By boat', 'q-boat' => true];
        $this->book($sheet, $wish)->assertCreated();
        foreach (['it' => 'sì', 'de' => 'ja'] as $language => $yes) {
            $this->host()->update([
                'language' => $language,
                'feed_hash' => hash('sha256', $this->host()->feedToken()),
            ]);
            $this->actingAs($this->host()->refresh());
            $list = $this->get("/staff/sheets/$sheet->id/files/bookings.csv")->assertOk();
            self::assertMatchesRegularExpression("/,\"$yes\"/", (string) $list->getContent());
            $feed = (string) $this->get('/feeds/' . $this->host()->feedToken() . '.ics')->getContent();
            self::assertStringContainsString('NAME:' . ['it' => 'Colloqui', 'de' => 'Gespräche'][$language], $feed);
            self::assertStringContainsString(
                "\"$yes\"",
                json_encode($this->getJson("/api/staff/sheets/$sheet->id")->json(), JSON_UNESCAPED_UNICODE) ?: '',
            );
        }
    }

    /** @return list<string> */
    private function freeOf(Sheet $sheet): array
    {
        $slots = array_merge(
            ...array_map(
                static fn(array $day): array => array_merge(...array_column($day['stretches'], 'slots')),
                (array) $this->ask('get', "/api/s/$sheet->slug")->json('days'),
            ),
        );

        return array_column(array_filter($slots, static fn(array $one): bool => $one['state'] === 'free'), 'key');
    }

    public function test_the_message_and_the_papers_come_in_the_languages_that_are_ticked(): void
    {
        $sheet = $this->ferry();
        $this->keep($sheet, self::ITALIAN);
        $said = $this->getJson("/api/staff/sheets/$sheet->id/handout?languages=it,pl,xx")->assertOk();
        foreach (['Colloqui con le famiglie', "/it/s/$sheet->slug", 'Parent evening', "/pl/s/$sheet->slug"] as $part) {
            self::assertStringContainsString($part, $said['message']);
        }
        $file = fn(string $languages): TestResponse => $this->get(
            "/staff/sheets/$sheet->id/files/notice.pdf?languages=$languages",
        )->assertOk();
        self::assertStringStartsWith('%PDF', (string) $file('it,pl')->getContent());
        // What lays paper out cannot join Arabic letters: it is the page, for the browser to print, and runs no script.
        $page = $file('it,ar')->assertHeader('Content-Type', 'text/html; charset=utf-8');
        $page->assertSee('Colloqui con le famiglie')->assertSee('dir="rtl"', false)->assertDontSee('<script', false);
        self::assertStringContainsString("default-src 'none'", (string) $page->headers->get('Content-Security-Policy'));
    }

    /** UAX 9, 2.7: what runs the other way is isolated in plain text; what runs the same way is as it was. */
    public function test_names_of_the_other_direction_are_isolated_in_sentences(): void
    {
        $said = static fn(string $language, string $name): string => Reading::in($language, 24)->hears(
            static fn(): string => \App\Framework\Words::say('knocks.ask_title', ['host' => $name]),
        );
        self::assertStringContainsString("\u{2068}Wren Halloran\u{2069}", $said('ar', 'Wren Halloran'));
        self::assertStringContainsString("\u{2068}+1 902-555-0100\u{2069}", $said('ar', '+1 902-555-0100'));
        self::assertStringContainsString("\u{2068}ليلى\u{2069}", $said('en', 'ليلى'));
        self::assertStringNotContainsString("\u{2068}", $said('en', 'Wren Halloran') . $said('ar', 'ليلى'));
    }
}
