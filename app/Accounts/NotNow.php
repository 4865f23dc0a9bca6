<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Framework\Refused;

/** Something about a person that cannot be done as things stand. */
final class NotNow extends Refused {}
