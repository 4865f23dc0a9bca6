<?php

declare(strict_types=1);

namespace Tests\App;

use App\Directory\Guardian;
use App\Framework\RawMail;
use App\Models\Booking;
use App\Models\HostRole;
use App\Models\Pass;
use App\Models\Waiting;
use App\Passes\LookForPasses;
use App\Plans\Shortlist;
use Demo\MailroomMessage;
use Illuminate\Support\Facades\DB;
use Recess\Rules\Stated;
use Tests\App\Support\PlainForm;

/** Every form of a visitor's, with scripts and without: the same stands after it, and what a form does not show stays. */
final class BothWaysTest extends RoundTestCase
{
    public function test_wishes_sent_as_they_are_shown_change_nothing(): void
    {
        $round = $this->published(['collects' => true, 'wishes_until' => '2026-11-30T18:00']);
        $this->actingAs($this->office);
        $this->ask('put', "/api/staff/rounds/$round->id/interpreters", [
            'interpreters' => [['staff' => $this->host('Sol Vega')->id, 'language' => 'fr']],
        ])->assertOk();
        $pass = Guardian::query()->where('name', 'Uma Fay')->firstOrFail()->pass();
        $slugs = array_column(
            array_map(static fn($one): array => [$one->host->name, $one->slug], $round->refresh()->openSheets()),
            1,
            0,
        );
        $day = self::EVENING;
        $this->ask('put', "/api/r/$round->slug/wishes", [
            'pass' => $pass->token(),
            // One of them teaches that child, the other does not.
            'picks' => [
                ['sheet' => $slugs['Maja Kos'], 'student' => 'Ada Fay'],
                ['sheet' => $slugs['Iolo Bevan'], 'student' => 'Cy Fay'],
            ],
            'windows' => [
                ['date' => $day, 'from' => '16:15', 'until' => '16:45'],
                ['date' => $day, 'from' => '17:15', 'until' => '17:45'],
            ],
            'walk' => 15,
            'breather' => 10,
            'prefer' => 'waiting',
            'interpreter' => 'fr',
            'ground' => true,
        ])->assertOk();
        // What is with the school stands in the letter: the hours and what they need, too; and that it was taken back.
        $this->delivered();
        $letter = static fn(): string => RawMail::read(
            MailroomMessage::query()->where('recipient', 'uma@mail.example')->orderByDesc('id')->firstOrFail()->raw,
        )->part('text/plain');
        self::assertStringContainsString(
            'You can come: Thu 3 Dec, 16:15 to 16:45; Thu 3 Dec, 17:15 to 17:45',
            $letter(),
        );
        self::assertStringContainsString(
            'You need: an interpreter (French), the ground floor, a break of 10 minutes',
            $letter(),
        );
        $wished = static fn(): array => (array) Shortlist::query()->where('pass_id', $pass->id)->firstOrFail()->wished;
        $before = $wished();
        $at = "/r/$round->slug/wishes";
        $form = PlainForm::in((string) $this->get("/r/$round->slug?pass={$pass->token()}")->getContent(), $at);
        $this->post($at, $form)->assertRedirect();
        self::assertEquals($before, $wished(), 'as it was shown');

        // What one changes is changed, and nothing else is.
        $this->post($at, ['ground' => '0', 'from' => [$day => ['16:00', '17:15']]] + $form)->assertRedirect();
        $before['ground'] = false;
        $before['windows'][0]['from'] = '16:00';
        self::assertEquals($before, $wished());

        // A form that shows less than there is leaves the rest, and one that is wrong comes back as it was typed.
        $this->post($at, array_intersect_key($form, ['pass' => 0, 'ground' => 0]))->assertRedirect();
        $before['ground'] = true;
        self::assertEquals($before, $wished());
        $wrong = $this->post($at, ['walk' => '999', 'breather' => '30'] + $form)->assertUnprocessable();
        $again = PlainForm::in((string) $wrong->getContent(), $at);
        self::assertSame(['30', 'fr', '16:15'], [$again['breather'], $again['interpreter'], $again['from'][$day][0]]);
        self::assertEquals($before, $wished(), 'nothing of it is kept');
        $this->post(
            $at,
            ['rank' => 'x', 'dates' => 'x', 'from' => [$day => 'x'], 'comes' => [[]]] + $form,
        )->assertRedirect();
    }

