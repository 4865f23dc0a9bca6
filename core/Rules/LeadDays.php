<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Sheet;
use Recess\Time\Dates;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\World;

/** Booking ends at a clock time some days before: "until 08:00 the day before", "two working days before, by noon". */
final readonly class LeadDays implements Declared, Ends, Rule
{
    /**
     * @param  int  $days  before the meeting; 0 is the day itself
     * @param  LocalTime  $by  the clock time that is the last moment
     * @param  WorkingDays|null  $workingDays  which days count; null for all
     */
    public function __construct(
        private Zone $zone,
        private int $days,
        private LocalTime $by,
        private ?WorkingDays $workingDays = null,
    ) {}

    public function against(Span $slot, World $world): ?Reason
    {
        return $world->now > $this->lastInstant($slot) ? new Reason(Because::TooSoon, State::TooSoon) : null;
    }

    public function lastInstant(Span $slot): int
    {
        $date = $this->zone->dateAt($slot->start);
        for ($left = $this->days; $left > 0; ) {
            $date = $date->plusDays(-1);
            $left -= $this->workingDays !== null && !$this->workingDays->isWorkingDay($date) ? 0 : 1;
        }

        return $this->zone->instant($date, $this->by->minute);
    }

    public static function terms(): array
    {
        return [Term::whole('lead_days', 0, 60)->orNone(), Term::clock('lead_by', '08:00'), Term::yes('lead_working')];
    }

    public static function of(Stated $stated, Sheet $sheet): Rule|Standing|null
    {
        $days = $stated->wholeOrNone('lead_days');
        $working = $stated->yes('lead_working') ? new WorkingDays($sheet->closedDays ?? Dates::none()) : null;

        return $days === null
            ? null
            : new self($sheet->zone, $days, LocalTime::parse($stated->text('lead_by')), $working);
    }
}
