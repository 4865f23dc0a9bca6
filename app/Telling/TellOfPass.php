<?php

declare(strict_types=1);

namespace App\Telling;

use App\Booking\Sitting;
use App\Models\School;
use App\Passes\AddressChanged;
use App\Passes\AddressGiven;
use App\Passes\JoinerAsks;
use App\Passes\PassRenewed;
use Illuminate\Support\Facades\Queue;

/** What is said about passes themselves: which address they have, and who would like to come too. */
final class TellOfPass
{
    public function ofAddressGiven(AddressGiven $event): void
    {
        self::to(
            $event->email,
            $event->pass->addressee(),
            new AddressQuestion($event->pass, $event->email, School::here($event->pass)->name),
        );
    }

    public function ofAddressChanged(AddressChanged $event): void
    {
        self::to(
            $event->was,
            $event->pass->addressee(),
            new AddressMoved($event->pass, School::here($event->pass)->name),
        );
    }

    public function ofRenewed(PassRenewed $event): void
    {
        self::to((string) $event->pass->email, $event->pass->addressee(), new PassMoved($event->pass, $event->why));
        // A letter that waited on one of several passes waits on this one.
        $event->why === PassRenewed::TOGETHER && Queue::later(Sitting::quiet(), new WriteSitting($event->pass->id));
    }

    public function ofJoiner(JoinerAsks $event): void
    {
        $pass = $event->joiner->booking->pass;
        if ($pass->email !== null) {
            self::to($pass->email, $pass->addressee(), new JoinerQuestion($event->joiner));
        }
    }

    private static function to(string $email, string $name, Message $message): void
    {
        Envelopes::to($email, $name)->queue($message);
    }
}
