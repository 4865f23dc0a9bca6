<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Booking;
use App\Models\School;
use App\Models\Sheet;
use App\Models\SheetState;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** A worksheet that is written: drawn by the core, said back, looked over, kept. */
final class WorksheetTest extends TestCase
{
    use RefreshDatabase;

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, mixed>  $more
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function draw(array $form, array $more = []): TestResponse
    {
        return $this->ask('post', '/api/staff/worksheet', ['form' => $form, 'sheet' => null] + $more)->assertOk();
    }

    public function test_the_ruler_is_drawn_by_the_core_and_says_what_is_left_over(): void
    {
        $this->actingAs($this->host());
        // A planning period of 70 min by 15: common practice, no published source.
        $this->draw(self::form())
            ->assertJsonPath('slots', 4)
            ->assertJsonPath('left_over', 10)
            ->assertJsonPath('errors', [])
            ->assertJsonPath('sentence', '4 meetings on Thursday 3 December 2026; 10 minutes left over.')
            ->assertJsonPath('line', '2026-12-03 16:25-17:35 /15')
            ->assertJsonPath('days.0.stretches.0.slots.3.from', '17:10')
            ->assertJsonPath('days.0.stretches.0.slots.3.at', 70)
            ->assertJsonPath('days.0.length', 120)
            ->assertJsonPath('days.0.marks.0.label', '16:00')
            ->assertJsonPath('preview.free', 4)
            ->assertJsonPath('preview.questions.0.key', 'student');
        self::assertSame(0, Sheet::query()->count());
    }

    public function test_the_quick_line_and_the_blanks_say_the_same(): void
    {
        $this->actingAs($this->host());
        School::query()->update([
            'closed_days' => '[{"name":"Holidays","first":"2026-12-21","last":"2027-01-01"}]',
            'terms' => '[{"name":"Spring term","first":"2027-01-04","last":"2027-05-28"}]',
        ]);
        $by = $this->draw(self::form(), [
            'typed' => true,
            'line' => 'tue thu 10:25-11:35 /15 until spring term',
        ])->assertJsonPath('line_error', null);
        $by->assertJsonPath('sentence', '4 meetings a day on 50 days, 200 in all; 10 minutes left over each day.');
        $record = $by->json('blocks.0.record');
        self::assertSame(['weekly', [2, 4], '2027-05-28'], [$record['kind'], $record['weekdays'], $record['until']]);

        // The blanks it filled in draw the same, and print a line that fills in the same blanks.
        $again = $this->draw(['blocks' => [$record]] + self::form())->assertJsonPath('sentence', $by->json('sentence'));
        self::assertSame(
            $record,
            $this->draw(self::form(), ['typed' => true, 'line' => $again->json('line')])->json('blocks.0.record'),
        );

        $this->draw(self::form(), ['typed' => true, 'line' => 'tue 10:25-11:35 /15 untli 28 may'])
            ->assertJsonPath('line_error.position', 20)
            ->assertJsonPath('line_error.understood', 'tue 10:25-11:35 /15')
            ->assertJsonPath('slots', 4);
    }

    public function test_what_no_meeting_comes_of_is_not_ready_to_be_published(): void
    {
        $host = $this->host();
        $host->school->update([
            'closed_days' => [['name' => 'Storm', 'first' => self::EVENING, 'last' => self::EVENING]],
        ]);
        $this->actingAs($host->refresh());
        $this->draw(self::form())
            ->assertJsonPath('sentence', 'No meeting comes of this.')
            ->assertJsonPath('missing', ['Meetings: none comes of these days and hours']);
        $host->school->update(['closed_days' => []]);
        $this->draw(self::form())->assertJsonPath('slots', 4)->assertJsonPath('missing', []);
        // Nobody has typed anything wrong yet: the blanks are named. What was typed is looked at again.
        $empty = ['dates' => [''], 'hours' => [['from' => '', 'until' => '']]];
        $this->draw(self::form(block: $empty))->assertJsonPath('missing', ['When: a day, from when, until when']);
        $this->draw(self::form(block: ['hours' => [['from' => 'soon', 'until' => '']]] + $empty))->assertJsonPath(
            'missing',
            ['When: something there needs another look'],
        );
    }

