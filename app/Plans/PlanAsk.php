<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Booking;
use Illuminate\Database\Eloquent\Collection;
use Recess\Fitting\Preference;
use Recess\Time\Span;

/** What a family asks for: whom, when it can come, how long it walks, and what counts most to it. */
final readonly class PlanAsk
{
    /**
     * @param  list<Pick>  $picks
     * @param  list<Span>  $windows
     * @param  int<0, max>  $walk  minutes from door to door; where the school says longer, that
     * @param  int<0, max>  $breather  minutes between any two meetings, besides the way
     * @param  list<Preference>  $prefer
     * @param  string|null  $language  for which they need an interpreter
     */
    public function __construct(
        public array $picks,
        public array $windows,
        public int $walk = 0,
        public int $breather = 0,
        public array $prefer = [],
        public ?string $language = null,
        /** Whether what they have booked of the round is looked for anew, too. */
        public bool $anew = false,
    ) {}

    /** The same with what is booked where it is. */
    public function asItStands(): self
    {
        return new self(...['anew' => false] + get_object_vars($this));
    }

    /** @param  list<Booking>  $bookings  that are looked for anew, before all else */
    public function anew(array $bookings): self
    {
        return $this->picking([...array_map(Pick::anew(...), $bookings), ...$this->picks]);
    }

    /** @param  list<Pick>  $picks */
    private function picking(array $picks): self
    {
        return new self(...['picks' => $picks] + get_object_vars($this));
    }

    /**
     * The same without those whom they meet about that child already.
     *
     * @param  Collection<int, Booking>  $booked
     */
    public function without(Collection $booked): self
    {
        $picks = array_values(array_filter($this->picks, static fn(Pick $pick): bool => !$pick->standsIn($booked)));

        return $this->picking($picks);
    }
}
