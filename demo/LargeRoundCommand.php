<?php

declare(strict_types=1);

namespace Demo;

use App\Allotting\Allotment;
use App\Allotting\BeginAllotment;
use App\Allotting\BookAllotment;
use App\Allotting\PublishAllotment;
use App\Allotting\SetWishesUntil;
use App\Allotting\WorkAllotment;
use App\Framework\Clock;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\School;
use App\Models\StaffMember;
use App\Plans\Shortlist;
use App\Publishing\PublishSheet;
use App\Publishing\WriteSheet;
use App\Rounds\PublishRound;
use App\Rounds\RoundHost;
use App\Rounds\RoundStatement;
use App\Rounds\WriteRound;
use App\School\UsualQuestions;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\Ending;
use Recess\Repeat\OnDates;
use Recess\Repeat\Weekly;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalTime;
use Recess\Time\Weekday;

/** For bin/recess bench publish: a round of sixty teachers whose wishes are in; then found, then booked. */
final class LargeRoundCommand extends Command
{
    private const WISHES = 4;

    protected $signature = 'recess:large-round {what : make, find or book} {--hosts=60} {--families=600}';

    protected $description = 'The round that bench publish measures';

    protected $hidden = true;

    public function handle(): int
    {
        if (config('recess.bench') !== true) {
            $this->error('The large round is for what is measured alone.');

            return self::FAILURE;
        }
        $begun = hrtime(true);
        $said = match ($this->argument('what')) {
            'make' => $this->make(),
            'find' => $this->find(),
            default => $this->bookAll(),
        };
        $this->line(
            json_encode(
                $said + [
                    'seconds' => round((hrtime(true) - $begun) / 1e9, 2),
                    'megabytes' => memory_get_peak_usage() >> 20,
                ],
                JSON_THROW_ON_ERROR,
            ),
        );

        return self::SUCCESS;
    }

    /** @return array<string, mixed> */
    private function make(): array
    {
        $now = Clock::now();
        $school = School::query()->firstOrFail();
        $zone = $school->timeZone();
        $today = $zone->dateAt($now);
        $hosts = [];
        for ($i = 0; $i <= (int) $this->option('hosts'); $i++) {
            $hosts[] = StaffMember::query()->create([
                'school_id' => $school->id,
                'name' => "Teacher $i",
                'subject' => '',
                'email' => "host$i@large.example",
                'password' => 'x',
                'came_at' => now(),
            ]);
        }
        // Somebody whose sheet has nothing to do with it.
        $other = array_pop($hosts);
        assert($other !== null);
        $weekly = Block::of(
            Weekly::on(
                [Weekday::Monday, Weekday::Tuesday, Weekday::Wednesday, Weekday::Thursday],
                $today,
                Ending::until($today->plusDays(50)),
            ),
            Hours::between(LocalTime::of(8), LocalTime::of(18)),
            Cut::of(5),
        );
        $elsewhere = app(PublishSheet::class)(
            app(WriteSheet::class)(
                $other->refresh(),
                new SheetStatement(
                    title: 'Elsewhere',
                    intro: '',
                    blocks: [$weekly],
                    places: [new PlaceStatement(PlaceKind::Phone, 'By phone')],
                    questions: UsualQuestions::all(),
                    rules: Stated::of(),
                ),
                $now,
            ),
            $now,
        );
        $first = SchoolDay::from($school, $today->plusDays(67 - $today->weekday()->value), step: 7, with: [2]);
        $round = app(WriteRound::class)(
            $school,
            new RoundStatement(
                'Large round',
                '',
                [
                    Block::of(
                        OnDates::of($first, $first->plusDays(2)),
                        Hours::between(LocalTime::of(16), LocalTime::of(19)),
                        Cut::of(10),
                    ),
                ],
                Stated::of(['lead_minutes' => 0]),
                UsualQuestions::all(),
                families: false,
                classes: [],
                staff: array_map(static fn(StaffMember $one): int => $one->id, $hosts),
                wishesUntil: $now + 86_400,
            ),
        );
        foreach (RoundHost::of($round) as $i => $host) {
            $host->update(['label' => "Room $i"]);
        }
        $round = app(PublishRound::class)($round, $now);
        $this->wish(
            $round,
            $first->plusDays(2)->day - $first->day,
            [(string) $first, (string) $first->plusDays(2)],
            $now,
        );

        return ['sheet' => $elsewhere->slug, 'round' => $round->slug];
    }

    /** @param  list<string>  $dates */
    private function wish(Round $round, int $apart, array $dates, int $now): void
    {
        $chance = new Randomizer(new Mt19937($apart));
        $slugs = array_keys($round->openSheets());
        assert($slugs !== []);
        for ($f = 0; $f < (int) $this->option('families'); $f++) {
            $pass = Pass::query()->create([
                'name' => "Family $f",
                'email' => "family$f@large.example",
                'phone' => '+1 902 555 0100',
                'confirmed_at' => now(),
            ]);
            $picks = array_map(
                static fn(int $key): array => ['sheet' => $slugs[$key], 'student' => "Child $f"],
                $chance->pickArrayKeys($slugs, self::WISHES),
            );
            $windows = array_map(
                static fn(string $date): array => ['date' => $date, 'from' => '16:00', 'until' => '19:00'],
                $f % 3 === 0 ? [$dates[$f % 2]] : $dates,
            );
            $asked = [
                'picks' => $chance->shuffleArray($picks),
                'windows' => $windows,
                'walk' => 5,
                'breather' => 0,
                'prefer' => 'evenings',
            ];
            Shortlist::query()->create([
                'round_id' => $round->id,
                'pass_id' => $pass->id,
                'asked' => $asked,
                'wished' => $asked,
                'wished_at' => Instant::column($now),
            ]);
        }
        app(SetWishesUntil::class)($round, $now, $now);
    }

    /** @return array<string, mixed> */
    private function find(): array
    {
        $allotment = app(BeginAllotment::class)(
            Round::query()->where('title', 'Large round')->firstOrFail(),
            1,
            Clock::now(),
        );
        DB::table('jobs')->where('queue', 'rounds')->delete();
        app()->call([new WorkAllotment($allotment->id), 'handle']);
        $allotment->refresh();

        return ['wishes' => $allotment->wishes, 'granted' => $allotment->granted, 'bound' => $allotment->bound];
    }

    /** @return array<string, mixed> */
    private function bookAll(): array
    {
        $allotment = Allotment::query()->orderByDesc('id')->firstOrFail();
        app(PublishAllotment::class)($allotment, Clock::now());
        DB::table('jobs')->where('queue', 'rounds')->delete();
        app()->call([new BookAllotment($allotment->id), 'handle']);

        return [
            'bookings' => $allotment->rows()->whereNotNull('booking_id')->count(),
            'families' => $allotment->refresh()->booked,
        ];
    }
}
