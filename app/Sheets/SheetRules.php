<?php

declare(strict_types=1);

namespace App\Sheets;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Recess\Rules as Core;
use Recess\Time\Dates;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Zone;

/**
 * A sheet's rules as its host states them. Which slots they leave is the core's business; coreRules() hands them over.
 *
 * @implements CastsAttributes<self, self>
 */
final readonly class SheetRules implements CastsAttributes
{
    /** @param  list<int>  $reminders minutes before the meeting, the longest first */
    public function __construct(
        /** Visitors to a slot. */
        public int $seats = 1,
        /** The least time between booking and meeting, in minutes. */
        public int $leadMinutes = 1440,
        /** "Until 08:00 the day before": days, clock time, and whether only working days count. */
        public ?int $leadDays = null,
        public string $leadBy = '08:00',
        public bool $leadWorking = false,
        /** The furthest ahead that can be booked, in days. */
        public ?int $furthestDays = 60,
        /** On the school's clock, YYYY-MM-DDTHH:MM. */
        public ?string $opensAt = null,
        public ?string $closesAt = null,
        public ?int $perVisitor = null,
        public ?int $perStudent = null,
        public ?int $perDay = null,
        /** The host answers each wish: accept, maybe or decline. */
        public bool $approve = false,
        /** How long an asked slot is held, in hours. */
        public int $askedHours = 48,
        /** Visitors of a group slot see who else comes. */
        public bool $showWho = false,
        public int $guests = 0,
        public bool $emailOptional = false,
        public LinkShown $linkShown = LinkShown::Booked,
        public int $linkMinutes = 15,
        public array $reminders = [1440, 15],
        public bool $waiting = true,
    ) {
    }

    /** @param  array<string, mixed>  $kept  as toArray() gives it; what is missing has its default */
    public static function fromArray(array $kept): self
    {
        $int = static fn (string $name, int $otherwise): int => is_numeric($kept[$name] ?? null) ? (int) $kept[$name] : $otherwise;
        $orNull = static fn (string $name, ?int $otherwise): ?int => array_key_exists($name, $kept) ? (is_numeric($kept[$name]) ? (int) $kept[$name] : null) : $otherwise;
        $text = static fn (string $name): ?string => is_string($kept[$name] ?? null) && $kept[$name] !== '' ? $kept[$name] : null;
        $bool = static fn (string $name, bool $otherwise = false): bool => (bool) ($kept[$name] ?? $otherwise);
        $reminders = array_values(array_unique(array_map(intval(...), is_array($kept['reminders'] ?? null) ? $kept['reminders'] : [1440, 15])));
        rsort($reminders);

        return new self(
            seats: $int('seats', 1),
            leadMinutes: $int('lead_minutes', 1440),
            leadDays: $orNull('lead_days', null),
            leadBy: $text('lead_by') ?? '08:00',
            leadWorking: $bool('lead_working'),
            furthestDays: $orNull('furthest_days', 60),
            opensAt: $text('opens_at'),
            closesAt: $text('closes_at'),
            perVisitor: $orNull('per_visitor', null),
            perStudent: $orNull('per_student', null),
            perDay: $orNull('per_day', null),
            approve: $bool('approve'),
            askedHours: $int('asked_hours', 48),
            showWho: $bool('show_who'),
            guests: $int('guests', 0),
            emailOptional: $bool('email_optional'),
            linkShown: LinkShown::tryFrom($text('link_shown') ?? '') ?? LinkShown::Booked,
            linkMinutes: $int('link_minutes', 15),
            reminders: $reminders,
            waiting: $bool('waiting', true),
        );
    }

    /** @return array<string, mixed> as Rules in docs/formats/recess.openapi.yaml */
    public function toArray(): array
    {
        return [
            'seats' => $this->seats,
            'lead_minutes' => $this->leadMinutes,
            'lead_days' => $this->leadDays,
            'lead_by' => $this->leadBy,
            'lead_working' => $this->leadWorking,
            'furthest_days' => $this->furthestDays,
            'opens_at' => $this->opensAt,
            'closes_at' => $this->closesAt,
            'per_visitor' => $this->perVisitor,
            'per_student' => $this->perStudent,
            'per_day' => $this->perDay,
            'approve' => $this->approve,
            'asked_hours' => $this->askedHours,
            'show_who' => $this->showWho,
            'guests' => $this->guests,
            'email_optional' => $this->emailOptional,
            'link_shown' => $this->linkShown->value,
            'link_minutes' => $this->linkMinutes,
            'reminders' => $this->reminders,
            'waiting' => $this->waiting,
        ];
    }

    /**
     * The rules that hold whoever asks.
     *
     * @return list<Core\Rule>
     */
    public function coreRules(Zone $zone, Dates $closedDays): array
    {
        $workdays = new Core\WorkingDays($closedDays);

        return array_values(array_filter([
            new Core\Lead($this->leadMinutes),
            $this->leadDays === null ? null : new Core\LeadDays($zone, $this->leadDays, LocalTime::parse($this->leadBy), $this->leadWorking ? $workdays : null),
            $this->furthestDays === null ? null : new Core\FurthestAhead($this->furthestDays),
            $this->opensAt === null ? null : new Core\Opens(self::instant($this->opensAt, $zone)),
            $this->closesAt === null ? null : new Core\Closes(self::instant($this->closesAt, $zone)),
            $this->perDay === null ? null : new Core\PerDay($zone, $this->perDay),
            $this->perVisitor === null ? null : new Core\PerVisitor($this->perVisitor),
            $this->perStudent === null ? null : new Core\PerStudent($this->perStudent),
        ]));
    }

    /** @param  string  $local  YYYY-MM-DDTHH:MM on the clock of the zone */
    public static function instant(string $local, Zone $zone): int
    {
        return $zone->instant(LocalDate::parse(substr($local, 0, 10)), LocalTime::parse(substr($local, 11, 5))->minute);
    }

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): self
    {
        $kept = is_string($value) ? json_decode($value, true) : null;

        return self::fromArray(is_array($kept) ? $kept : []);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(($value ?? new self)->toArray(), JSON_THROW_ON_ERROR);
    }
}
