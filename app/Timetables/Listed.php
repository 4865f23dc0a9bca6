<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Models\Addresses;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\StaffMember;
use Recess\Sheet as CoreSheet;

/** An open sheet as the pages that show many of them know it: small enough to have a whole school's at hand. */
final readonly class Listed
{
    /**
     * @param  string  $stamp  what it was read at
     * @param  list<array{id: int, name: string, subject: string, title: string, initials: string, door: string, picture: string|null}>  $hosts  whom a visitor can meet there
     */
    private function __construct(
        public int $id,
        public string $stamp,
        public string $slug,
        public string $title,
        /** Conferences on their own: what is part of a round is found as that. */
        public bool $isConference,
        public string $places,
        public array $hosts,
        public CoreSheet $core,
    ) {}

    public static function of(Sheet $sheet, string $stamp): self
    {
        return new self(
            $sheet->id,
            $stamp,
            $sheet->slug,
            $sheet->title,
            $sheet->kind->value === 'conferences' && $sheet->round_id === null,
            $sheet->places->map(static fn(Place $place): string => $place->label)->implode(', '),
            array_map(
                static fn(StaffMember $host): array => ['id' => $host->id] + HostCard::of($host),
                $sheet->whomToMeet(),
            ),
            $sheet->toCore(),
        );
    }

    /**
     * The way to it from somebody's door: of several hosts, it leads to them.
     *
     * @param  string  $door  as HostCard has it
     */
    public function path(string $door): string
    {
        return Addresses::sheet($this->slug) . ($this->core->hosts->canBeChosen() ? '?with=' . basename($door) : '');
    }
}
