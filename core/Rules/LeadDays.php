<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Zone;

/** Booking ends at a clock time some days before: "until 08:00 the day before", "two working days before, by noon". */
final readonly class LeadDays implements Rule
{
    /**
     * @param  int  $days  before the meeting; 0 is the day itself
     * @param  LocalTime  $by  the clock time that is the last moment
     * @param  WorkingDays|null  $workingDays  which days count; null for all
     */
    public function __construct(private Zone $zone, private int $days, private LocalTime $by, private ?WorkingDays $workingDays = null)
    {
    }

    public function against(Span $slot, Situation $situation): ?Reason
    {
        $date = $this->zone->dateAt($slot->start);
        for ($left = $this->days; $left > 0;) {
            $date = $date->plusDays(-1);
            $left -= $this->workingDays !== null && ! $this->workingDays->isWorkingDay($date) ? 0 : 1;
        }

        return $situation->now > $this->zone->instant($date, $this->by->minute) ? new Reason(Because::TooSoon, State::TooSoon) : null;
    }
}
