<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Round;
use App\Models\School;
use App\Models\StaffMember;
use App\Rounds\PublishRound;
use App\Rounds\RoundHost;
use App\Rounds\RoundStatement;
use App\Rounds\WriteRound;
use App\School\UsualQuestions;
use Recess\Repeat\OnDates;
use Recess\Rules\Stated;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Slots\Stretches;
use Recess\Time\Hours;
use Recess\Time\LocalTime;

/** The demo's round: all of its teachers, on two evenings in three weeks' time. */
final class DemoRound
{
    public const TITLE = 'Meet all your teachers';

    public function __construct(private readonly WriteRound $write, private readonly PublishRound $publish) {}

    public function fill(School $school, int $now): void
    {
        $today = $school->timeZone()->dateAt($now);
        // A Tuesday, and the Thursday after it.
        $first = SchoolDay::from($school, $today->plusDays(23 - $today->weekday()->value), step: 7, with: [2]);
        $last = Round::query()
            ->where('school_id', $school->id)
            ->where('title', self::TITLE)
            ->orderByDesc('id')
            ->first();
        if ($last !== null && !$last->coreBlocks()[0]->pattern->first()->isBefore($today)) {
            return;
        }
        $teachers = StaffMember::query()
            ->where('school_id', $school->id)
            ->whereIn('email', array_column(DemoPeople::STAFF, 2))
            ->orderBy('id')
            ->get();
        $hours = Stretches::of(
            Hours::between(LocalTime::of(15, 30), LocalTime::of(17)),
            Hours::between(LocalTime::of(17, 30), LocalTime::of(19)),
        );
        $round = ($this->write)(
            $school,
            new RoundStatement(
                self::TITLE,
                'Tick whom you want to meet. The plan fits it together, with time for the stairs.',
                [Block::of(OnDates::of($first, $first->plusDays(2)), $hours, Cut::of(10))],
                Stated::of(['per_student' => 1, 'guests' => 2, 'lead_minutes' => 120]),
                UsualQuestions::all(),
                families: true,
                classes: [],
                staff: array_values(array_map(intval(...), $teachers->modelKeys())),
            ),
        );
        foreach (RoundHost::of($round) as $i => $host) {
            $host->hasPlace() || $host->update(['label' => 'Hall, table ' . ($i + 1)]);
        }
        ($this->publish)($round, $now);
    }
}
