<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Spell;
use App\Live\Announce;
use App\Live\Channel;
use App\Models\Booking;
use App\Models\Pass;
use App\Models\Place;
use App\Models\Row;
use App\Models\Sheet;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Recess\Time\Zone;

/**
 * Somebody asks for a time that no sheet offers. Its times are kept on a small sheet of its own until it is answered; what
 * is accepted is booked there.
 *
 * @property int $id
 * @property int|null $sheet_id null once it came to nothing
 * @property int $staff_id at whose door it was; others who have to be there too are among its hosts
 * @property int $pass_id
 * @property int|null $place_id
 * @property int|null $booking_id what came of it
 * @property KnockState $state
 * @property string $title
 * @property string $details
 * @property string $work a web address, http or https; empty for none
 * @property string $student
 * @property int|null $student_id
 * @property array<string, mixed> $answers by question
 * @property string $keeper hash under which its times are kept
 * @property CarbonImmutable $until how long they are kept
 * @property string $uid of its calendar entry (RFC 5545, 3.8.4.7), and of the meeting's that comes of it
 * @property int $sequence rises with each change (RFC 5546, 2.1.4); buttons in a letter are good for the one that it was written with
 * @property string $answer_note the host's word
 * @property CarbonImmutable|null $asked_again_at when a maybe was asked about once more
 * @property string $request_key
 * @property string $request_digest
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 * @property Sheet|null $sheet
 * @property StaffMember $host
 * @property Pass $pass
 * @property Place|null $place
 * @property Booking|null $booking
 * @property Collection<int, KnockHost> $hosts
 * @property Collection<int, KnockChoice> $choices
 */
final class Knock extends Row
{
    /** What is read with it to show it. */
    public const PARTS = ['host.school', 'pass', 'place', 'hosts.host', 'choices', 'sheet'];

    protected $table = 'knocks';

    protected $guarded = [];

    protected $attributes = [
        'sequence' => 0,
        'answer_note' => '',
        'work' => '',
        'student' => '',
        'booking_id' => null,
        'asked_again_at' => null,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => KnockState::class,
            'answers' => 'array',
            'until' => 'immutable_datetime',
            'asked_again_at' => 'immutable_datetime',
        ];
    }

    /**
     * @param  list<int>  $staff
     * @return Builder<self> those that are for one of these people
     */
    public static function askedOf(array $staff): Builder
    {
        return self::query()->whereHas('hosts', static fn($host) => $host->whereIn('staff_id', $staff));
    }

    /**
     * @param  list<int>  $staff
     * @return Builder<self> those of them that are open
     */
    public static function openOf(array $staff): Builder
    {
        return self::askedOf($staff)->whereIn('state', KnockState::open());
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
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

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }

    /** @return HasMany<KnockHost, $this> */
    public function hosts(): HasMany
    {
        return $this->hasMany(KnockHost::class)->orderBy('id');
    }

    /** @return HasMany<KnockChoice, $this> */
    public function choices(): HasMany
    {
        return $this->hasMany(KnockChoice::class)->orderBy('position');
    }

    public function zone(): Zone
    {
        return $this->host->school->timeZone();
    }

    /** @return list<StaffMember> */
    public function everyHost(): array
    {
        return array_values($this->hosts->map(static fn(KnockHost $one): StaffMember => $one->host)->all());
    }

    /** Whom it is for, as people say it: "Inês Tavares and Tomos Pryce". */
    public function names(): string
    {
        return Spell::list(array_map(static fn(StaffMember $one): string => $one->name, $this->everyHost()));
    }

    /** The one that a host has said yes or maybe to. */
    public function chosen(): ?KnockChoice
    {
        return $this->choices->first(static fn(KnockChoice $one): bool => $one->chosen);
    }

    /** Who shows it looks again: its hosts' desks, its pass, and all who look at the hosts' times. */
    public function announce(): void
    {
        $desks = $this->hosts->map(static fn(KnockHost $one): string => Channel::desk($one->staff_id))->all();
        Announce::to([...array_values($desks), Channel::pass($this->pass), Channel::times($this->host->school_id)]);
    }

    /** The one of its hosts for whom a colleague answers: they themselves, or somebody who is away and has lent them their sheets. */
    public function hostFor(StaffMember $reader): ?StaffMember
    {
        $own =
            $this->hosts->firstWhere('staff_id', $reader->id) ??
            $this->hosts->first(
                static fn(KnockHost $one): bool => in_array($one->staff_id, $reader->standsInFor(), true),
            );

        return $own?->host;
    }

    /** @return non-empty-list<KnockTerms> of all who have to be there, the door's own host first */
    public function terms(): array
    {
        $terms = array_map(KnockTerms::of(...), $this->everyHost());

        return $terms === [] ? [KnockTerms::of($this->host)] : $terms;
    }
}
