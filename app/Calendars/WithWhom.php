<?php

declare(strict_types=1);

namespace App\Calendars;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\HostRole;
use App\Models\Sheet;

/** Who is at a sheet's meetings besides its host: of some one is enough, others have to be there too. */
final class WithWhom
{
    /** After the name of its host: "or Dalia Haddad, and with Callum Innes"; empty where it is they alone. */
    public static function also(Sheet $sheet): string
    {
        [$any, $must] = [$sheet->named(HostRole::Any), $sheet->named(HostRole::Must)];

        return $any === [] && $must === []
            ? ''
            : Words::say('booking.also_with', [
                'kind' => $must === [] ? 'any' : ($any === [] ? 'must' : 'both'),
                'any' => Spell::either($any),
                'must' => Spell::list($must),
            ]);
    }
}
