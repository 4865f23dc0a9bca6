<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Recess\Repeat\OnDates;
use Recess\Slots\Block as CoreBlock;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/**
 * A block as it is kept; the core's Block does the work.
 *
 * @property array{on: non-empty-list<string>} $pattern dates as YYYY-MM-DD
 * @property int $from_minute of the day
 * @property int $lasts_minutes on the clock
 * @property int $slot_minutes
 * @property int $gap_minutes
 */
final class Block extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pattern' => 'array'];
    }

    /** @return array<string, mixed> the columns that keep this block */
    public static function columnsOf(OnDates $pattern, Hours $hours, Cut $cut): array
    {
        return [
            'pattern' => ['on' => array_map(strval(...), $pattern->dates)],
            'from_minute' => $hours->from->minute,
            'lasts_minutes' => $hours->minutes,
            'slot_minutes' => $cut->minutes,
            'gap_minutes' => $cut->gap,
        ];
    }

    public function toCore(): CoreBlock
    {
        return CoreBlock::of(
            OnDates::of(...array_map(LocalDate::parse(...), $this->pattern['on'])),
            Hours::lasting(LocalTime::ofMinute($this->from_minute), $this->lasts_minutes),
            Cut::of($this->slot_minutes, $this->gap_minutes),
        );
    }
}
