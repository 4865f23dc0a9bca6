<?php

declare(strict_types=1);

namespace App\Day;

use App\Line\DayOf;
use App\Models\HostRole;
use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Whose desks somebody looks after on a day: their own, those of hosts with whom they have to be, of whom they stand in for. */
final class Desks
{
    /** @return list<array{id: int, name: string}> the others than the one that is shown */
    public static function besides(StaffMember $reader, StaffMember $shown, DayOf $day): array
    {
        $meetings = $day->meetings()->where(
            static fn(Builder $one) => $one
                ->where('staff_id', $reader->id)
                ->orWhereIn('staff_id', $reader->standsInFor())
                ->orWhereIn(
                    'sheet_id',
                    DB::table('sheet_hosts')
                        ->where('staff_id', $reader->id)
                        ->where('role', HostRole::Must->value)
                        ->select('sheet_id'),
                ),
        );
        $hosts = StaffMember::query()
            ->whereKey($meetings->distinct()->pluck('staff_id')->all())
            ->whereKeyNot($shown->id)
            ->orderBy('name')
            ->get();

        return array_values(
            $hosts->map(static fn(StaffMember $one): array => ['id' => $one->id, 'name' => $one->name])->all(),
        );
    }

    /** The desk with which the day begins: one's own, or that of whom one has to be with; null on a day without meetings. */
    public static function first(StaffMember $reader, DayOf $day): ?StaffMember
    {
        $own = $day->meetings()->where('staff_id', $reader->id)->exists();
        $others = $own ? [] : self::besides($reader, $reader, $day);

        return $own ? $reader : ($others === [] ? null : StaffMember::query()->find($others[0]['id']));
    }
}
