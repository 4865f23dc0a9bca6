<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Booking\Presser;
use App\Models\StaffMember;

/** That a host has said yes, and with which word. */
final readonly class Agreed
{
    /**
     * @param  StaffMember  $by  of the hosts the one by whom it is agreed
     * @param  Presser  $presser  who pressed: they, or the visitor who takes a time that they have named
     */
    public function __construct(public StaffMember $by, public Presser $presser, public string $word = '') {}
}
