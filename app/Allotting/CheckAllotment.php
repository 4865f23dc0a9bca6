<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Models\Instant;
use Illuminate\Support\Facades\DB;

/**
 * Checks against the database what an allotment gives, before anybody is told that it is so: each family's times are
 * booked as they would be, and given back at once; and nobody is given away twice. What cannot be had is taken out, with
 * its reason.
 */
final class CheckAllotment
{
    /** Families between two words that somebody is at it. */
    private const WORD = 20;

    public function __construct(private readonly BookFamily $book) {}

    /** @return int how many could not be had */
    public function __invoke(Allotment $allotment): int
    {
        $gone = $this->twice($allotment);
        $passes = $allotment->rows()->whereNotNull('starts_at')->distinct()->reorder('pass_id')->pluck('pass_id');
        foreach ($passes as $n => $pass) {
            foreach ($this->book->refused($allotment, (int) $pass, Clock::now()) as $row => $why) {
                $gone[$row] = $why;
            }
            if ($n % self::WORD === 0) {
                DB::table('allotments')
                    ->where('id', $allotment->id)
                    ->update(['heard_at' => Instant::column(Clock::now())]);
            }
        }
        foreach ($gone as $row => $why) {
            Allotted::query()
                ->whereKey($row)
                ->update(['starts_at' => null, 'ends_at' => null, 'why' => $why]);
        }

        return count($gone);
    }

    /** @return array<int, NotGranted> by row: of two meetings of one host at once the one that is wanted less */
    private function twice(Allotment $allotment): array
    {
        $rows = DB::select(
            'SELECT b.id FROM allotted a JOIN allotted b ON b.allotment_id = a.allotment_id' .
                ' AND a.starts_at < b.ends_at AND b.starts_at < a.ends_at' .
                ' AND (a.asked, b.`rank`, b.id) > (b.asked, a.`rank`, a.id)' .
                ' JOIN sheets ON sheets.id = a.sheet_id' .
                ' JOIN sheets theirs ON theirs.id = b.sheet_id AND theirs.staff_id = sheets.staff_id' .
                ' WHERE a.allotment_id = ?',
            [$allotment->id],
        );

        return array_fill_keys(
            array_map(static fn(\stdClass $row): int => (int) $row->id, $rows),
            NotGranted::TimeGone,
        );
    }
}
