<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Recess\Records\BlockReader;
use Recess\Rules\Stated;
use Recess\Slots\Block as CoreBlock;
use Recess\Slots\Pieces;
use Recess\Time\DateRange;
use Recess\Time\LocalDate;
use Recess\Time\Span;

/**
 * One school-wide conference event: what the sheets of all who are in it have in common.
 *
 * @property int $id
 * @property int $school_id
 * @property string $slug
 * @property string $title
 * @property string $intro
 * @property SheetState $state
 * @property list<array<string, mixed>> $blocks as Recess\Records\BlockRecord writes them
 * @property Stated $rules
 * @property Questions $questions
 * @property bool $families whether it is for families alone, whom the school knows
 * @property list<int> $classes of these classes' families alone; empty for all
 * @property bool $collects whether families wish until a day, and times are allotted; else they book, first come, first served
 * @property CarbonImmutable|null $wishes_until
 * @property bool $breaks whether an allotment leaves each teacher a time to breathe on a long evening
 * @property CarbonImmutable|null $allotted_at when what was allotted was booked
 * @property list<array{classes: list<int>, opens_at: string}> $cohorts whose families may book before all others, and from when on the school's clock
 * @property array<string, string>|null $gone who was in it once, by the end of their sheet's address
 * @property string|null $language in which its texts were written (BCP 47); null where nobody said
 * @property array<string, array<string, string>>|null $versions its texts in others, by language, each by the original
 * @property int $version
 * @property CarbonImmutable|null $published_at
 * @property School $school
 * @property Collection<int, Sheet> $sheets
 */
final class Round extends Row
{
    protected $table = 'rounds';

    protected $guarded = [];

