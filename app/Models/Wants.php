<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Http\Request;
use Recess\Time\PartOfDay;
use Recess\Time\Span;
use Recess\Time\Zone;
use Recess\Timetable;

/** What would suit somebody who waits for a time: a part of the day, a place, a host. Null for any. */
final readonly class Wants
{
    public function __construct(public ?string $part = null, public ?int $place = null, public ?int $host = null) {}

    /** As a form says it; what the sheet does not have is as if it were not asked. */
    public static function asked(Request $request, Sheet $sheet): self
    {
        $part = $request->input('part');
        $place = $request->input('place');
        $host = $request->input('host');

        return new self(
            is_string($part) ? PartOfDay::tryFrom($part)?->value : null,
            is_numeric($place) && $sheet->places->contains('id', (int) $place) ? (int) $place : null,
            is_string($host) ? $sheet->chosenFrom()[$host] ?? null : null,
        );
    }

    /** @return array{part: string|null, place: int|null, host: int|null} */
    public function toArray(): array
    {
        return ['part' => $this->part, 'place' => $this->place, 'host' => $this->host];
    }

    /** @return array<string, string> as the page of the sheet reads them in its address */
    public function inAddress(Sheet $sheet): array
    {
        $host = array_search($this->host, $sheet->chosenFrom(), true);

        return array_filter(['with' => (string) $host, 'place' => (string) $this->place]);
    }

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self
    {
        return new self(
            is_string($kept['part'] ?? null) ? $kept['part'] : null,
            is_int($kept['place'] ?? null) ? $kept['place'] : null,
            is_int($kept['host'] ?? null) ? $kept['host'] : null,
        );
    }

    /** Whether a slot would suit them, as far as time and host go; where it is, the judge is asked. */
    public function suits(Span $slot, Timetable $timetable, Zone $zone): bool
    {
        return ($this->part === null || $zone->timeAt($slot->start)->partOfDay()->value === $this->part) &&
            ($this->host === null || $timetable->hostsFor($slot, $this->host) !== []);
    }
}
