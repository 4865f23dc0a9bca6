<?php

declare(strict_types=1);

namespace App\RoundLetters;

use App\Allotting\FamilyAllotted;
use App\Allotting\RoundAllotted;
use App\Allotting\WishesSent;
use App\Framework\Room;
use App\Plans\PlanGivenBack;
use App\Plans\PlanKept;
use App\Replanning\EveningMoved;
use App\Rounds\FamilyReminded;
use App\Rounds\HostGone;
use Illuminate\Support\Facades\Event;

/** Letters about a round. Listens to what happens in it, and is called by nobody. */
final class RoundLettersRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Event::listen(PlanKept::class, [TellOfRound::class, 'ofPlan']);
        Event::listen(PlanGivenBack::class, [TellOfRound::class, 'ofGivenBack']);
        Event::listen(WishesSent::class, [TellOfRound::class, 'ofWishes']);
        Event::listen(FamilyAllotted::class, [TellOfRound::class, 'ofFamily']);
        Event::listen(EveningMoved::class, [TellOfRound::class, 'ofEvening']);
        Event::listen(FamilyReminded::class, [TellOfRound::class, 'ofReminder']);
        Event::listen(HostGone::class, [TellOfRound::class, 'ofHostGone']);
        Event::listen(RoundAllotted::class, [TellOfRound::class, 'ofRound']);
    }
}
