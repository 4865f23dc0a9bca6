<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Recess\Hosts;
use Recess\Rules\SheetIs;
use Recess\Rules\Stated;
use Recess\Sheet as CoreSheet;
use Recess\Slots\Block as CoreBlock;
use Recess\Time\Span;
use Recess\Time\Spans;

/**
 * What a staff member publishes: one purpose, its blocks, places, questions and rules.
 *
 * @property int $id
 * @property int $staff_id
 * @property int|null $round_id the round that it is part of
 * @property Round|null $round
 * @property string $uid of its availability as a calendar
 * @property string $slug the readable end of its link
 * @property string $title
 * @property SheetKind $kind
 * @property SheetState $state
 * @property string $intro
 * @property Stated $rules
 * @property Questions $questions
 * @property bool $joining whether blocks that overlap become one
 * @property string $paused_note to visitors, while it is paused
 * @property int $version
 * @property int $stamp raised by the database with each change of the sheet or its parts
 * @property Audience $audience whom it is for
 * @property list<int> $audience_classes of these classes' families alone; with audience_students empty too, of all
 * @property list<int> $audience_students
 * @property CarbonImmutable|null $published_at
 * @property CarbonImmutable|null $put_away_at
 * @property string|null $language in which its texts were written (BCP 47); null where nobody said
 * @property array<string, array<string, string>>|null $versions its texts in others, by language, each by the original
 * @property StaffMember $host
 * @property Collection<int, Block> $blocks
 * @property Collection<int, Place> $places
 * @property Collection<int, Booking> $bookings
 * @property Collection<int, SheetHost> $colleagues
 * @property Collection<int, SlotChange> $slotChanges
 */
final class Sheet extends Row
{
    /** All that a sheet is made of, to be read with it. */
    public const PARTS = ['host.school', 'blocks', 'places', 'colleagues', 'slotChanges'];

    protected $table = 'sheets';

    protected $guarded = [];

