<?php

declare(strict_types=1);

namespace App\Line;

use App\Booking\Destination;
use App\Booking\NoSeatLeft;
use App\Booking\NotAsFilledIn;
use App\Booking\OtherHost;
use App\Booking\Relocate;
use App\Booking\Relocation;
use App\Framework\Contended;
use App\Models\Booking;
use App\Models\StaffMember;
use Illuminate\Database\UniqueConstraintViolationException;

/** Two who agree change their times: each with all that is theirs, on the same sheet, with the same host. */
final class SwapTurns
{
    public function __construct(private readonly Relocate $relocate) {}

    /** @throws PressedElsewhere when it cannot be; both have their times as they were */
    public function __invoke(StaffMember $host, int $revision, Booking $one, Booking $other, int $now): void
    {
        try {
            Contended::transaction(function () use ($host, $revision, $one, $other, $now): void {
                Relocate::guard(self::exchanged($one, $other));
                Press::at($host, $revision, 'swap', $now, function (Press $press) use (
                    $host,
                    $one,
                    $other,
                    $now,
                ): void {
                    [$one, $other] = [$press->booking(TurnKey::of($one)), $press->booking(TurnKey::of($other))];
                    self::allow($one, $other);
                    $press->swapped($one, $other);
                    ($this->relocate)(self::exchanged($one, $other), Relocation::swapped($host, $press->key, $now));
                });
            });
        } catch (NoSeatLeft | NotAsFilledIn | OtherHost | UniqueConstraintViolationException) {
            throw PressedElsewhere::because('swap_clash');
        }
    }

    /** @return list<Destination> each at the other's hour */
    private static function exchanged(Booking $one, Booking $other): array
    {
        return [
            Destination::hour($one, $other->slot(), $one->sheet, $other->staff_id),
            Destination::hour($other, $one->slot(), $other->sheet, $one->staff_id),
        ];
    }

    private static function allow(Booking $one, Booking $other): void
    {
        match (true) {
            $one->sheet_id !== $other->sheet_id || $one->span()->seconds() !== $other->span()->seconds()
                => throw PressedElsewhere::because('swap_unlike'),
            $one->turn?->called_at !== null || $other->turn?->called_at !== null => throw PressedElsewhere::because(
                'in_already',
            ),
            default => null,
        };
    }
}
