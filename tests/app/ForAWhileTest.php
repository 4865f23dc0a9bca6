<?php

declare(strict_types=1);

namespace Tests\App;

use App\Accounts\AccountKey;
use App\Accounts\KeyPurpose;
use App\Booking\LastChange;
use App\Framework\Limits;
use App\Framework\Undoable;
use App\Models\Booking;
use App\Models\Notice;
use App\Models\Secret;
use App\Models\Waiting;
use App\Texts\SendText;
use App\Texts\TextMessages;
use App\Texts\TextNotSent;
use App\Writing\Draft;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Recess\Rules\Stated;

/** What is only for a while, and ends by itself: each room names what is its own, and one command asks them all. */
final class ForAWhileTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string, int, int}> what it is, a moment at which it is still there, and one at which it is gone, in seconds */
    public static function ends(): iterable
    {
        yield 'a time that is kept while somebody types' => ['keep', 299, 301];
        yield 'a wish that nobody answers' => ['wish', 48 * 3600 - 1, 48 * 3600 + 1];
        yield 'a place in line whose address never answered' => ['line', 86_399, 86_401];
        yield 'what was typed and not saved' => ['draft', 60 * 86_400 - 60, 60 * 86_400 + 60];
        yield 'a key that opens no account any more' => ['key', 86_400 + 3599, 86_400 + 3601];
        yield 'a secret that was renewed' => ['secret', 3599, 3601];
        yield 'a count of presses' => ['limit', 3599, 3 * 3600];
        yield 'what was before a change' => ['facts', Undoable::TOLD - 1, Undoable::TOLD + 1];
        yield 'that a change was made' => ['change', 86_399, 86_401];
    }

    #[DataProvider('ends')]
    public function test_what_is_for_a_while_is_there_until_then_and_no_longer(
        string $what,
        int $there,
        int $gone,
    ): void {
        $begins = CarbonImmutable::now();
        $count = $this->begin($what);
        self::assertSame(1, $count());
        foreach ([[$there, 1], [$gone, 0]] as [$after, $left]) {
            CarbonImmutable::setTestNow($begins->addSeconds($after));
            self::assertSame(0, Artisan::call('recess:tidy'));
            self::assertSame($left, $count(), "$what after $after seconds");
        }
    }

    public function test_a_link_that_is_missing_is_asked_for_the_day_before_and_once(): void
    {
        $sheet = $this->sheet();
        $sheet
            ->places()
            ->reorder()
            ->update(['kind' => 'video', 'link_mode' => 'later']);
        $this->book($sheet->refresh(), $this->wish($sheet))->assertCreated();
        $notices = static fn(): int => Notice::query()->where('key', 'like', 'link|%')->count();
        Artisan::call('recess:tidy');
        self::assertSame(0, $notices());
        CarbonImmutable::setTestNow(self::EVENING . 'T10:00:00Z');
        Artisan::call('recess:tidy');
        Artisan::call('recess:tidy');
        self::assertSame(1, $notices());
        Booking::query()->update(['link' => 'https://video.example/x']);
        Notice::query()->delete();
        Artisan::call('recess:tidy');
        self::assertSame(0, $notices());
    }

    public function test_a_text_message_goes_once_and_not_at_all_where_what_it_tells_of_was_taken_back(): void
    {
        $gateway = new class implements TextMessages {
            /** @var list<string> */
            public array $sent = [];

            public bool $fails = false;

            public function areSent(): bool
            {
                return true;
            }

            public function send(string $to, string $text): void
            {
                $this->fails ? throw TextNotSent::answered(503) : ($this->sent[] = "$to: $text");
            }
        };
        $change = Undoable::made('offer|1', 'offered', CarbonImmutable::now()->getTimestamp());
        $text = new SendText(null, '+1 902 555 0199', 'Another time is offered to you.', 'offer|1', $change->key);
        $gateway->fails = true;
        try {
            $text->handle($gateway);
            self::fail('It went through.');
        } catch (TextNotSent $failure) {
            $text->failed($failure);
        }
        self::assertSame(
            ['offer|1' => 'The gateway for text messages answered 503.'],
            SendText::failures(['offer|1', 'offer|2']),
        );
        $gateway->fails = false;
        $text->handle($gateway);
        // The job comes a second time, as after a worker that was killed.
        $text->handle($gateway);
        self::assertSame(['+1 902 555 0199: Another time is offered to you.'], $gateway->sent);
        self::assertSame([], SendText::failures(['offer|1']));
        $undone = Undoable::made('offer|2', 'offered', CarbonImmutable::now()->getTimestamp());
        $undone->takeBack(CarbonImmutable::now()->getTimestamp());
        (new SendText(null, '+1 902 555 0199', 'Another one.', 'offer|2', $undone->key))->handle($gateway);
        self::assertCount(1, $gateway->sent);
    }

    public function test_only_the_last_thing_done_can_be_taken_back_and_only_until_it_is_told(): void
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $first = Undoable::made('booking|1', 'moved', $now, ['spot' => 1]);
        $other = Undoable::made('booking|2', 'moved', $now);
        $second = Undoable::made('booking|1', 'given back', $now + 3);
        self::assertSame(
            [$second->key, $other->key],
            [Undoable::last('booking|1', $now + 4)?->key, Undoable::last('booking|2', $now + 4)?->key],
        );
        self::assertSame($second->key, Undoable::lastOf(['booking|2', 'booking|1'], $now + 4)?->key);
        $second->takeBack($now + 5);
        self::assertSame(
            [true, false, false],
            [Undoable::wasTakenBack($second->key), Undoable::wasTakenBack($first->key), Undoable::wasTakenBack(null)],
        );
        self::assertSame($first->key, Undoable::last('booking|1', $now + 5)?->key);
        self::assertSame([17, 0], [$first->seconds($now + 3), $first->seconds($now + 21)]);
        // A press on the last second is still on its way; after that it is told.
        self::assertNotNull(Undoable::last('booking|2', $now + Undoable::TOLD - 1));
        self::assertNull(Undoable::last('booking|2', $now + Undoable::TOLD));
        // Something else is done to it that cannot be taken back: nor can what was before.
        Undoable::pass([LastChange::about(1)], $now + 6);
        self::assertNull(Undoable::last('booking|1', $now + 6));
    }

    /** @return \Closure(): int how many of it there are */
    private function begin(string $what): \Closure
    {
        $now = CarbonImmutable::now();
        $sheet = $this->sheet(rules: Stated::of(['approve' => $what === 'wish']));
        switch ($what) {
            case 'keep':
                $this->ask('post', "/api/s/$sheet->slug/keep", [
                    'slot' => self::EVENING . 'T20:15:00Z',
                    'keep_key' => '7f3c1f0e-2b1d-4c55-9b6e-0a4f6d3c9a11',
                ])->assertOk();

                return static fn(): int => DB::table('seats')->count();
            case 'wish':
                $this->book($sheet, $this->wish($sheet))->assertCreated();

                return static fn(): int => Booking::query()->where('state', 'asked')->count();
            case 'line':
                $this->ask('post', "/api/s/$sheet->slug/waiting", [
                    'name' => 'Bao',
                    'email' => 'bao@mail.example',
                ])->assertOk();

                return static fn(): int => Waiting::query()->count();
            case 'draft':
                Draft::query()->create(['staff_id' => $sheet->staff_id, 'of' => 0, 'form' => [], 'line' => '']);

                return static fn(): int => Draft::query()->count();
            case 'key':
                AccountKey::cut($this->host(), KeyPurpose::Password, $now->getTimestamp());
                DB::table('account_keys')->update(['until' => $now->addHour()]);

                return static fn(): int => DB::table('account_keys')->count();
            case 'secret':
                Secret::remember(str_repeat('a', 64), 'passes', 1, $now->addHour()->format('Y-m-d H:i:s'));

                return static fn(): int => DB::table('former_secrets')->count();
            case 'limit':
                Limits::exactly('kiosk|1', 3600, $now->getTimestamp());

                return static fn(): int => DB::table('limits')->count();
            default:
                Undoable::made('booking|1', 'moved', $now->getTimestamp(), ['answers' => ['worry' => 'maths']]);

                return static fn(): int => DB::table('changes')
                    ->when($what === 'facts', static fn($one) => $one->where('facts', '<>', '{}'))
                    ->count();
        }
    }
}
