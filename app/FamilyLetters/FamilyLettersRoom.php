<?php

declare(strict_types=1);

namespace App\FamilyLetters;

use App\Directory\CardRenewed;
use App\Framework\Room;
use App\Sharing\ExpectedReminded;
use App\Sharing\FamilyInvited;
use Illuminate\Support\Facades\Event;

/** Letters to families and students who are expected, and about their cards. */
final class FamilyLettersRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        Event::listen(ExpectedReminded::class, [TellFamilies::class, 'ofExpected']);
        Event::listen(FamilyInvited::class, [TellFamilies::class, 'ofInvited']);
        Event::listen(CardRenewed::class, [TellFamilies::class, 'ofCard']);
    }
}