    public function test_a_family_whom_no_directory_knows_wishes_without_scripts(): void
    {
        $round = $this->published(['collects' => true, 'wishes_until' => '2026-11-30T18:00', 'families' => false]);
        $at = "/r/$round->slug/wishes";
        $form = PlainForm::in((string) $this->get("/r/$round->slug")->getContent(), $at);
        [$maja, $iolo] = [$this->slug($this->maja), $this->slug($this->iolo)];
        $typed = [
            'child' => ['Kit Lin', 'Mo O’Lin', ''],
            'rank' => ['#0' => [$maja => '2', $iolo => '1'], '#1' => [$iolo => '3']],
            'name' => 'Bao Lin',
            'email' => 'bao@mail.example',
            'phone' => '902 555 0144',
        ];
        // What is wrong comes back with all that was typed.
        $wrong = $this->post($at, ['email' => 'nobody'] + $typed + $form)->assertUnprocessable();
        $again = PlainForm::in((string) $wrong->getContent(), $at);
        self::assertSame(
            ['Kit Lin', 'Mo O’Lin', 'Bao Lin', 'nobody', '1'],
            [$again['child'][0], $again['child'][1], $again['name'], $again['email'], $again['rank']['#0'][$iolo]],
        );
        $this->post($at, ['child' => ['', 'Mo O’Lin']] + $typed + $form)->assertUnprocessable();
        // What is of no form's shape is no failure of ours.
        foreach (
            [['child' => 'x'], ['name' => ['x'], 'email' => ['x'], 'phone' => ['x']], ['rank' => ['' => [$maja => 1]]]]
            as $odd
        ) {
            self::assertLessThan(500, $this->post($at, ['walk' => '999'] + $odd + $typed + $form)->getStatusCode());
        }
        self::assertSame(0, Shortlist::query()->count());

        $page = (string) $this->post($at, $typed + $form)
            ->assertRedirect()
            ->headers->get('Location');
        $wished = static fn(): array => (array) Shortlist::query()->sole()->wished;
        $picks = [
            ['sheet' => $iolo, 'student' => 'Kit Lin'],
            ['sheet' => $maja, 'student' => 'Kit Lin'],
            ['sheet' => $iolo, 'student' => 'Mo O’Lin'],
        ];
        self::assertSame($picks, $wished()['picks']);
        // Sent as it is shown it stays; a name that is mended is no second child.
        $form = PlainForm::in((string) $this->get($page)->getContent(), $at);
        $before = $wished();
        $this->post($at, $form)->assertRedirect();
        self::assertEquals($before, $wished());
        $this->post($at, ['child' => ['Kit Linn', 'Mo O’Lin', '']] + $form)->assertRedirect();
        self::assertSame('Kit Linn', $wished()['picks'][0]['student']);
        self::assertCount(3, $wished()['picks']);
    }