    protected $attributes = [
        'language' => null,
        'versions' => null,
        'state' => 'draft',
        'intro' => '',
        'families' => true,
        'classes' => '[]',
        'cohorts' => '[]',
        'collects' => false,
        'breaks' => false,
        'version' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => SheetState::class,
            'blocks' => 'array',
            'rules' => StatedRules::class,
            'questions' => Questions::class,
            'families' => 'boolean',
            'classes' => 'array',
            'published_at' => 'immutable_datetime',
            'collects' => 'boolean',
            'breaks' => 'boolean',
            'wishes_until' => 'immutable_datetime',
            'allotted_at' => 'immutable_datetime',
            'cohorts' => 'array',
            'gone' => 'array',
            'versions' => 'array',
        ];
    }

    /** By name who is not in it any more, by the end of their sheet's address; that itself where nobody noted it. */
    public function wasCalled(string $sheet): string
    {
        return $this->gone[$sheet] ?? $sheet;
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /** @return HasMany<Sheet, $this> one for each who is in it, once it is published */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class);
    }

    /** @return list<CoreBlock> */
    public function coreBlocks(): array
    {
        return array_map(BlockReader::read(...), $this->blocks);
    }

    /** All dates between its first and its last, wherever single ones were moved. */
    public function dates(): DateRange
    {
        $days = [];
        foreach ($this->coreBlocks() as $block) {
            $first = $block->pattern->first();
            foreach ($block->pattern->dates($first, ($block->pattern->last() ?? $first)->plusDays(1)) as $date) {
                $day = isset($block->changes[$date->day]) ? $block->changes[$date->day]->date?->day : $date->day;
                $day === null || ($days[] = $day);
            }
        }
        sort($days);
        assert($days !== []);

        return DateRange::of(LocalDate::fromDay($days[0]), LocalDate::fromDay($days[count($days) - 1]));
    }

    /** The instant at which the first of its dates begins. */
    public function begins(): int
    {
        return $this->range()->start;
    }

    /** From the midnight before its first date to that after its last. */
    public function range(): Span
    {
        $zone = $this->school->timeZone();
        $dates = $this->dates();

        return Span::of($zone->instant($dates->first, 0), $zone->instant($dates->last->plusDays(1), 0));
    }

    /** @return array<int, Span> by day: from its first time to the end of its last, on the days on which it is */
    public function days(): array
    {
        $zone = $this->school->timeZone();
        $days = [];
        foreach ($this->pieces() as $pieces) {
            $day = $zone->dayAt($pieces->stretch->start);
            $known = $days[$day] ?? $pieces->stretch;
            $days[$day] = Span::of(
                min($known->start, $pieces->stretch->start),
                max($known->end, $pieces->stretch->end),
            );
        }
        ksort($days);

        return $days;
    }

    /** @return Builder<Booking> those that stand, in the order of their times */
    public function bookings(): Builder
    {
        return Booking::query()
            ->whereIn('sheet_id', $this->sheets()->select('id'))
            ->whereIn('state', BookingState::standing())
            ->whereNotNull('hold_id')
            ->orderBy('starts_at')
            ->orderBy('id');
    }

    /** @return list<Pieces> its stretches on days that are not closed, cut into the slots that each who is in it begins with */
    public function pieces(): array
    {
        $dates = $this->dates();
        $zone = $this->school->timeZone();
        $closed = $this->school->closedDays();

        return array_merge(
            [],
            ...array_map(
                static fn(CoreBlock $block): array => $block->pieces(
                    $dates->first,
                    $dates->last->plusDays(1),
                    $zone,
                    $closed,
                ),
                $this->coreBlocks(),
            ),
        );
    }

    /** Whether it is open for wishes, and nothing is allotted yet: its sheets are drafts until then. */
    public function isCollecting(): bool
    {
        return $this->state === SheetState::Open && $this->collects && $this->allotted_at === null;
    }

    /** Whether families can do something there now: book, or send wishes. */
    public function isOpenFor(int $now): bool
    {
        return $this->state === SheetState::Open && (!$this->isCollecting() || $this->takesWishes($now));
    }

    /** @return list<string> all that its readers read, as it was written; some may be empty */
    public function texts(): array
    {
        return [$this->title, $this->intro, ...$this->questions->texts()];
    }

    /** Whether a wish that is sent now still counts. */
    public function takesWishes(int $now): bool
    {
        return $this->isCollecting() && $now < (int) $this->wishes_until?->getTimestamp();
    }

    /** @return array<string, Sheet> by its slug, with all that judging takes, by their hosts' names; those that take bookings, or wishes */
    public function openSheets(): array
    {
        $sheets = [];
        $state = $this->isCollecting() ? SheetState::Draft : SheetState::Open;
        $open = $this->sheets()->with(Sheet::PARTS)->whereNull('put_away_at')->where('state', $state);
        foreach ($open->orderBy(StaffMember::nameOf('sheets.staff_id'))->orderBy('sheets.id')->get() as $sheet) {
            $sheets[$sheet->slug] = $sheet;
        }

        return $sheets;
    }

    /** @param  array<int>  $classes  whether it is for the families of one of them */
    public function isFor(array $classes): bool
    {
        return $this->classes === [] || array_intersect($this->classes, $classes) !== [];
    }

    /**
     * From when the families of some classes may book.
     *
     * @param  array<int>  $classes
     */
    public function opensFor(array $classes): ?int
    {
        $zone = $this->school->timeZone();
        $theirs = array_filter(
            $this->cohorts,
            static fn(array $one): bool => array_intersect($one['classes'], $classes) !== [],
        );

        return $theirs === []
            ? $this->rules->instantOrNone('opens_at', $zone)
            : min(array_map(static fn(array $one): int => $zone->moment($one['opens_at']), $theirs));
    }

    public function link(): string
    {
        return url(Addresses::round($this->slug));
    }

    /** Its link in a letter to whoever holds this pass. */
    public function linkFor(Pass $pass): string
    {
        return $this->link() . '?' . http_build_query(['pass' => $pass->within(Reach::round($this))->token()]);
    }
}
