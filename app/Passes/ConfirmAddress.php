<?php

declare(strict_types=1);

namespace App\Passes;

use App\Booking\StandForGood;
use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Pass;

/** The address of a pass has answered: what was kept for it stands, and messages go there from now on. */
final class ConfirmAddress
{
    public function __construct(private readonly StandForGood $standForGood) {}

    /** @param  int  $now  seconds since the epoch */
    public function __invoke(Pass $pass, string $email, int $now): void
    {
        Contended::transaction(static function () use ($pass, $email, $now): void {
            $was = $pass->email;
            $pass->update(['email' => $email, 'new_email' => null, 'confirmed_at' => Instant::column($now)]);
            if ($was !== null && $was !== $email) {
                event(new AddressChanged($pass, $was));
            }
        });
        event(new AddressAnswered($pass, $now));
        ($this->standForGood)($pass);
    }

    /** The address that the key belongs to: the one that waits for its answer, or the one that is known; null for none of them. */
    public static function addressOf(Pass $pass, string $key): ?string
    {
        foreach (array_filter([$pass->new_email, $pass->email], is_string(...)) as $email) {
            if ($pass->addressAnswers($email, $key)) {
                return $email;
            }
        }

        return null;
    }
}
