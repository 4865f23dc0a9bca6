<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Recess\Time\Span;

/**
 * A visitor's claim on a slot.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int $pass_id
 * @property int $place_id
 * @property int|null $hold_id null once cancelled
 * @property int|null $seat 1 and up; null once cancelled
 * @property CarbonImmutable $starts_at
 * @property CarbonImmutable $ends_at
 * @property int $staff_id whom they meet
 * @property string $student who the meeting is about
 * @property int|null $student_id the same, where the school knows them (App\Directory)
 * @property string $student_key the student's name as it is compared
 * @property array<string, mixed> $answers by question
 * @property string|null $link of this one meeting
 * @property string|null $language for which an interpreter is there, as BCP 47 writes it
 * @property int|null $interpreter_id who interprets
 * @property StaffMember|null $interpreter
 * @property Party $made_by
 * @property bool $maybe the host has said maybe
 * @property string $answer_note the host's word with it
 * @property CarbonImmutable|null $held_until how long an asked slot is held; null once it is accepted
 * @property CarbonImmutable|null $called_in_at since when its visitor is in; null before and afterwards
 * @property CarbonImmutable|null $confirm_until how long it is kept for an address that has not answered (BookingState::Kept)
 * @property BookingState $state
 * @property bool $letter_waits whether its visitor's letter goes out with those of what else they book (Booking/Sitting)
 * @property Party|null $cancelled_by
 * @property int|null $cancelled_by_id of the pass or the staff member of that side
 * @property string $cancel_note
 * @property string $uid of its calendar entry
 * @property int $sequence of its calendar entry
 * @property string $request_key
 * @property string $request_digest
 * @property CarbonImmutable $updated_at
 * @property Sheet $sheet
 * @property Pass $pass
 * @property Place $place
 * @property StaffMember $host whom they meet
 * @property Collection<int, Guest> $guests
 * @property Turn|null $turn what became of it on the day
 * @property Hold|null $hold
 */
final class Booking extends Row
{
    protected $table = 'bookings';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'state' => BookingState::class,
            'cancelled_by' => Party::class,
            'made_by' => Party::class,
            'answers' => 'array',
            'maybe' => 'boolean',
            'letter_waits' => 'boolean',
            'held_until' => 'immutable_datetime',
            'called_in_at' => 'immutable_datetime',
            'confirm_until' => 'immutable_datetime',
        ];
    }

    /** @return non-empty-list<string> everybody whom the visitor meets there, the one with whom it is first */
    public function hostsNamed(): array
    {
        return [$this->host->name, ...$this->sheet->named(HostRole::Must)];
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** @return BelongsTo<Pass, $this> */
    public function pass(): BelongsTo
    {
        return $this->belongsTo(Pass::class);
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function interpreter(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'interpreter_id');
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    /** @return HasMany<Guest, $this> */
    public function guests(): HasMany
    {
        return $this->hasMany(Guest::class);
    }

    /** @return BelongsTo<Hold, $this> */
    public function hold(): BelongsTo
    {
        return $this->belongsTo(Hold::class);
    }

    /** @return HasOne<Turn, $this> */
    public function turn(): HasOne
    {
        return $this->hasOne(Turn::class);
    }

    /** Whether whoever holds the pass may move it and give it back: their own, or one to which they are brought by somebody who lets them. */
    public function isChangedBy(Pass $pass): bool
    {
        return $this->pass_id === $pass->id ||
            $this->guests->contains(
                static fn(Guest $guest): bool => $guest->pass_id === $pass->id &&
                    $guest->may_change &&
                    $guest->left_at === null,
            );
    }

    /** Whether it still has its time. */
    public function stands(): bool
    {
        return in_array($this->state, BookingState::standing(), true);
    }

    /** Names are compared without regard to case, spaces too many, and how an accent was typed; an accent itself is part of a name. */
    public static function studentKey(string $name): string
    {
        return mb_substr(
            mb_strtolower(
                trim(
                    (string) preg_replace('/\\s+/u', ' ', \Normalizer::normalize($name, \Normalizer::FORM_C) ?: $name),
                ),
            ),
            0,
            120,
        );
    }

    /** Whether it stands and is still to come: not where it was called in before its time, or is over before it. */
    public function isAhead(int $now): bool
    {
        // Of one that has just come to be nothing has to be read.
        $turn = $this->wasRecentlyCreated ? null : $this->turn;

        return $this->stands() &&
            $this->span()->start > $now &&
            $turn?->called_at === null &&
            $turn?->isOver() !== true;
    }

    /** The slot of its sheet on which it is: where somebody is met for longer, its first. */
    public function slot(): Span
    {
        return $this->hold?->span() ?? $this->span();
    }

    /** What a longer meeting takes after its slot; null for all others. */
    public function rest(): ?Span
    {
        [$slot, $span] = [$this->slot(), $this->span()];

        return $span->end > $slot->end ? Span::of($slot->end, $span->end) : null;
    }

    public function span(): Span
    {
        return Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }
}
