<?php

declare(strict_types=1);

namespace Tests\App;

use App\Framework\Languages;
use App\Framework\Reading;
use App\Framework\Words;
use App\Models\School;
use App\Models\StaffMember;
use App\Wordings\OwnWords;
use Demo\MailroomMessage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Symfony\Component\Process\Process;

/** A school says it in its own words: on pages, in letters and answers, in one language or as a translator hands it in. */
final class WordingsTest extends TestCase
{
    use RefreshDatabase;

    private const KEY = 'knocks.title';

    protected function setUp(): void
    {
        parent::setUp();
        OwnWords::changed();
        $this->host()->update(['office' => true]);
        $this->actingAs($this->host()->refresh());
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        // What processes share outlives what a test wrote.
        apcu_enabled() && apcu_clear_cache();
    }

    /** @return array<string, mixed> */
    private function word(
        string $text,
        string $was,
        string $language = 'en',
        string $key = self::KEY,
        int $status = 200,
    ): array {
        $form = ['language' => $language, 'key' => $key, 'text' => $text, 'was' => $was];

        return $this->putJson('/api/staff/wordings', $form)->assertStatus($status)->json();
    }

    public function test_a_sentence_is_found_worded_otherwise_and_as_ours_again(): void
    {
        $ours = Words::say(self::KEY);
        $found = $this->getJson('/api/staff/wordings?language=en&q=' . urlencode($ours))->assertOk();
        self::assertContains(self::KEY, $found->json('sentences.*.key'));

        $now = $this->word('Who’d like a  word', $ours);
        self::assertSame([true, $ours, false], [$now['own'], $now['ours'], $now['ours_changed']]);
        self::assertStringContainsString('Who’d like a  word', (string) $this->get('/staff/knocks')->getContent());
        self::assertSame(1, $this->getJson('/api/staff/wordings?language=en&own=yes')->json('own'));
        // In another language it is said as before.
        self::assertNotSame('Who’d like a  word', Reading::in('it', 24)->hears(static fn() => Words::say(self::KEY)));

        // Two had it open: the second is told, and keeps nothing.
        $this->word('Mine', $ours, status: 409);
        $this->word($ours, 'Who’d like a  word');
        self::assertSame($ours, Words::say(self::KEY));
        self::assertSame(0, $this->getJson('/api/staff/wordings?language=en&own=yes')->json('own'));
    }

    public function test_a_letter_and_a_refusal_are_in_the_schools_words_too(): void
    {
        $ours = (string) Words::pattern('booking.dear');
        $this->word('Good day {name}!', $ours, key: 'booking.dear');
        $required = trans('validation.required', locale: 'en');
        $this->word('Please fill in :attribute.', $required, key: 'validation.required', status: 422);
        $this->word('Do fill this in.', $required, key: 'validation.required');
        $sheet = $this->sheet();
        $this->book($sheet, ['name' => ''] + $this->wish($sheet))
            ->assertUnprocessable()
            ->assertJsonPath('errors.name.0', 'Do fill this in.');
        $this->book($sheet, $this->wish($sheet))->assertCreated();
        $this->delivered();
        $letter = MailroomMessage::query()->where('recipient', 'ama@mail.example')->firstOrFail();
        self::assertStringContainsString('Good day Ama Otoo!', quoted_printable_decode($letter->raw));
    }

    public function test_what_cannot_be_said_is_said_at_the_field_and_nothing_changes(): void
    {
        $ours = Words::say(self::KEY);
        foreach (['', '<b>x</b>', '{who}', 'x {', "x\u{202E}y"] as $text) {
            self::assertArrayHasKey('text', $this->word($text, $ours, status: 422)['errors']);
        }
        $this->word('x', $ours, language: 'xx', status: 422);
        $this->word('x', $ours, key: 'said.pattern_date', status: 422);
        $this->word('x', $ours, key: 'nobody.knows', status: 422);
        self::assertSame($ours, Words::say(self::KEY));
    }

    public function test_the_office_alone_and_not_where_another_school_would_have_to_say_the_same(): void
    {
        $wren = $this->host();
        $wren->update(['office' => false]);
        foreach (['/staff/wordings', '/staff/wordings/it.po', '/api/staff/wordings'] as $address) {
            $this->actingAs($wren->refresh())->get($address)->assertForbidden();
        }
        $wren->update(['office' => true]);
        School::query()->create(['name' => 'Other', 'zone' => 'UTC', 'country' => 'PT', 'confirm_addresses' => false]);
        $this->actingAs(StaffMember::query()->findOrFail($wren->id))
            ->get('/staff/wordings')
            ->assertForbidden();
    }

