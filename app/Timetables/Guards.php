<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Booking;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;

/**
 * Whoever decides something for a sheet, a visitor, a student or a host raises the counter in their guard row first.
 *
 * A row that is written is a lock that all servers of a cluster know of: two who decide for the same one wait for each
 * other, or one of them fails at its commit and is tried again. All take them in one order (sheet, people, hosts), at
 * the beginning of a transaction. See docs/decisions/0012-guards.md.
 */
final class Guards
{
    /** For whatever is decided about a sheet and its hosts' time. */
    public static function sheet(Sheet $sheet): void
    {
        self::raise([self::ofSheet($sheet->id), ...self::ofHosts($sheet)]);
    }

    /** For a booking: the sheet, whoever books, whom it is about, and the hosts. */
    public static function booking(Sheet $sheet, string $email, string $student): void
    {
        self::bookings([$sheet], $email, [$student]);
    }

    /**
     * For several bookings of one family at once.
     *
     * @param  list<Sheet>  $sheets
     * @param  list<string>  $students
     */
    public static function bookings(array $sheets, string $email, array $students): void
    {
        self::meetings($sheets, array_map(static fn (string $student): array => [$email, $student], $students));
    }

    /**
     * For meetings of several families at once.
     *
     * @param  list<Sheet>  $sheets
     * @param  array<array{string, string}>  $people  address and student of each
     */
    public static function meetings(array $sheets, array $people): void
    {
        $ids = array_values(array_unique(array_map(static fn (Sheet $one): int => $one->id, $sheets)));
        sort($ids);
        self::raise([...array_map(self::ofSheet(...), $ids), ...self::ofPeople($people), ...self::ofHosts(...$sheets)]);
    }

    /** For an edit: nobody books on the sheet meanwhile, and then nobody decides for those who have. */
    public static function edit(Sheet $sheet): void
    {
        self::raise([self::ofSheet($sheet->id)]);
        $people = DB::table('bookings')->join('passes', 'passes.id', '=', 'bookings.pass_id')->where('bookings.sheet_id', $sheet->id)->whereNotNull('bookings.hold_id')
            ->get(['passes.email', 'bookings.student']);
        self::raise([...self::ofPeople($people->map(static fn (\stdClass $one): array => [(string) $one->email, $one->student])->all()), ...self::ofHosts($sheet)]);
    }

    private static function ofSheet(int $sheet): string
    {
        return "sheet|$sheet";
    }

    /**
     * @param  array<array{string, string}>  $people  address and student of each booking
     * @return list<string>
     */
    private static function ofPeople(array $people): array
    {
        $names = [];
        foreach ($people as [$email, $student]) {
            $names[] = $email === '' ? '' : "visitor|$email";
            $names[] = $student === '' ? '' : 'student|'.Booking::studentKey($student);
        }
        $names = array_values(array_unique(array_filter($names)));
        sort($names);

        return $names;
    }

    /** @return list<string> */
    private static function ofHosts(Sheet ...$sheets): array
    {
        $hosts = array_unique(array_merge([], ...array_map(static fn (Sheet $one): array => $one->toCore()->hosts->all(), array_values($sheets))));
        sort($hosts);

        return array_map(static fn (int $host): string => "host|$host", $hosts);
    }

    /** @param  list<string>  $names  in order */
    private static function raise(array $names): void
    {
        foreach (array_chunk($names, 500) as $some) {
            DB::insert(
                'INSERT INTO guards (digest, raised) VALUES '.implode(', ', array_fill(0, count($some), '(?, 1)')).' ON DUPLICATE KEY UPDATE raised = raised + 1',
                array_map(static fn (string $name): string => hash('sha256', $name), $some),
            );
        }
    }
}
