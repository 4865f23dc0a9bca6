<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\Refused;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\StaffMember;
use Illuminate\Http\Request;
use Recess\Time\Zone;

/** The new time can be had with somebody else alone: whoever moves it is asked first. */
final class OtherHost extends Refused
{
    private function __construct(string $message, private readonly StaffMember $host)
    {
        parent::__construct($message);
    }

    /**
     * @param  list<int>  $hosts  with whom it can be had
     *
     * @throws NoSeatLeft when with nobody
     */
    public static function of(array $hosts, int $start, Zone $zone): self
    {
        $host = StaffMember::query()->find($hosts[0] ?? 0) ?? throw new NoSeatLeft();

        return new self(
            Words::say('booking.other_host', ['time' => Spell::time($start, $zone), 'host' => $host->name]),
            $host,
        );
    }

    protected function more(Request $request): array
    {
        return ['other_host' => ['slug' => (string) $this->host->slug, 'name' => $this->host->name]];
    }
}
