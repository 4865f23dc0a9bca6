<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Clock;
use App\Framework\Notices;
use App\Framework\Said;
use App\Framework\Tidies;
use App\Framework\Watched;
use App\Framework\Words;
use App\Models\Instant;
use App\Models\StaffMember;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Database\Query\Builder;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Queue\Events\JobExceptionOccurred;
use Illuminate\Queue\Events\JobFailed;
use Illuminate\Queue\Events\JobProcessed;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Letters that no mail server takes: written down while they are tried, told to the office, never dropped in silence. */
final class Unsent implements Tidies, Watched
{
    private const LAST = 'letter-sent-last';

    /** Seconds that a letter may be under way before somebody is told: a server that starts anew is back by then. */
    private const TOLD_AFTER = 900;

    /** So many addresses stand in a sentence. */
    private const NAMED = 5;

    /** Days for which one that was given up is kept. */
    private const KEPT = 30;

    public function tried(JobExceptionOccurred $event): void
    {
        if (!($event->exception instanceof TransportExceptionInterface)) {
            return;
        }
        $message = self::message($event->job);
        if ($message !== null) {
            $row = self::row((string) $event->job->uuid(), $message, $event->exception);
            DB::table('letters_unsent')->upsert(
                ['tries' => $event->job->attempts()] + $row,
                ['job'],
                ['said' => $row['said'], 'tries' => $event->job->attempts()],
            );
        }
    }

    /** There is nobody at its address, says the server: it is not tried again. */
    public static function refused(Message $message, \Throwable $failure): void
    {
        DB::table('letters_unsent')->insert(
            ['tries' => 1, 'given_up_at' => Instant::column(Clock::now())] +
                self::row((string) Str::uuid(), $message, $failure),
        );
    }

    /** It went out, and a server further on had nobody at that address. */
    public static function cameBack(string $email, int $school, string $why): void
    {
        $now = Instant::column(Clock::now());
        // However many letters come back from one address, it is one thing to look at.
        $row = ['said' => $why, 'given_up_at' => $now];
        DB::table('letters_unsent')->upsert(
            [
                'job' => substr(hash('sha256', "$school|$email"), 0, 36),
                'school_id' => $school,
                'email' => $email,
                'about' => '',
                'tries' => 1,
                'since' => $now,
            ] + $row,
            ['job'],
            $row,
        );
    }

    /** @return array<string, int|string|null> */
    private static function row(string $job, Message $message, \Throwable $failure): array
    {
        return [
            'job' => $job,
            'school_id' => $message->school(),
            'email' => $message->to[0]['address'] ?? '',
            'about' => mb_strimwidth((string) $message->envelope()->subject, 0, 240, '…'),
            'said' => ServerSaid::of($failure),
            'since' => Instant::column(Clock::now()),
        ];
    }

    public function sent(JobProcessed $event): void
    {
        if (($event->job->payload()['data']['commandName'] ?? '') !== SendQueuedMailable::class) {
            return;
        }
        if ($event->job->attempts() > 1) {
            DB::table('letters_unsent')->where('job', $event->job->uuid())->delete();
        }
        // Written down once a minute: that something goes out, and not what.
        static $noted = 0;
        $now = Clock::now();
        if ($now - $noted >= 60) {
            $noted = $now;
            Cache::forever(self::LAST, $now);
        }
    }

    public function givenUp(JobFailed $event): void
    {
        DB::table('letters_unsent')
            ->where('job', $event->job->uuid())
            ->update(['given_up_at' => Instant::column(Clock::now())]);
    }

    /** The office reads on its first page that letters of its school do not go out, and to whom; until they do. */
    public function tidy(int $now): void
    {
        DB::table('letters_unsent')->where('given_up_at', '<', Instant::column($now - self::KEPT * 86_400))->delete();
        $office = [];
        foreach (['waiting' => self::waiting($now), 'given_up' => self::given(self::KEPT, $now)] as $what => $rows) {
            $schools = $rows->clone()->whereNotNull('school_id')->distinct()->pluck('school_id')->all();
            $told = StaffMember::query()->where('office', true)->whereIn('school_id', $schools);
            foreach ($told->get(['id', 'school_id']) as $one) {
                $said = self::said($what, $rows->clone()->where('school_id', $one->school_id));
                Notices::keepSaying($one->id, "letters|$what", $said, again: $what === 'given_up');
                $office[$what][] = $one->id;
            }
            Notices::over("letters|$what", except: $office[$what] ?? []);
        }
    }

    private static function said(string $what, Builder $rows): Said
    {
        $to = $rows->clone()->orderBy('since')->distinct()->limit(self::NAMED)->pluck('email')->all();

        return new Said("booking.letters_$what", [
            'count' => $rows->clone()->count(),
            'to' => implode(', ', $to),
            'more' => $rows->clone()->distinct()->count('email') - count($to),
            'why' => (string) $rows->clone()->orderByDesc('since')->value('said'),
        ]);
    }

    public function part(): string
    {
        return 'letters';
    }

    public function complaints(int $now): array
    {
        $wrong = [];
        foreach (['waiting' => self::waiting($now), 'given_up' => self::given(1, $now)] as $what => $rows) {
            $count = $rows->count();
            if ($count > 0) {
                $wrong[] = Words::say("running.letters_$what", [
                    'count' => $count,
                    'why' => (string) $rows->orderByDesc('since')->value('said'),
                ]);
            }
        }

        return $wrong;
    }

    public function well(): string
    {
        return Words::say('running.unsent_well');
    }

    public function figures(int $now): array
    {
        $waiting = DB::table('letters_unsent')->whereNull('given_up_at');
        $since = $waiting->clone()->min('since');
        $last = Cache::get(self::LAST);

        return [
            'recess_letters_retried' => ['Letters that were tried and did not go out yet', $waiting->count()],
            'recess_letters_oldest_unsent_seconds' => [
                'For how long the oldest of these has been tried',
                is_string($since) ? max(0, $now - (int) strtotime("$since UTC")) : 0,
            ],
            'recess_letters_given_up' => [
                'Letters of the last month that never went out',
                self::given(self::KEPT, $now)->count(),
            ],
            'recess_letters_last_sent_seconds' => [
                'Since a letter went out; -1 when none has',
                is_int($last) ? max(0, $now - $last) : -1,
            ],
        ];
    }

    private static function waiting(int $now): Builder
    {
        return DB::table('letters_unsent')
            ->whereNull('given_up_at')
            ->where('since', '<=', Instant::column($now - self::TOLD_AFTER));
    }

    private static function given(int $days, int $now): Builder
    {
        return DB::table('letters_unsent')->where('given_up_at', '>', Instant::column($now - $days * 86_400));
    }

    /** The message that a job is to send; null when it does something else. */
    private static function message(Job $job): ?Message
    {
        $payload = $job->payload();
        if (($payload['data']['commandName'] ?? '') !== SendQueuedMailable::class) {
            return null;
        }
        $command = unserialize($payload['data']['command']);

        return $command instanceof SendQueuedMailable && $command->mailable instanceof Message
            ? $command->mailable
            : null;
    }
}