    public function test_a_time_that_is_booked_and_given_back(): void
    {
        $sheet = $this->sheet();
        $key = static fn(string $time): string => self::EVENING . "T$time:00Z";
        $person = ['name' => 'Bao Lin', 'email' => 'bao@mail.example'];
        $answers = ['student' => 'Kit Lin', 'phone' => '902 555 0144'];
        $this->ask('post', "/api/s/$sheet->slug/bookings", [
            ...$person,
            'slot' => $key('20:00'),
            'place' => $sheet->places->firstOrFail()->id,
            'answers' => $answers,
            'request_key' => '3f1f1f0e-0000-4000-8000-000000000001',
        ])->assertCreated();
        $with = Booking::query()->firstOrFail();
        $with->pass->update(['email' => 'before@mail.example']);
        $form = PlainForm::in(
            (string) $this->get("/s/$sheet->slug/book?slot=" . $key('20:15'))->getContent(),
            "/s/$sheet->slug/book",
        );
        $this->post(
            "/s/$sheet->slug/book",
            array_replace_recursive($form, $person, ['answers' => [...$answers, 'student' => 'Bo Lin']]),
        )->assertRedirect();
        $without = Booking::query()->orderByDesc('id')->firstOrFail();
        $shown = static fn(Booking $one): array => [
            ...array_diff_key(
                $one->attributesToArray(),
                array_flip([
                    'id',
                    'pass_id',
                    'hold_id',
                    'starts_at',
                    'ends_at',
                    'request_key',
                    'student',
                    'student_key',
                    'answers',
                    'created_at',
                    'updated_at',
                    'token_seed',
                    'uid',
                    'cancelled_by_id',
                    'request_digest',
                    'token_hash',
                    'confirm_until',
                ]),
            ),
            array_diff_key((array) $one->answers, ['student' => 0]),
            $one->pass->phone,
            $one->pass->name,
        ];
        self::assertEquals($shown($with), $shown($without));

        $path = '/p/' . $without->pass->token();
        $give = "$path/bookings/$without->id/give-back";
        $this->post(
            $give,
            ['note' => 'We are ill.'] + PlainForm::in((string) $this->get($path)->getContent(), $give),
        )->assertRedirect();
        $this->ask('post', "/api/p/{$with->pass->token()}/bookings/$with->id/give-back", [
            'note' => 'We are ill.',
        ])->assertOk();
        self::assertEquals($shown($with->refresh()), $shown($without->refresh()));
        self::assertSame('We are ill.', $without->cancel_note);
    }

    public function test_where_their_bookings_are(): void
    {
        $form = PlainForm::in((string) $this->get('/')->getContent(), '/pass-again');
        $this->post('/pass-again', ['email' => 'nobody'] + $form)
            ->assertUnprocessable()
            ->assertSee('value="nobody"', false);
        self::assertSame(0, $this->lettersWaiting());
        $this->ask('post', '/api/pass-again', ['email' => 'ama@mail.example'])->assertOk();
        $asked = static fn(): array => array_map(
            static fn(string $job): string => json_decode($job, true)['displayName'],
            DB::table('jobs')->pluck('payload')->all(),
        );
        $with = $asked();
        DB::table('jobs')->delete();
        $this->post('/pass-again', ['email' => 'Ama@MAIL.example'] + $form)->assertOk();
        self::assertSame([LookForPasses::class], $with);
        self::assertSame($with, $asked());
    }

    public function test_what_suits_in_line(): void
    {
        $sheet = $this->sheet(rules: Stated::of(['waiting' => true]));
        $this->ask('post', "/api/s/$sheet->slug/waiting", [
            'name' => 'Bao Lin',
            'email' => 'bao@mail.example',
            'part' => 'late',
        ])->assertOk();
        $waiting = Waiting::query()->firstOrFail();
        $before = $waiting->wants()->toArray();
        self::assertSame('late', $before['part']);
        $this->post("/w/{$waiting->token()}/confirm")->assertRedirect();
        $at = "/w/{$waiting->token()}/wants";
        $form = PlainForm::in((string) $this->get("/w/{$waiting->token()}")->getContent(), $at);
        $this->post($at, $form)->assertRedirect();
        self::assertSame($before, $waiting->refresh()->wants()->toArray());

        // Of several hosts they say with whom.
        $several = $this->sheet(title: 'Several', date: '2026-12-04', rules: Stated::of(['waiting' => true]));
        $several->colleagues()->create(['staff_id' => $this->iolo->id, 'role' => HostRole::Any]);
        $this->get("/s/$several->slug")
            ->assertOk()
            ->assertSee('<option value="iolo-bevan"', false);

        // Whoever has a pass is in line with it, without scripts too.
        $pass = Pass::query()->create([
            'name' => 'Ana Paz',
            'email' => 'ana@mail.example',
            'phone' => '',
            'confirmed_at' => self::NOW,
        ]);
        $form = PlainForm::in(
            (string) $this->get("/s/$sheet->slug?pass={$pass->token()}")->getContent(),
            "/s/$sheet->slug/waiting",
        );
        $this->post("/s/$sheet->slug/waiting", ['part' => 'morning'] + $form)->assertOk();
        self::assertSame('morning', Waiting::query()->where('pass_id', $pass->id)->firstOrFail()->wants()->part);
    }
}