    public function test_what_no_line_can_say_stands_beside_it_and_outlives_a_key_in_the_line(): void
    {
        $this->actingAs($this->host());
        $weekly = $this->draw(self::form(), [
            'typed' => true,
            'line' => 'tue 10:25-11:35 /15 from 2026-12-01 until 22 dec',
        ])->json('blocks.0.record');
        $edit = ['blocks' => [$weekly], 'index' => 0, 'date' => '2026-12-15', 'scope' => 'this one', 'do' => 'close'];
        $closed = $this->ask('post', '/api/staff/worksheet/occurrence', $edit)->assertOk()->json('blocks');
        $drawn = $this->draw(['blocks' => $closed] + self::form())
            ->assertJsonPath('slots', 12)
            ->assertJsonPath('blocks.0.beside', [
                ['date' => '2026-12-15', 'said' => 'Tuesday 15 December 2026: closed'],
            ]);

        // A space more in the line, as it was printed: the day stays closed. Where the block falls no more, so does the change.
        $this->draw(['blocks' => $closed] + self::form(), ['typed' => true, 'line' => $drawn->json('line') . ' '])
            ->assertJsonPath('slots', 12)
            ->assertJsonCount(1, 'blocks.0.beside');
        $this->draw(['blocks' => $closed] + self::form(), [
            'typed' => true,
            'line' => 'wed 10:25-11:35 /15 from 2026-12-01 until 22 dec',
        ])->assertJsonPath('blocks.0.beside', []);

        // Two readings are asked, nothing is drawn of either.
        $this->draw(self::form(), ['typed' => true, 'line' => '3/12 9-10 /10'])
            ->assertJsonPath('line_asks.readings.1.line', '2026-12-03 09:00-10:00 /10')
            ->assertJsonCount(2, 'line_asks.readings')
            ->assertJsonPath('slots', 4);
    }

