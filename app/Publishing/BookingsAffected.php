<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Asked;
use App\Framework\Refused;

/** A change that touches bookings waits until its writer has seen whom it hits. */
final class BookingsAffected extends Refused
{
    public function __construct(public readonly EditEffect $effect)
    {
        parent::__construct('This change touches people who have booked. Nothing is saved yet: see whom it hits, and choose.');
    }

    protected function more(\Illuminate\Http\Request $request): array
    {
        return ['effect' => app(EffectData::class)->of($this->effect, Asked::word($request, 'word', 1000))];
    }
}
