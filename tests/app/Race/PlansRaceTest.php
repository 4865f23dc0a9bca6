<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Models\PlaceKind;
use App\Models\StaffMember;
use App\Rounds\PublishRound;
use App\Rounds\RoundHost;
use App\Rounds\RoundStatement;
use App\Rounds\WriteRound;
use App\School\UsualQuestions;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/** Many families keep plans of three meetings at three teachers at once, over HTTP, and some single times go beside. */
final class PlansRaceTest extends RaceTestCase
{
    private const AT_ONCE = 10;

    private const ROUNDS = 6;

    private const TIMES = 24;

    public function test_a_family_has_its_whole_plan_or_nothing_of_it(): void
    {
        $run = bin2hex(random_bytes(4));
        $hosts = array_map(fn(string $name): StaffMember => $this->host("$name $run"), ['Ada', 'Ben', 'Cy']);
        $date = CarbonImmutable::now()->addDays(30)->format('Y-m-d');
        $round = app(WriteRound::class)(
            $hosts[0]->school,
            new RoundStatement(
                "Race $run",
                '',
                [
                    Block::of(
                        OnDates::of(LocalDate::parse($date)),
                        Hours::between(LocalTime::of(12), LocalTime::of(16)),
                        Cut::of(10),
                    ),
                ],
                Stated::of(),
                UsualQuestions::all(),
                families: false,
                classes: [],
                staff: array_map(static fn(StaffMember $one): int => $one->id, $hosts),
            ),
        );
        // Nobody walks: each at a phone of their own.
        RoundHost::query()
            ->where('round_id', $round->id)
            ->update(['kind' => PlaceKind::Phone, 'label' => 'By phone']);
        $round = app(PublishRound::class)($round, CarbonImmutable::now()->getTimestamp());
        $slugs = $round->sheets()->orderBy('id')->pluck('slug')->all();
        $first = $hosts[0]->school->timeZone()->instant(LocalDate::parse($date), 720);
        $chance = new Randomizer(new Mt19937((int) hexdec(substr($run, 0, 6))));
        $statuses = [];
        foreach (range(1, self::ROUNDS) as $turn) {
            $answers = Http::pool(
                fn(Pool $pool): array => array_map(function (int $number) use (
                    $pool,
                    $chance,
                    $slugs,
                    $first,
                    $round,
                    $run,
                    $turn,
                ) {
                    $times = array_slice($chance->shuffleArray(range(0, self::TIMES - 1)), 0, 3);

                    return $pool
                        ->acceptJson()
                        ->timeout(60)
                        ->post("$this->address/api/r/$round->slug/bookings", [
                            'picks' => array_map(
                                static fn(string $slug, int $time): array => [
                                    'sheet' => $slug,
                                    'student' => "Child $turn.$number",
                                    'start' => gmdate('Y-m-d\TH:i:s\Z', $first + 600 * $time),
                                ],
                                $chance->shuffleArray($slugs),
                                $times,
                            ),
                            'windows' => [],
                            'name' => "Family $number",
                            'email' => "family$turn.$number@$run.example",
                            'phone' => '902 555 0100',
                            'request_key' => Str::uuid()->toString(),
                        ]);
                }, range(1, self::AT_ONCE)),
            );
            array_push(
                $statuses,
                ...array_map(
                    static fn(mixed $answer): int => $answer instanceof Response ? $answer->status() : 0,
                    array_values($answers),
                ),
            );
        }
        self::assertSame([], array_diff($statuses, [201, 409]), 'all of it, or nothing');
        $kept = count(array_keys($statuses, 201, true));
        self::assertGreaterThan(4, $kept);
        self::assertGreaterThan(4, count($statuses) - $kept, 'some were beaten');
        $each = DB::table('bookings')
            ->join('passes', 'passes.id', '=', 'bookings.pass_id')
            ->where('passes.email', 'like', "%@$run.example")
            ->groupBy('passes.id')
            ->selectRaw('COUNT(*) AS n')
            ->pluck('n')
            ->all();
        self::assertSame(array_fill(0, $kept, 3), array_map(intval(...), $each));
        self::assertSame(
            $kept,
            DB::table('passes')
                ->where('email', 'like', "%@$run.example")
                ->count(),
            'of those who were beaten nothing is left',
        );
        self::assertSame(0, $this->overlaps());
    }
}
