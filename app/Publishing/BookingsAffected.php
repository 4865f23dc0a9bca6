<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Asked;
use App\Framework\Refused;
use Recess\Changes\Within;

/** A change that touches bookings waits until its writer has seen whom it hits. */
final class BookingsAffected extends Refused
{
    /** @param  list<EditEffect>  $effects  of the sheets that it touches */
    public function __construct(public readonly array $effects, private readonly Within $within)
    {
        parent::__construct(
            'This change touches people who have booked. Nothing is saved yet: see whom it hits, and choose.',
        );
    }

    protected function more(\Illuminate\Http\Request $request): array
    {
        return [
            'effect' => app(EffectData::class)->of(
                $this->effects,
                Asked::word($request, 'word', 1000),
                within: $this->within,
            ),
        ];
    }
}
