<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Http\Data\RulerData;
use App\Http\Requests\WhenRequest;
use App\Wording\Spell;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Recess\Rules\Past;
use Recess\Rules\Rules;
use Recess\Rules\Situation;
use Recess\Slots\Block;
use Recess\Timetable;

/** Draws what a worksheet would make, before it is saved. */
final class RulerController
{
    public function __invoke(WhenRequest $request): JsonResponse
    {
        $now = CarbonImmutable::now()->getTimestamp();
        $zone = $request->writer()->school->timeZone();
        $block = Block::of($request->pattern(), $request->hours(), $request->cut());
        $date = $request->pattern()->dates[0];

        $timetable = Timetable::of($zone, [$block], Rules::of(new Past));
        $pieces = $timetable->pieces($date, $date->plusDays(1));
        $offers = $timetable->offers($date, $date->plusDays(1), Situation::untouched($now));
        $leftOver = array_sum(array_map(static fn ($stretch): int => intdiv($stretch->leftOver, 60), $pieces));

        return new JsonResponse([
            'days' => RulerData::days($zone, $pieces, $offers, $now),
            'slots' => count($offers),
            'left_over' => $leftOver,
            'sentence' => Spell::count(count($offers), 'meeting').' on '.Spell::date($date).'; '
                .($leftOver === 0 ? 'nothing left over.' : Spell::count($leftOver, 'minute').' left over.'),
        ]);
    }
}
