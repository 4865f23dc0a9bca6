<?php

declare(strict_types=1);

namespace App\Timetables;

use App\Framework\Reading;
use App\Models\Addresses;
use App\Models\Place;
use App\Models\Sheet;
use App\Models\StaffMember;
use Recess\Time\LocalDate;

/**
 * An open sheet as the pages that list many of them know it: small enough to have a whole school's at hand. What the
 * core needs of it is kept apart (OpenSheets::cores), and read of those alone that are shown.
 */
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
        /** @var array<string, string> the title in other languages */
        private array $called,
        /** Conferences on their own: what is part of a round is found as that. */
        public bool $isConference,
        public string $places,
        public array $hosts,
        /** Whether a visitor says with whom, of several hosts. */
        private bool $isOfSeveral,
        /** The first date on which it can have slots, as seen on the date on which it was read. */
        public LocalDate $first,
        /** The last of them. */
        public LocalDate $last,
    ) {}

    public static function of(Sheet $sheet, string $stamp, LocalDate $today): self
    {
        [$first, $before] = $sheet->toCore()->reach($today);

        return new self(
            $sheet->id,
            $stamp,
            $sheet->slug,
            $sheet->title,
            array_filter(
                array_map(static fn(array $texts): string => $texts[$sheet->title] ?? '', $sheet->versions ?? []),
            ),
            $sheet->kind->value === 'conferences' && $sheet->round_id === null,
            $sheet->places->map(static fn(Place $place): string => $place->label)->implode(', '),
            array_map(
                static fn(StaffMember $host): array => ['id' => $host->id] + HostCard::of($host),
                $sheet->whomToMeet(),
            ),
            $sheet->toCore()->hosts->canBeChosen(),
            $first,
            $before->plusDays(-1),
        );
    }

    /** Its title, for whoever reads. */
    public function called(): string
    {
        return $this->called[Reading::now()->language] ?? $this->title;
    }

    /**
     * The way to it from somebody's door: of several hosts, it leads to them.
     *
     * @param  string  $door  as HostCard has it
     */
    public function path(string $door): string
    {
        return Addresses::sheet($this->slug) . ($this->isOfSeveral ? '?with=' . basename($door) : '');
    }
}