    protected $attributes = [
        'round_id' => null,
        'audience' => 'anyone',
        'audience_classes' => '[]',
        'audience_students' => '[]',
        'language' => null,
        'versions' => null,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => SheetKind::class,
            'state' => SheetState::class,
            'rules' => StatedRules::class,
            'questions' => Questions::class,
            'joining' => 'boolean',
            'audience' => Audience::class,
            'audience_classes' => 'array',
            'audience_students' => 'array',
            'versions' => 'array',
            'published_at' => 'immutable_datetime',
            'put_away_at' => 'immutable_datetime',
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

    /** By hand: what is booked there stays. To be called inside a transaction that has raised its guards, or on a draft. */
    /** @param  bool  $away  whether that is because its host is away from a round */
    public function closeSlot(Span $slot, bool $away = false): void
    {
        $this->slotChanges()->updateOrCreate(
            ['starts_at' => Instant::column($slot->start)],
            ['ends_at' => Instant::column($slot->end), 'closed' => true, 'extra_seats' => 0, 'away' => $away],
        );
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
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

    /** @return list<string> all that its readers read, as it was written; some may be empty */
    public function texts(): array
    {
        $texts = [$this->title, $this->intro, $this->paused_note, ...$this->questions->texts()];
        foreach ($this->places as $place) {
            array_push($texts, $place->label, $place->directions);
        }

        return $texts;
    }

    /** Whether anybody ever booked here, or waits to. */
    public function hasBeenUsed(): bool
    {
        return $this->bookings()->exists() || Waiting::query()->where('sheet_id', $this->id)->exists();
    }

    /** Where it is visited; of what was asked for, where one can ask again. */
    public function link(): string
    {
        return url(
            $this->kind === SheetKind::Knock
                ? Addresses::knock((string) $this->host->slug)
                : Addresses::sheet($this->slug),
        );
    }

    /** Its link as it stands in a letter to whoever holds this pass: where it is for some alone, it says who comes. */
    public function linkFor(Pass $pass): string
    {
        return $this->link() .
            ($this->audience === Audience::Anyone
                ? ''
                : '?' . http_build_query(['pass' => $pass->within(Reach::sheet($this))->token()]));
    }

    /** As the core judges it, where it is read once and asked often: of a sheet at hand, which nobody changes. Protected, so that it is kept with it. */
    protected ?CoreSheet $core = null;

    /** To be judged by what it is now until it is read anew. */
    public function atHand(): static
    {
        $this->core = $this->toCore();

        return $this;
    }

    /** As the core judges it. */
    public function toCore(): CoreSheet
    {
        return $this->core ??
            new CoreSheet(
                zone: $this->host->school->timeZone(),
                blocks: $this->coreBlocks(),
                hosts: Hosts::of(
                    $this->staff_id,
                    $this->colleaguesWho(HostRole::Any),
                    $this->colleaguesWho(HostRole::Must),
                ),
                rules: $this->rules,
                places: $this->places
                    ->mapWithKeys(static fn(Place $place): array => [(int) $place->id => $place->spot()])
                    ->all() ?: [null],
                closedDays: $this->host->school->closedDays(),
                joining: $this->joining,
                shut: match ($this->seen()) {
                    SheetState::Paused => SheetIs::paused(),
                    SheetState::Closed => SheetIs::closed(),
                    SheetState::Draft => SheetIs::draft(),
                    SheetState::Open => null,
                },
                seatsAdded: $this->slotChanges
                    ->mapWithKeys(
                        static fn(SlotChange $change): array => [
                            $change->starts_at->getTimestamp() => $change->extra_seats,
                        ],
                    )
                    ->filter()
                    ->all(),
                slotsClosed: $this->slotsClosed(),
                travel: $this->host->school->travel(),
                terms: $this->rules->wholeOrNone('per_term') === null
                    ? []
                    : array_values($this->host->school->termRanges()),
            );
    }

    /** Its state to visitors: one that is put away takes no bookings, and is as it was when it is brought back. */
    public function seen(): SheetState
    {
        return $this->put_away_at !== null && $this->state !== SheetState::Draft ? SheetState::Closed : $this->state;
    }

    /** @return Collection<int, SheetHost> */
    private function colleaguesAs(HostRole $role): Collection
    {
        return $this->colleagues->filter(static fn(SheetHost $one): bool => $one->role === $role);
    }

    /** @return list<int> */
    private function colleaguesWho(HostRole $role): array
    {
        return array_values(
            $this->colleaguesAs($role)->map(static fn(SheetHost $one): int => (int) $one->staff_id)->all(),
        );
    }

    /** @return list<string> the names of those colleagues */
    public function named(HostRole $role): array
    {
        $this->loadMissing('colleagues.colleague');

        return array_values(
            $this->colleaguesAs($role)->map(static fn(SheetHost $one): string => $one->colleague->name)->all(),
        );
    }

    private function slotsClosed(): ?Spans
    {
        $closed = $this->slotChanges
            ->filter(static fn(SlotChange $change): bool => $change->closed)
            ->map(static fn(SlotChange $change): Span => $change->span());

        return $closed->isEmpty() ? null : Spans::of(array_values($closed->all()));
    }

    public function refresh(): static
    {
        $this->core = null;

        return parent::refresh();
    }

    /** @return list<CoreBlock> */
    public function coreBlocks(): array
    {
        return array_values($this->blocks->map(static fn(Block $block): CoreBlock => $block->toCore())->all());
    }

    /** @return list<StaffMember> whom a visitor can meet there, the sheet's own host first */
    public function whomToMeet(): array
    {
        return [
            $this->host,
            ...array_values(
                $this->colleaguesAs(HostRole::Any)
                    ->map(static fn(SheetHost $one): StaffMember => $one->colleague)
                    ->all(),
            ),
        ];
    }

    /** @return array<string, int> those of whom one is enough by the names of their doors: whom a visitor may choose */
    public function chosenFrom(): array
    {
        $hosts = [];
        foreach ($this->canChooseHost() ? $this->whomToMeet() : [] as $host) {
            $hosts[(string) $host->slug] = $host->id;
        }

        return $hosts;
    }

    /** Whether a booking says about whom it is. */
    public function asksForStudent(): bool
    {
        return $this->questions->first(QuestionKind::Student) !== null;
    }

    /** Whether of several hosts one is enough. */
    public function canChooseHost(): bool
    {
        return $this->colleaguesWho(HostRole::Any) !== [];
    }

    /** What somebody else than its writer does on it; null for whoever is not on it. */
    public function roleOf(StaffMember $staff): ?HostRole
    {
        return $this->colleagues->first(static fn(SheetHost $one): bool => $one->staff_id === $staff->id)?->role;
    }

    /** Whether a staff member may look after it. */
    public function isRunBy(StaffMember $staff): bool
    {
        return $this->staff_id === $staff->id ||
            $this->colleagues->contains(static fn(SheetHost $one): bool => $one->staff_id === $staff->id) ||
            in_array($this->staff_id, $staff->standsInFor(), true);
    }
}
