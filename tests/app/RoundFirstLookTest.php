<?php

declare(strict_types=1);

namespace Tests\App;

use App\Allotting\BookAllotment;
use App\Allotting\WorkAllotment;
use App\Models\Pass;
use App\Models\Round;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Rounds\RoundHost;
use Illuminate\Testing\TestResponse;

/** Whatever was written last of a round: each page on which it shows is there on the first look, with caches full and empty. */
final class RoundFirstLookTest extends RoundTestCase
{
    private Round $round;

    private Pass $uma;

    /** @param  array<string, mixed>  $body */
    private function writes(
        string $what,
        string $method,
        string $path,
        array $body = [],
        ?StaffMember $by = null,
    ): TestResponse {
        $by === null ? $this->app['auth']->forgetGuards() : $this->actingAs($by->refresh());
        $answer = $this->json($method, $path, $body);
        self::assertTrue($answer->isSuccessful(), "$what: {$answer->status()} {$answer->getContent()}");
        $this->lookAfter($what);

        return $answer;
    }

    private function lookAfter(string $what): void
    {
        [$id, $slug, $pass] = [$this->round->id, $this->round->slug, $this->uma->refresh()->token()];
        $sheets = Sheet::query()
            ->where('round_id', $id)
            ->whereNull('put_away_at')
            ->get(['id', 'slug', 'staff_id']);
        $looks = [
            'nobody' => [
                '/',
                "/r/$slug",
                '/find?about=Spring+round',
                ...$sheets->map(static fn(Sheet $one): string => "/s/$one->slug"),
            ],
            'family' => [
                "/r/$slug?pass=$pass",
                "/api/r/$slug?pass=$pass",
                "/p/$pass",
                "/api/p/$pass",
                "/p/$pass/bookings.ics",
            ],
            'office' => [
                '/staff/sheets',
                '/staff/rounds',
                "/staff/rounds/$id",
                "/api/staff/rounds/$id",
                "/staff/rounds/$id/changes",
                "/staff/rounds/$id/allotment",
                "/api/staff/rounds/$id/allotment",
                '/staff/log',
                '/staff/lists',
            ],
            'teacher' => [
                '/staff/sheets',
                "/staff/desk/{$this->iolo->id}",
                ...$sheets
                    ->where('staff_id', $this->iolo->id)
                    ->map(static fn(Sheet $one): string => "/staff/sheets/$one->id"),
            ],
        ];
        foreach (['with what was at hand before', 'with nothing at hand'] as $with) {
            foreach ($looks as $who => $paths) {
                // What many read is kept at hand; what staff read is asked for each time.
                if ($with === 'with nothing at hand' && in_array($who, ['office', 'teacher'], true)) {
                    continue;
                }
                match ($who) {
                    'office' => $this->actingAs($this->office->refresh()),
                    'teacher' => $this->actingAs($this->iolo->refresh()),
                    default => $this->app['auth']->forgetGuards(),
                };
                foreach ($paths as $path) {
                    $answer = $this->get($path);
                    self::assertLessThan(
                        500,
                        $answer->status(),
                        "$path after “{$what}”, $with: {$answer->exception?->getMessage()}",
                    );
                }
            }
            apcu_clear_cache();
        }
    }

