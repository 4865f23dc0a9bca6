<?php

declare(strict_types=1);

namespace App\Models;

use App\Sheets\Questions;
use App\Sheets\SheetRules;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Recess\Slots\Block as CoreBlock;

/**
 * What a staff member publishes: one purpose, its blocks, places, questions and rules.
 *
 * @property int $id
 * @property int $staff_id
 * @property string $uid of its availability as a calendar
 * @property string $slug the readable end of its link
 * @property string $title
 * @property SheetKind $kind
 * @property SheetState $state
 * @property string $intro
 * @property SheetRules $rules
 * @property Questions $questions
 * @property bool $joining whether blocks that overlap become one
 * @property string $paused_note to visitors, while it is paused
 * @property int $version
 * @property int $stamp raised by the database with each change of the sheet or its parts
 * @property CarbonImmutable|null $published_at
 * @property CarbonImmutable|null $put_away_at
 * @property CarbonImmutable|null $looked_at when its host last looked at who has booked
 * @property StaffMember $host
 * @property Collection<int, Block> $blocks
 * @property Collection<int, Place> $places
 * @property Collection<int, Booking> $bookings
 * @property Collection<int, SheetHost> $colleagues
 * @property Collection<int, SlotChange> $slotChanges
 */
final class Sheet extends Row
{
    protected $table = 'sheets';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => SheetKind::class,
            'state' => SheetState::class,
            'rules' => SheetRules::class,
            'questions' => Questions::class,
            'joining' => 'boolean',
            'published_at' => 'immutable_datetime',
            'put_away_at' => 'immutable_datetime',
            'looked_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    /** @return HasMany<Block, $this> */
    public function blocks(): HasMany
    {
        return $this->hasMany(Block::class)->orderBy('id');
    }

    /** @return HasMany<Place, $this> those that can be chosen now */
    public function places(): HasMany
    {
        return $this->hasMany(Place::class)->whereNull('removed_at')->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<Booking, $this> */
    public function bookings(): HasMany
    {
        return $this->hasMany(Booking::class);
    }

    /** @return HasMany<SheetHost, $this> */
    public function colleagues(): HasMany
    {
        return $this->hasMany(SheetHost::class);
    }

    /** @return HasMany<SlotChange, $this> */
    public function slotChanges(): HasMany
    {
        return $this->hasMany(SlotChange::class);
    }

    public function link(): string
    {
        return url('/s/'.$this->slug);
    }

    /** @return list<CoreBlock> */
    public function coreBlocks(): array
    {
        return array_values($this->blocks->map(static fn (Block $block): CoreBlock => $block->toCore())->all());
    }

    /** @return list<int> the staff members whose time every meeting takes */
    public function mustBeThere(): array
    {
        $must = $this->colleagues->filter(static fn (SheetHost $one): bool => $one->role === HostRole::Must)->pluck('staff_id')->all();

        return array_values([...($this->anyOne() === [] ? [$this->staff_id] : []), ...$must]);
    }

    /** @return list<int> those of whom one is enough, the sheet's own host first; empty where only the host meets people */
    public function anyOne(): array
    {
        $any = $this->colleagues->filter(static fn (SheetHost $one): bool => $one->role === HostRole::Any)->pluck('staff_id')->all();

        return $any === [] ? [] : array_values([$this->staff_id, ...$any]);
    }

    /** @return list<StaffMember> whom a visitor can meet there, the sheet's own host first */
    public function whomToMeet(): array
    {
        $any = $this->colleagues->filter(static fn (SheetHost $one): bool => $one->role === HostRole::Any);

        return [$this->host, ...array_values($any->map(static fn (SheetHost $one): StaffMember => $one->colleague)->all())];
    }

    /** @return array<string, int> those of whom one is enough by the names of their doors: whom a visitor may choose */
    public function chosenFrom(): array
    {
        $hosts = [];
        foreach ($this->anyOne() === [] ? [] : $this->whomToMeet() as $host) {
            $hosts[(string) $host->slug] = $host->id;
        }

        return $hosts;
    }

    /** Whether a staff member may look after it. */
    public function isRunBy(StaffMember $staff): bool
    {
        return $this->staff_id === $staff->id || $this->colleagues->contains(static fn (SheetHost $one): bool => $one->staff_id === $staff->id);
    }
}
