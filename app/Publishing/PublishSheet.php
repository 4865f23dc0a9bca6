<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Contended;
use App\Models\Sheet;
use App\Timetables\Asking;
use App\Timetables\Judge;

/** Opens a sheet to everybody who has its link. */
final class PublishSheet
{
    public function __construct(private readonly OpenSheet $open) {}

    /**
     * @param  int  $now  seconds since the epoch
     *
     * @throws NothingToBook when no slot can be had, now or later
     */
    public function __invoke(Sheet $sheet, int $now): Sheet
    {
        if (
            Judge::firstFree($sheet, $now, Asking::host()) === null &&
            Judge::toCome($sheet, $now, Asking::host())?->opensAt() === null
        ) {
            throw new NothingToBook();
        }

        return Contended::transaction(function () use ($sheet, $now): Sheet {
            ($this->open)($sheet, $now);

            return $sheet;
        });
    }
}
