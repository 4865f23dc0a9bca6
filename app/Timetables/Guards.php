<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Guard;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

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
        Guard::raise(...[self::ofSheet($sheet->id), ...self::ofHosts([$sheet])]);
    }

    /** For a booking: the sheet, whoever books, whom it is about, the hosts, and who may have to interpret. */
    public static function booking(Sheet $sheet, string $email, string $student, ?string $language = null): void
    {
        self::meetings([$sheet], [[$email, $student]], Interpreters::at($sheet, $language));
    }

    /**
     * For several bookings of one family at once.
     *
     * @param  list<Sheet>  $sheets
     * @param  list<string>  $students
     * @param  string|null  $language  for which they need somebody to interpret
     */
    public static function bookings(array $sheets, string $email, array $students, ?string $language = null): void
    {
        $interpreters = array_merge(
            [],
            ...array_map(static fn(Sheet $one): array => Interpreters::at($one, $language), $sheets),
        );
        self::meetings(
            $sheets,
            array_map(static fn(string $student): array => [$email, $student], $students),
            $interpreters,
        );
    }

    /**
     * For meetings of several families at once.
     *
     * @param  list<Sheet>  $sheets
     * @param  array<array{string, string}>  $people  address and student of each
     * @param  list<int>  $staff  whose time it may take too, besides the hosts'
     */
    public static function meetings(array $sheets, array $people, array $staff = []): void
    {
        $ids = array_values(array_unique(array_map(static fn(Sheet $one): int => $one->id, $sheets)));
        sort($ids);
        Guard::raise(
            ...[...array_map(self::ofSheet(...), $ids), ...self::ofPeople($people), ...self::ofHosts($sheets, $staff)],
        );
    }

    /** For all that is booked under one address. */
    public static function visitor(string $email): void
    {
        Guard::raise(...self::ofPeople([[$email, '']]));
    }

    /** For an edit: nobody books on the sheet meanwhile, and then nobody decides for those who have. */
    public static function edit(Sheet $sheet): void
    {
        Guard::raise(...[self::ofSheet($sheet->id)]);
        $people = DB::table('bookings')
            ->join('passes', 'passes.id', '=', 'bookings.pass_id')
            ->where('bookings.sheet_id', $sheet->id)
            ->whereNotNull('bookings.hold_id')
            ->get(['passes.email', 'bookings.student']);
        Guard::raise(
            ...[
                ...self::ofPeople(
                    $people->map(static fn(\stdClass $one): array => [(string) $one->email, $one->student])->all(),
                ),
                ...self::ofHosts([$sheet]),
            ],
        );
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
            $names[] = $student === '' ? '' : 'student|' . NameKey::of($student);
        }
        $names = array_values(array_unique(array_filter($names)));
        sort($names);

        return $names;
    }

    /**
     * @param  list<Sheet>  $sheets
     * @param  list<int>  $more
     * @return list<string>
     */
    private static function ofHosts(array $sheets, array $more = []): array
    {
        $hosts = array_unique(
            array_merge($more, ...array_map(static fn(Sheet $one): array => $one->toCore()->hosts->all(), $sheets)),
        );
        sort($hosts);

        return array_map(static fn(int $host): string => "host|$host", $hosts);
    }
}