    public function test_every_page_of_a_round_is_there_after_all_that_is_written_of_it(): void
    {
        $this->round = $this->published();
        $this->uma = self::guardian('Uma Fay')->pass();
        $id = $this->round->id;
        $at = "/api/staff/rounds/$id";
        $part = fn(StaffMember $of): int => RoundHost::query()
            ->where('round_id', $id)
            ->where('staff_id', $of->id)
            ->sole()->id;
        $this->lookAfter('published');
        $pick = ['sheet' => $this->slug($this->iolo), 'student' => 'Ada Fay', 'start' => self::EVENING . 'T20:00:00Z'];
        $this->writes('a plan', 'post', "/api/r/{$this->round->slug}/bookings", [
            'pass' => $this->uma->token(),
            'picks' => [$pick],
            'windows' => [self::hours('16:00', '18:00')],
            'request_key' => '6f6b1c9e-6d0e-4a53-9d8a-2f0c6a1b7d10',
        ]);
        $this->writes('reminded', 'post', "$at/reminders", ['word' => 'Until Friday.'], $this->office);
        $new = $this->host('Noor Haas');
        $taken = $this->writes(
            'taken in',
            'post',
            "$at/parts",
            ['staff' => $new->id, ...self::part('Room 31')],
            $this->office,
        );
        $this->writes(
            'a room',
            'put',
            "/api/staff/round-parts/{$taken->json('id')}",
            self::part('Room 32'),
            $this->office,
        );
        $away = ['host' => $part($this->iolo), 'times' => [], 'substitute' => $part($this->wren)];
        $this->actingAs($this->office->refresh());
        $hit = $this->json('post', "$at/away/effect", $away)
            ->assertOk()
            ->json('hits.0');
        $to = array_column($hit['others'], null, 'key')[$hit['best']];
        $choice = ['booking' => $hit['booking'], 'sheet' => $to['sheet'], 'start' => $to['start']];
        $this->writes('away', 'post', "$at/away", $away + ['choices' => [$choice]], $this->office);
        $this->writes('taken back', 'post', "$at/undo", [], $this->office);
        $this->writes(
            'away, given up',
            'post',
            "$at/away",
            ['choices' => [['sheet' => null, 'start' => null] + $choice]] + $away,
            $this->office,
        );
        $this->writes('there after all', 'delete', "$at/away/{$part($this->iolo)}", [], $this->office);
        $this->writes('by video', 'post', "$at/by-video", [], $this->office);
        $this->writes('in its rooms', 'delete', "$at/by-video", [], $this->office);
        $this->writes(
            'another evening',
            'post',
            "$at/evening",
            ['from' => self::EVENING, 'to' => '2026-12-10'],
            $this->office,
        );
        $this->writes('taken out', 'delete', "/api/staff/round-parts/{$taken->json('id')}", [], $this->office);
        $this->writes('a plan given back', 'post', "/api/r/{$this->round->slug}/give-back", [
            'pass' => $this->uma->token(),
        ]);
    }

    public function test_every_page_of_a_round_that_is_allotted_is_there_at_each_step(): void
    {
        $this->round = $this->published(['collects' => true, 'wishes_until' => '2026-11-30T18:00']);
        $this->uma = self::guardian('Uma Fay')->pass();
        $at = "/api/staff/rounds/{$this->round->id}";
        $this->lookAfter('collecting');
        $this->writes(
            'interpreters',
            'put',
            "$at/interpreters",
            [
                'interpreters' => [['staff' => $this->host('Sol Ito')->id, 'language' => 'fr']],
            ],
            $this->office,
        );
        $wishes = [
            'interpreter' => '',
            'about' => [],
            'pass' => $this->uma->token(),
            'picks' => [['sheet' => $this->slug($this->iolo), 'student' => 'Ada Fay']],
            'windows' => [self::hours('16:00', '18:00')],
        ];
        $this->writes('wishes', 'put', "/api/r/{$this->round->slug}/wishes", $wishes);
        $this->writes('wishes taken back', 'delete', "/api/r/{$this->round->slug}/wishes", [
            'pass' => $this->uma->token(),
        ]);
        $this->writes('wishes again', 'put', "/api/r/{$this->round->slug}/wishes", $wishes);
        $this->writes('no more wishes', 'put', "$at/wishes-until", [], $this->office);
        $found = (int) $this->writes('being found', 'post', "$at/allotment", ['seed' => 1], $this->office)->json('id');
        app()->call([new WorkAllotment($found), 'handle']);
        $this->lookAfter('found');
        $this->writes(
            'pinned',
            'put',
            "/api/staff/allotments/$found/pins",
            [
                'rows' => \App\Allotting\Allotted::query()->pluck('id')->all(),
                'pinned' => true,
            ],
            $this->office,
        );
        $this->writes('being booked', 'post', "/api/staff/allotments/$found/publish", [], $this->office);
        app()->call([new BookAllotment($found), 'handle']);
        $this->lookAfter('booked');
    }
}
