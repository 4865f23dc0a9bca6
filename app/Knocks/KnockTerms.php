<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Audience;
use App\Models\PlaceKind;
use App\Models\Questions;
use App\Models\Row;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\StaffMember;
use App\School\SavedPlace;
use App\Video\VideoRooms;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Recess\Common\AskedHours;

/**
 * On which terms a host can be asked for a time that no sheet offers. Off until they allow it.
 *
 * @property int $staff_id
 * @property bool $allowed
 * @property array<mixed> $hours as Recess\Common\AskedHours writes them
 * @property int $lead_hours how soon
 * @property int $ahead_days how far ahead
 * @property list<int> $lengths minutes, the shortest first
 * @property list<int> $place_ids saved places, of the host or of the school
 * @property int $most_open knocks at once
 * @property int $kept_hours how long a time is kept for an answer
 * @property Audience $audience from whom
 * @property Questions $questions
 * @property string $intro what somebody should know who asks
 * @property StaffMember $host
 */
final class KnockTerms extends Row
{
    /** Lengths that can be asked for, in minutes. */
    public const LENGTHS = [15, 20, 30, 45, 60];

    protected $table = 'knock_terms';

    protected $primaryKey = 'staff_id';

    public $incrementing = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'allowed' => 'boolean',
            'hours' => 'array',
            'lengths' => 'array',
            'place_ids' => 'array',
            'audience' => Audience::class,
            'questions' => Questions::class,
        ];
    }

    /** Those of a host, as they are or as they would begin. */
    public static function of(StaffMember $host): self
    {
        $terms =
            self::query()->find($host->id) ??
            new self([
                'staff_id' => $host->id,
                'allowed' => false,
                'hours' => AskedHours::of(
                    array_fill_keys([1, 2, 3, 4, 5], AskedHours::typed('8:00 to 16:00')),
                )->record(),
                'lead_hours' => 24,
                'ahead_days' => 14,
                'lengths' => [15, 30],
                'place_ids' => [],
                'most_open' => 10,
                'kept_hours' => 72,
                'audience' => Audience::Anyone,
                'questions' => new Questions(),
                'intro' => '',
            ]);

        return $terms->setRelation('host', $host);
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    public function asked(): AskedHours
    {
        return AskedHours::fromRecord($this->hours);
    }

    /** @param  non-empty-list<self>  $terms  of all who are asked together */
    public static function hoursOfAll(array $terms): AskedHours
    {
        return array_reduce(
            $terms,
            static fn(AskedHours $all, self $one): AskedHours => $all->shared($one->asked()),
            $terms[0]->asked(),
        );
    }

    /** @return Collection<int, SavedPlace> where they meet whoever asks */
    public function places(): Collection
    {
        return self::placesOf($this->host)->whereIn('id', $this->place_ids)->values();
    }

    /** @return Collection<int, SavedPlace> from which a host chooses; a video place without a link is one where rooms can be made */
    public static function placesOf(StaffMember $host): Collection
    {
        $rooms = app(VideoRooms::class)->areMade();

        return SavedPlace::query()
            ->where('school_id', $host->school_id)
            ->where(static fn($whose) => $whose->whereNull('staff_id')->orWhere('staff_id', $host->id))
            ->orderBy('id')
            ->get()
            ->filter(
                static fn(SavedPlace $one): bool => $rooms || $one->kind !== PlaceKind::Video || $one->link !== null,
            )
            ->values();
    }

    /** Whether their door says that one can ask: what a visitor needs for it is there, and they work here. */
    public function isOpen(): bool
    {
        return $this->allowed &&
            $this->host->left_at === null &&
            $this->lengths !== [] &&
            $this->asked()->longest() >= min($this->lengths) &&
            $this->places()->isNotEmpty();
    }

    /** @return Collection<int, self> of all whom anybody can ask, with as many questions as of one */
    public static function ofAnybody(): Collection
    {
        $all = self::query()
            ->where('allowed', true)
            ->where('audience', Audience::Anyone)
            ->whereHas('host', static fn($host) => $host->whereNull('left_at'))
            ->with('host.school')
            ->limit(2_000)
            ->get();
        $places = $all->isEmpty()
            ? []
            : SavedPlace::query()
                ->whereKey(
                    array_unique(
                        array_merge(...array_values($all->map(static fn(self $one): array => $one->place_ids)->all())),
                    ),
                )
                ->pluck('id')
                ->flip()
                ->all();

        return $all
            ->filter(
                static fn(self $one): bool => $one->lengths !== [] &&
                    $one->asked()->longest() >= min($one->lengths) &&
                    array_intersect_key($places, array_flip($one->place_ids)) !== [],
            )
            ->values();
    }

    /** The small sheet of a knock of theirs, not kept yet: whom it is for, and what it asks. */
    public function sheet(): Sheet
    {
        return (new Sheet([
            'staff_id' => $this->staff_id,
            'kind' => SheetKind::Knock,
            'audience' => $this->audience,
            'questions' => $this->questions,
        ]))->setRelation('host', $this->host);
    }
}