    public function test_what_is_typed_is_kept_for_its_writer_and_sheet_and_for_nobody_else(): void
    {
        $this->actingAs($this->host());
        $draft = $this->draft(title: 'Saved');
        $this->draw(self::form(['title' => 'Half']), ['keep' => true, 'typed' => true, 'line' => 'tue 9-']);
        $this->ask('post', '/api/staff/worksheet', [
            'form' => self::form(['title' => 'Changed']),
            'sheet' => $draft->id,
            'keep' => true,
        ])->assertOk();
        self::assertSame('Saved', $draft->refresh()->title);
        $kept = fn(string $page): ?array => json_decode(
            (string) preg_replace(
                '/^.*id="page-data"[^>]*>(.*?)<\/script>.*$/s',
                '$1',
                (string) $this->get($page)->assertOk()->getContent(),
            ),
            true,
        )['draft'];
        self::assertSame(
            ['Half', 'tue 9-'],
            [$kept('/staff/sheets/new')['form']['title'] ?? null, $kept('/staff/sheets/new')['line'] ?? null],
        );
        self::assertSame('Changed', $kept("/staff/sheets/$draft->id/edit")['form']['title'] ?? null);

        $this->actingAs($this->host('Iolo Bevan'));
        self::assertNull($kept('/staff/sheets/new'));
        $this->ask('post', '/api/staff/worksheet', [
            'form' => self::form(),
            'sheet' => $draft->id,
            'keep' => true,
        ])->assertNotFound();

        // Saved, it is not kept any longer; nor is what is thrown away.
        $this->actingAs($this->host());
        $this->ask('put', "/api/staff/sheets/$draft->id", self::form(['version' => 1]))->assertOk();
        $this->ask('delete', '/api/staff/worksheet', ['sheet' => null])->assertOk();
        self::assertSame([null, null], [$kept('/staff/sheets/new'), $kept("/staff/sheets/$draft->id/edit")]);
        $this->ask('post', '/api/staff/worksheet', [
            'form' => ['intro' => str_repeat('long ', 50_000)],
            'sheet' => null,
            'keep' => true,
        ])->assertUnprocessable();
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> */
    public static function slips(): iterable
    {
        yield 'the small hours' => [
            self::form(block: ['hours' => [['from' => '4:00', 'until' => '5:30']]]),
            '04:00 are in the small hours',
            'Make it 16:00',
            '16:00',
        ];
        yield 'no end' => [
            self::form(block: ['kind' => 'weekly', 'weekdays' => [2], 'first' => '2026-12-01']),
            'repeats without an end',
            'End it on 18 December 2026',
            '2026-12-18',
        ];
        yield 'a closed day' => [
            self::form(block: ['dates' => ['2026-12-03', '2026-12-21']]),
            'closed on Monday 21 December',
            'Take it out',
            '2026-12-03',
        ];
        yield 'nothing left after lead' => [
            self::form(block: ['dates' => ['2026-11-24']]),
            'sooner than the rules allow',
            'Let people book until an hour before',
            '60',
        ];
        yield 'a session in the link' => [
            self::form(place: ['kind' => 'video', 'link' => 'https://video.school.example/r/7?sid=81f&lang=en']),
            'carries your own session',
            'Use https://video.school.example/r/7?lang=en',
            'https://video.school.example/r/7?lang=en',
        ];
        yield 'a host’s key in the link' => [
            self::form(place: ['kind' => 'video', 'link' => 'https://video.school.example/r/7?hostkey=x']),
            'host’s key',
            'Use https://video.school.example/r/7',
            'https://video.school.example/r/7',
        ];
        yield 'a link that ends' => [
            self::form(place: ['kind' => 'video', 'link' => 'https://video.school.example/r/7?expires=1790000000']),
            'stops working',
            'Use https://video.school.example/r/7',
            'https://video.school.example/r/7',
        ];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('slips')]
    public function test_what_looks_wrong_is_said_with_the_mend_one_press_away(
        array $form,
        string $says,
        string $mend,
        string $into,
    ): void {
        $this->actingAs($this->host());
        School::query()->update([
            'closed_days' => '[{"name":"Holidays","first":"2026-12-21","last":"2027-01-01"}]',
            'terms' => '[{"name":"Autumn term","first":"2026-09-07","last":"2026-12-18"}]',
        ]);
        $warning = $this->draw($form)->json('warnings.0');

        self::assertStringContainsString($says, $warning['message']);
        self::assertSame($mend, $warning['mend']['label']);
        self::assertStringContainsString($into, (string) json_encode($warning['mend']['form'], JSON_UNESCAPED_SLASHES));
        $after = array_column($this->draw($warning['mend']['form'] + $form)->json('warnings'), 'message');
        self::assertNotContains($warning['message'], $after, 'The mend mends it.');
    }

    public function test_other_sheets_and_rooms_in_use_are_said(): void
    {
        $mine = $this->sheet();
        $other = $this->sheet($this->host('Iolo Bevan'), title: 'Bevan conferences');
        $this->actingAs($this->host());
        $warnings = fn(): string => implode(' ', array_column($this->draw(self::form())->json('warnings'), 'message'));
        // Before anybody has booked there, it is on two sheets; of another school it is no business of theirs.
        $promised = 'Room 12 is on the sheet “Bevan conferences” of Iolo Bevan too: on Thursday 3 December 2026, 16:';
        self::assertStringContainsString($promised, $warnings());
        $elsewhere = $other->host->school->replicate()->fill(['name' => 'Sandbar College']);
        $elsewhere->save();
        $other->host->update(['school_id' => $elsewhere->id]);
        self::assertStringNotContainsString('Room 12', $warnings());
        $other->host->update(['school_id' => $this->host()->school_id]);
        $this->book($other, $this->wish($other, '20:30'))->assertCreated();
        $this->actingAs($this->host());

        $said = $warnings();
        self::assertStringNotContainsString($promised, $said, 'one of both is enough');
        self::assertStringContainsString(
            'across your sheet “Conferences” on Thursday 3 December 2026, 16:25 to 17:00',
            $said,
        );
        self::assertStringContainsString(
            'Room 12 is used by somebody else on Thursday 3 December 2026 at 16:30',
            $said,
        );
        $mine
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'link' => 'https://video.school.example/r/7']);
        $said = implode(
            ' ',
            array_column(
                $this->draw(self::form(place: ['kind' => 'video', 'link' => 'https://video.school.example/r/7']))->json(
                    'warnings',
                ),
                'message',
            ),
        );
        self::assertStringContainsString('stands on the sheet “Conferences” too', $said);
    }

    public function test_one_occurrence_this_and_later_or_all(): void
    {
        $this->actingAs($this->host());
        $weekly = self::form(
            block: [
                'kind' => 'weekly',
                'weekdays' => [2],
                'first' => '2026-12-01',
                'until' => '2026-12-29',
                'hours' => [['from' => '16:00', 'until' => '17:00']],
            ],
        )['blocks'];
        $edit = fn(array $edit) => $this->ask(
            'post',
            '/api/staff/worksheet/occurrence',
            $edit + ['blocks' => $weekly, 'index' => 0, 'date' => '2026-12-15', 'scope' => 'this one'],
        );
        $slots = fn(array $blocks): array => array_map(
            static fn(array $day): string => $day['date'] .
                ' ' .
                $day['stretches'][0]['from'] .
                '-' .
                $day['stretches'][0]['until'],
            $this->draw(['blocks' => $blocks] + self::form())->json('days'),
        );

        self::assertSame(
            ['2026-12-01 16:00-17:00', '2026-12-08 16:00-17:00', '2026-12-22 16:00-17:00', '2026-12-29 16:00-17:00'],
            $slots(
                $edit(['do' => 'close'])
                    ->assertOk()
                    ->json('blocks'),
            ),
        );
        self::assertSame(
            '2026-12-16 16:00-17:00',
            $slots($edit(['do' => 'move', 'to' => '2026-12-16'])->json('blocks'))[2],
        );
        $later = $edit([
            'do' => 'hours',
            'scope' => 'this and later',
            'hours' => [['from' => '9', 'until' => '10.30']],
        ])->json('blocks');
        self::assertSame(['2026-12-08 16:00-17:00', '2026-12-15 09:00-10:30'], array_slice($slots($later), 1, 2));
        // An edge dragged by 23 minutes of the ruler comes to rest on a five.
        $all = $edit(['do' => 'edge', 'scope' => 'all', 'stretch' => 0, 'side' => 'until', 'by' => 23])->json('blocks');
        self::assertSame('2026-12-29 16:00-17:25', $slots($all)[4]);
        $edit([
            'do' => 'edge',
            'scope' => 'all',
            'stretch' => 0,
            'side' => 'until',
            'by' => -60,
        ])->assertUnprocessable();
        self::assertCount(2, $slots($edit(['do' => 'close', 'scope' => 'this and later'])->json('blocks')));
    }

    public function test_write_publish_rename_pause_copy_and_put_away(): void
    {
        $this->actingAs($this->host());
        $id = (int) $this->ask('post', '/api/staff/sheets', self::form())
            ->assertCreated()
            ->assertJsonPath('state', 'draft')
            ->json('id');
        $this->get('/s/autumn-conferences')->assertNotFound();
        $this->ask('post', "/api/staff/sheets/$id/publish")
            ->assertOk()
            ->assertJsonPath('state', 'open')
            ->assertJsonPath('link', url('/s/autumn-conferences'));
        $this->ask('put', "/api/staff/sheets/$id", self::form(['version' => 1], ['minutes' => 10]))
            ->assertOk()
            ->assertJsonPath('slots', 7);

        // The same title again: the link says whose it is.
        $this->ask('post', '/api/staff/sheets', self::form())->assertJsonPath(
            'link',
            url('/s/autumn-conferences-wren-halloran'),
        );
        $this->ask('post', '/api/staff/sheets', self::form())->assertJsonPath(
            'link',
            url('/s/autumn-conferences-wren-halloran-2'),
        );
        // Another address; the old one goes on working, for this sheet alone.
        $this->ask('post', "/api/staff/sheets/$id/address", ['slug' => 'meet-wren'])
            ->assertOk()
            ->assertJsonPath('link', url('/s/meet-wren'));
        foreach (['/s/meet-wren', '/s/autumn-conferences'] as $path) {
            $this->get($path)->assertOk()->assertSee('Autumn conferences');
        }
        $this->ask('post', "/api/staff/sheets/$id/address", [
            'slug' => 'autumn-conferences-wren-halloran',
        ])->assertUnprocessable();
        $this->ask('post', '/api/staff/sheets', self::form())->assertJsonPath(
            'link',
            url('/s/autumn-conferences-wren-halloran-3'),
        );

        $this->ask('post', "/api/staff/sheets/$id/state", [
            'state' => 'paused',
            'note' => 'Back on Monday.',
        ])->assertOk();
        $this->ask('get', '/api/s/meet-wren')
            ->assertJsonPath('state', 'paused')
            ->assertJsonPath('note', 'Back on Monday.')
            ->assertJsonPath('free', 0);
        $sheet = Sheet::query()->findOrFail($id);
        $this->book($sheet, $this->wish($sheet, '20:25'))->assertConflict();
        $this->ask('post', "/api/staff/sheets/$id/state", ['state' => 'open'])->assertJsonPath('free', 7);

        // A copy begins on another day and is a draft of its own.
        $copy = $this->ask('post', "/api/staff/sheets/$id/copy", ['start' => '2027-02-04'])
            ->assertCreated()
            ->assertJsonPath('state', 'draft')
            ->assertJsonPath('days.0.date', '2027-02-04');
        self::assertNotSame($id, $copy->json('id'));
        $this->ask('post', "/api/staff/sheets/$id/put-away", ['away' => true])->assertJsonPath('put_away', true);
    }

    public function test_closing_a_slot_and_adding_a_seat_are_the_hosts_to_do(): void
    {
        $sheet = $this->sheet();
        $this->actingAs($this->host());
        $slot = fn(string $time, bool $closed, int $extra) => $this->ask('post', "/api/staff/sheets/$sheet->id/slot", [
            'slot' => self::EVENING . "T$time:00Z",
            'closed' => $closed,
            'extra_seats' => $extra,
        ]);

        $slot('20:00', true, 0)->assertOk()->assertJsonPath('free', 3);
        $this->book($sheet, $this->wish($sheet, '20:00'))->assertConflict();
        $slot('20:15', false, 1)->assertOk();
        $this->book($sheet, $this->wish($sheet, '20:15'))->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Bao'))->assertCreated();
        $this->book($sheet, $this->otherWish($sheet, '20:15', 'Cleo'))->assertConflict();
        $slot('20:07', true, 0)->assertUnprocessable();
    }

    public function test_a_sheet_with_nothing_left_to_book_is_not_published(): void
    {
        $this->actingAs($this->host());
        $draft = $this->draft();
        CarbonImmutable::setTestNow(self::EVENING . 'T12:00:00Z');

        $this->ask('post', "/api/staff/sheets/$draft->id/publish")->assertConflict();
        self::assertSame(SheetState::Draft, $draft->refresh()->state);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badInput(): iterable
    {
        $hours = static fn(string $from, string $until): array => self::form(
            block: ['hours' => [['from' => $from, 'until' => $until]]],
        );
        yield 'end before start' => [
            $hours('16:00', '4:00'),
            'blocks.0.hours.0.until',
            'has to be later than the start, 16:00',
        ];
        yield 'no time at all' => [$hours('after lunch', '17:00'), 'blocks.0.hours.0.from', 'is not a time of day'];
        yield 'no end' => [$hours('16:00', ''), 'blocks.0.hours.0.until', 'is not a time of day'];
        yield 'longer than the block' => [
            self::form(block: ['minutes' => 71]),
            'blocks.0.minutes',
            'does not fit between 16:25 and 17:35',
        ];
        yield 'no minutes' => [self::form(block: ['minutes' => 0]), 'blocks.0.minutes', 'from 1 to 1440'];
        yield 'minutes below nothing' => [self::form(block: ['minutes' => -15]), 'blocks.0.minutes', '-15 was given'];
        yield 'half minutes' => [self::form(block: ['minutes' => 7.5]), 'blocks.0.minutes', 'whole number'];
        yield 'a gap below nothing' => [self::form(block: ['gap' => -1]), 'blocks.0.gap', 'from 0 to 1440'];
        yield 'more than 24 h' => [$hours('16:00', '41:00'), 'blocks.0.hours.0.until', '24 hours at most'];
        yield 'a past date' => [self::form(block: ['dates' => ['2026-11-23']]), 'blocks.0.dates', 'is past'];
        yield 'a date that is none' => [
            self::form(block: ['dates' => ['2026-13-01']]),
            'blocks.0.dates',
            'no date “2026-13-01”',
        ];
        yield 'a year with a digit wrong' => [
            self::form(block: ['dates' => ['2126-12-03']]),
            'blocks.0.dates',
            'Look at the year again',
        ];
        yield 'a weekly block on no day' => [
            self::form(block: ['kind' => 'weekly', 'first' => '2026-12-01']),
            'blocks.0.weekdays',
            'at least one day',
        ];
        yield 'a term that ends before it begins' => [
            self::form(
                block: ['kind' => 'weekly', 'weekdays' => [2], 'first' => '2026-10-01', 'until' => '2026-11-01'],
            ),
            'blocks.0.until',
            'is past',
        ];
        yield 'two blocks across one another' => [
            self::form(['blocks' => [...self::form()['blocks'], ...self::form(block: ['minutes' => 20])['blocks']]]),
            'blocks',
            'Two blocks of the sheet overlap',
        ];
        yield 'more meetings than anybody holds' => [
            self::form(
                block: [
                    'kind' => 'weekly',
                    'weekdays' => [1, 2, 3, 4, 5, 6, 7],
                    'first' => '2026-12-01',
                    'until' => '2027-11-30',
                    'minutes' => 1,
                    'hours' => [['from' => '0:00', 'until' => '24:00']],
                ],
            ),
            'blocks.0.minutes',
            'more than 60,000 meetings',
        ];
        yield 'no block' => [self::form(['blocks' => []]), 'blocks', 'fill this in'];
        yield 'a title of 10 000 characters' => [
            self::form(['title' => str_repeat('x', 10_000)]),
            'title',
            '120 characters fit',
        ];
        yield 'no title' => [self::form(['title' => '']), 'title', 'fill this in'];
        yield 'a link that runs a script' => [
            self::form(place: ['kind' => 'video', 'link' => 'javascript:alert(1)']),
            'places.0.link',
            'begin with https://',
        ];
        yield 'a link by ftp' => [
            self::form(place: ['kind' => 'video', 'link' => 'ftp://video.school.example/']),
            'places.0.link',
            'begin with https://',
        ];
        yield 'nobody to a slot' => [self::form(rules: ['seats' => 0]), 'rules.seats', 'from 1 to 500'];
        yield 'a kind of place there is not' => [
            self::form(place: ['kind' => 'cave']),
            'places.0.kind',
            'cannot be chosen',
        ];
        yield 'a choice of one' => [
            self::form([
                'questions' => [['key' => 'c', 'kind' => 'choice', 'label' => 'Which?', 'choices' => ['this']]],
            ]),
            'questions.0.choices',
            'at least two',
        ];
        yield 'a colleague of nowhere' => [
            self::form(['hosts' => [['id' => 99_999, 'role' => 'must']]]),
            'hosts.0.id',
            '',
        ];
        yield 'closing before opening' => [
            self::form(rules: ['opens_at' => '2026-12-01T18:00', 'closes_at' => '2026-12-01T17:00']),
            'rules.closes_at',
            '',
        ];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('badInput')]
    public function test_a_bad_blank_is_said_there_and_nothing_is_saved(array $form, string $field, string $says): void
    {
        $this->actingAs($this->host());
        $answer = $this->ask('post', '/api/staff/sheets', $form)
            ->assertUnprocessable()
            ->assertOnlyJsonValidationErrors([$field]);

        self::assertStringContainsString($says, (string) $answer->json('errors')[$field][0]);
        self::assertSame(0, Sheet::query()->count());
        // While it is typed, the same is part of the answer.
        self::assertArrayHasKey($field, $this->draw($form)->json('errors'));
    }

    public function test_html_in_every_field_stays_text(): void
    {
        $evil = '<img src=x onerror=alert(1)>';
        $this->actingAs($this->host());
        $form = self::form(
            [
                'title' => $evil,
                'intro' => $evil,
                'questions' => [['key' => 'q', 'kind' => 'short', 'label' => $evil, 'help' => $evil]],
            ],
            place: ['label' => $evil, 'directions' => $evil],
        );
        $id = (int) $this->ask('post', '/api/staff/sheets', $form)->assertCreated()->json('id');
        $sheet = $this->publish(Sheet::query()->findOrFail($id));
        $this->book(
            $sheet,
            $this->wish($sheet, '20:25', ['name' => $evil, 'answers' => ['q' => $evil]]),
        )->assertCreated();

        foreach (
            [
                "/s/$sheet->slug",
                "/s/$sheet->slug/book?slot=" . urlencode(self::EVENING . 'T20:40:00Z'),
                '/',
                '/d/wren-halloran',
                "/staff/sheets/$id",
                "/staff/sheets/$id/edit",
                '/staff',
            ]
            as $path
        ) {
            $this->get($path)->assertOk()->assertDontSee('<img src=x', false);
        }
    }

    public function test_today_is_the_schools_today(): void
    {
        $this->actingAs($this->host());
        // 02:00 UTC on the 25th is still the evening of the 24th in Halifax.
        CarbonImmutable::setTestNow('2026-11-25T02:00:00Z');

        self::assertSame(
            [],
            $this->draw(
                self::form(block: ['dates' => ['2026-11-24'], 'hours' => [['from' => '23:00', 'until' => '24:00']]]),
            )->json('errors'),
        );
        self::assertArrayHasKey(
            'blocks.0.dates',
            $this->draw(self::form(block: ['dates' => ['2026-11-23']]))->json('errors'),
        );
    }

    public function test_the_host_cancels_with_a_word(): void
    {
        $this->actingAs($this->host());
        $sheet = $this->sheet();
        $this->book($sheet, $this->wish($sheet))->assertCreated();

        $this->ask('post', '/api/staff/bookings/' . Booking::query()->min('id') . '/cancel', [
            'note' => 'I am ill. Please pick another time.',
        ])
            ->assertOk()
            ->assertJsonPath('taken', 0)
            ->assertJsonPath('bookings.0.off_said', 'by Wren Halloran')
            ->assertJsonPath('bookings.0.cancel_note', 'I am ill. Please pick another time.');
    }
}