    /** GNU gettext’s msgfmt, where it is installed, is the reader nobody here wrote. */
    public function test_all_of_a_language_goes_out_and_comes_back_as_translators_programs_have_it(): void
    {
        $out = (string) $this->get('/staff/wordings/it.po')->assertOk()->getContent();
        self::assertStringContainsString('"Language: it\n"', $out);
        self::assertGreaterThan(2_000, substr_count($out, "\nmsgctxt "));
        $same = $this->handIn($out)->assertOk();
        self::assertSame([0, false, [], []], [$same['count'], $same['can'], $same['faults'], $same['notes']]);
        $check = Process::fromShellCommandline('command -v msgfmt >/dev/null || exit 0; msgfmt --check -o /dev/null -');
        $check->setInput($out);
        self::assertSame(0, $check->run(), $check->getErrorOutput());

        $title = Reading::in('it', 24)->hears(static fn() => Words::say(self::KEY));
        $own = str_replace("msgstr \"$title\"", 'msgstr "Chi vuole parlarmi"', $out);
        $look = $this->handIn($own)->assertOk();
        self::assertSame([true, 1], [$look['can'], $look['count']]);
        self::assertSame($title, Reading::in('it', 24)->hears(static fn() => Words::say(self::KEY)), 'only looked at');
        $this->handIn($own, ['digest' => str_repeat('0', 64)], '/taken')->assertConflict();
        // Somebody words one of its sentences between the look and the press: it is looked at again, nothing is overwritten.
        $this->word('A chi posso parlare', $title, 'it');
        $this->handIn($own, ['digest' => $look['digest']], '/taken')->assertConflict();
        $this->word($title, 'A chi posso parlare', 'it');
        $this->handIn($own, ['digest' => $look['digest']], '/taken')->assertCreated();
        self::assertSame('Chi vuole parlarmi', Reading::in('it', 24)->hears(static fn() => Words::say(self::KEY)));
        $this->deleteJson('/api/staff/wordings/it')->assertOk();
        self::assertSame($title, Reading::in('it', 24)->hears(static fn() => Words::say(self::KEY)));
    }

    public function test_a_file_with_a_fault_is_refused_with_its_line_and_nothing_of_it_is_taken(): void
    {
        $entry = static fn(string $key, string $text, string $head = ''): string => sprintf(
            "\n%smsgctxt \"%s\"\nmsgid %s\nmsgstr \"%s\"\n",
            $head,
            $key,
            json_encode(
                Reading::in('en', 24)->hears(static fn() => Words::pattern($key) ?? $key),
                JSON_UNESCAPED_UNICODE,
            ),
            $text,
        );
        $head = "msgid \"\"\nmsgstr \"\"\n\"Language: it\\n\"\n\"Content-Type: text/plain; charset=UTF-8\\n\"\n";
        $good = $entry(self::KEY, 'Chi vuole parlarmi');
        $faults = $this->handIn($head . $good . $entry('said.and', '{others} e poi'))->assertOk();
        self::assertFalse($faults['can']);
        self::assertMatchesRegularExpression('/10.*said\.and.*\{last\}/', $faults['faults'][0]);
        $this->handIn(
            $head . $good . $entry('said.and', '{others}'),
            ['digest' => $faults['digest']],
            '/taken',
        )->assertConflict();

        // What was not written for today's sentence is named, and left.
        $old = str_replace('msgid "', 'msgid "Once: ', $entry('said.and', '{others}, {last}'));
        $left = $this->handIn(
            $head . $good . $old . $entry('gone.away', 'Via') . $entry('knocks.closed', '{host}', "#, fuzzy\n"),
        );
        self::assertSame([1, 3], [$left['count'], count($left['notes'])]);

        foreach (
            [
                'no po' => ['Hello', '/PO/'],
                'half a sentence' => [$head . "\nmsgctxt \"a\"\nmsgid \"b", '/7/'],
                'no language' => [str_replace('Language: it', 'X: y', $head) . $good, '/Language/'],
                'a language that there is not' => [str_replace(': it', ': tlh', $head) . $good, '/tlh/'],
                'other letters' => [$head . mb_convert_encoding('msgid "é"', 'ISO-8859-1', 'UTF-8'), '/UTF-8/'],
            ]
            as $case => [$text, $said]
        ) {
            $why = $this->handIn($text)->assertUnprocessable()->json('errors.file.0');
            self::assertMatchesRegularExpression($said, (string) $why, $case);
        }
        self::assertSame(0, $this->getJson('/api/staff/wordings?language=it&own=yes')->json('own'));
    }

    public function test_each_sentence_says_where_it_stands(): void
    {
        foreach (Languages::offered() as $language) {
            $found = $this->getJson("/api/staff/wordings?language=$language&q=" . self::KEY)->assertOk();
            self::assertNotSame([], $found->json('sentences.0.where'));
            self::assertLessThanOrEqual(25, count($found->json('sentences')));
        }
        $this->getJson('/api/staff/wordings?language[]=x&q[]=y')->assertOk();
    }

    /** @param  array<string, string>  $more */
    private function handIn(string $text, array $more = [], string $where = ''): \Illuminate\Testing\TestResponse
    {
        $file = UploadedFile::fake()->createWithContent('it.po', $text);

        return $this->post("/api/staff/wordings/file$where", ['file' => $file] + $more, [
            'Accept' => 'application/json',
        ]);
    }
}
