<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;

/** What was settled for the bookings of a changed sheet cannot be carried out; nothing of the change was saved. */
final class SettlementFailed extends Refused {}
