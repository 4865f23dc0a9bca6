<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Refused;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Words;
use Illuminate\Http\Request;
use Recess\Time\Span;
use Recess\Time\Zone;

/** Something about a knock that cannot be, and why; with the nearest times that can. */
final class KnockRefused extends Refused
{
    /** @param  list<Span>  $nearest */
    private function __construct(
        string $message,
        private readonly array $nearest = [],
        private readonly ?Zone $zone = null,
    ) {
        parent::__construct($message);
    }

    /** @param  array<string, string|int>  $values  of the sentence lang/en/knocks.php has under that key */
    public static function because(string $key, array $values = []): self
    {
        return new self(Words::say("knocks.$key", $values));
    }

    /**
     * Somebody was quicker, or they have something else to do then.
     *
     * @param  list<Span>  $nearest
     */
    public static function gone(Span $span, array $nearest, Zone $zone): self
    {
        $day = $zone->dateAt($span->start);
        $times = array_map(
            static fn(Span $one): string => $zone->dateAt($one->start)->equals($day)
                ? Spell::time($one->start, $zone)
                : Spell::shortDate($zone->dateAt($one->start)) . ' ' . Spell::time($one->start, $zone),
            $nearest,
        );

        return new self(
            Words::say('knocks.gone', [
                'time' => Spell::moment($span->start, $zone),
                'count' => count($times),
                'times' => Spell::list($times),
            ]),
            $nearest,
            $zone,
        );
    }

    protected function more(Request $request): array
    {
        $zone = $this->zone;

        return $zone === null
            ? []
            : [
                'nearest_times' => array_map(
                    static fn(Span $one): array => [
                        'key' => SlotKey::of($one->start),
                        'length' => $one->minutes(),
                        'when' => Spell::moment($one->start, $zone),
                    ],
                    $this->nearest,
                ),
            ];
    }
}
