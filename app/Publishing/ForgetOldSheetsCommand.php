<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Models\Booking;
use App\Models\Hold;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\Waiting;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\Query\Builder;

/**
 * Removes sheets that were put away once the time of what people wrote there is over: so many days after both, the last
 * meeting and the putting away (config/recess.php, keep_days). Passes with nothing on them any more go along.
 */
final class ForgetOldSheetsCommand extends Command
{
    /** At once; the rest goes the next day. */
    private const MOST = 200;

    protected $signature = 'recess:forget';

    protected $description = 'Remove sheets that were put away and whose time is over, with their bookings';

    public function handle(): int
    {
        $days = config('recess.keep_days');
        $before = CarbonImmutable::now()->subDays(is_int($days) ? $days : 730);
        $old = Sheet::query()
            ->where('put_away_at', '<', $before)
            ->whereDoesntHave('bookings', static fn($booking) => $booking->where('ends_at', '>=', $before))
            ->limit(self::MOST)
            ->get();
        foreach ($old as $sheet) {
            Contended::transaction(static fn() => self::remove($sheet));
        }

        return self::SUCCESS;
    }

    private static function remove(Sheet $sheet): void
    {
        $passes = Booking::query()
            ->where('sheet_id', $sheet->id)
            ->pluck('pass_id')
            ->merge(Waiting::query()->where('sheet_id', $sheet->id)->pluck('pass_id'))
            ->unique();
        Booking::query()->where('sheet_id', $sheet->id)->delete();
        Waiting::query()->where('sheet_id', $sheet->id)->delete();
        Hold::query()->where('sheet_id', $sheet->id)->whereNotNull('with_hold_id')->delete();
        Hold::query()->where('sheet_id', $sheet->id)->delete();
        $sheet->delete();
        $empty = static fn(string $table): \Closure => static fn(Builder $other) => $other
            ->from($table)
            ->whereColumn("$table.pass_id", 'passes.id');
        Pass::query()
            ->whereKey($passes->all())
            ->whereNull('guardian_id')
            ->whereNull('staff_id')
            ->whereNotExists($empty('bookings'))
            ->whereNotExists($empty('waiting'))
            ->whereNotExists($empty('guests'))
            ->delete();
    }
}
