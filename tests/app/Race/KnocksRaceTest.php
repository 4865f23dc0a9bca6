<?php

declare(strict_types=1);

namespace Tests\App\Race;

use App\Knocks\KnockTerms;
use App\Models\Questions;
use App\Models\StaffMember;
use App\School\SavedPlace;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Recess\Common\AskedHours;

/** Many ask two hosts for times that lie across one another, one of them or both together, all at once over HTTP. */
final class KnocksRaceTest extends RaceTestCase
{
    private const AT_ONCE = 10;

    private const ROUNDS = 8;

    public function test_nobody_is_kept_twice_and_whoever_is_told_that_they_are_asked_has_every_time_kept(): void
    {
        $run = bin2hex(random_bytes(4));
        $hosts = array_map(fn(string $name): StaffMember => $this->asked("$name $run"), ['Ada', 'Ben']);
        $day = CarbonImmutable::now()->addDays(20)->startOfDay()->timestamp;
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937((int) hexdec(substr($run, 0, 6))));
        $statuses = [];
        foreach (range(1, self::ROUNDS) as $round) {
            $answers = Http::pool(
                fn(Pool $pool): array => array_map(function (int $number) use (
                    $pool,
                    $hosts,
                    $chance,
                    $day,
                    $run,
                    $round,
                ) {
                    [$one, $other] = $chance->shuffleArray($hosts);
                    // From noon to six in UTC, within the hours of both.
                    $starts = array_map(static fn(): int => $day + 43_200 + 900 * $chance->getInt(0, 23), range(1, 2));

                    return $pool
                        ->acceptJson()
                        ->timeout(30)
                        ->post("$this->address/api/d/$one->slug/knocks", [
                            'title' => "Race $number",
                            'place' => KnockTerms::of($one)->place_ids[0],
                            'name' => "Knocks $number",
                            'email' => "knocks$round.$number@$run.example",
                            'answers' => [],
                            'with' => $number % 3 === 0 ? [$other->slug] : [],
                            'request_key' => Str::uuid()->toString(),
                            'choices' => array_map(
                                static fn(int $start): array => [
                                    'start' => gmdate('Y-m-d\TH:i:s\Z', $start),
                                    'minutes' => [15, 30][$chance->getInt(0, 1)],
                                ],
                                abs($starts[0] - $starts[1]) < 1800 ? [$starts[0]] : $starts,
                            ),
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
        self::assertSame([], array_diff($statuses, [201, 409]), 'asked, or gone');
        $asked = count(array_keys($statuses, 201, true));
        self::assertGreaterThan(5, $asked);
        $these = DB::table('knocks')
            ->whereIn('staff_id', [$hosts[0]->id, $hosts[1]->id])
            ->pluck('id')
            ->all();
        self::assertCount($asked, $these);
        self::assertSame(0, $this->overlaps());
        // Each choice is held for each host of its knock, under its key.
        $in = implode(', ', $these);
        self::assertSame(
            [],
            DB::select("SELECT knock_choices.id FROM knock_choices JOIN knocks ON knocks.id = knock_choices.knock_id JOIN knock_hosts ON knock_hosts.knock_id = knocks.id
            LEFT JOIN holds ON holds.sheet_id = knocks.sheet_id AND holds.staff_id = knock_hosts.staff_id AND holds.starts_at = knock_choices.starts_at AND holds.ends_at = knock_choices.ends_at
            LEFT JOIN seats ON seats.hold_id = COALESCE(holds.with_hold_id, holds.id) AND seats.keeper = knocks.keeper WHERE knocks.id IN ($in) AND seats.hold_id IS NULL"),
        );
        self::assertSame(
            0,
            DB::table('sheets')
                ->where('kind', 'knock')
                ->whereIn('staff_id', [$hosts[0]->id, $hosts[1]->id])
                ->whereNotIn('id', DB::table('knocks')->whereNotNull('sheet_id')->select('sheet_id'))
                ->count(),
            'what was refused left nothing',
        );
    }

    private function asked(string $name): StaffMember
    {
        $host = $this->host($name);
        $place = SavedPlace::query()->create([
            'school_id' => $host->school_id,
            'staff_id' => $host->id,
            'kind' => 'phone',
            'label' => 'By phone',
        ]);
        KnockTerms::query()->create([
            'staff_id' => $host->id,
            'allowed' => true,
            'hours' => AskedHours::of(array_fill_keys(range(1, 7), AskedHours::typed('7-20')))->record(),
            'lead_hours' => 1,
            'ahead_days' => 40,
            'lengths' => [15, 30],
            'place_ids' => [$place->id],
            'most_open' => 50,
            'kept_hours' => 24,
            'audience' => 'anyone',
            'questions' => new Questions(),
            'intro' => '',
        ]);

        return $host;
    }
}
