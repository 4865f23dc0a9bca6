<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Student;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\Row;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Plans\HoursOn;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Recess\Time\Span;
use Recess\Time\Zone;

/**
 * Somebody in a round, and what is their own of it.
 *
 * @phpstan-type WhereToFind array{kind: string, label: string, link?: string|null, directions?: string|null}
 *
 * @property int $id
 * @property int $round_id
 * @property int $staff_id
 * @property int|null $sheet_id once it is published
 * @property PlaceKind $kind
 * @property string $label where they are; empty while nobody has said it
 * @property string|null $link
 * @property string $directions
 * @property list<array{date: string, from: string, until: string}> $absent when they are not there
 * @property int|null $most meetings on one date
 * @property array{kind: string, label: string, link: string|null}|null $before where they were before all went on by video
 * @property StaffMember $host
 * @property Collection<int, Student> $asked
 * @property Collection<int, Student> $longer each with pivot.times
 * @property Round $round
 * @property Sheet|null $sheet
 */
final class RoundHost extends Row
{
    protected $table = 'round_hosts';

    protected $guarded = [];

    protected $attributes = [
        'sheet_id' => null,
        'kind' => 'room',
        'label' => '',
        'link' => null,
        'directions' => '',
        'absent' => '[]',
        'most' => null,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PlaceKind::class, 'absent' => 'array', 'before' => 'array'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function host(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }

    /** @return BelongsTo<Round, $this> */
    public function round(): BelongsTo
    {
        return $this->belongsTo(Round::class);
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    /** @return BelongsToMany<Student, $this> whom they need to see */
    public function asked(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'round_asks', 'round_host_id', 'student_id')
            ->whereNull('students.put_away_at')
            ->orderBy('students.sort_key');
    }

    /** @return BelongsToMany<Student, $this> whom they meet for longer, each for so many times in a row */
    public function longer(): BelongsToMany
    {
        return $this->belongsToMany(Student::class, 'round_longer', 'round_host_id', 'student_id')
            ->withPivot('times')
            ->whereNull('students.put_away_at')
            ->orderBy('students.sort_key');
    }

    /**
     * The columns of what a form says of where they are.
     *
     * @param  WhereToFind  $form
     * @return array{kind: string, label: string, link: string|null, directions: string}
     */
    public static function whereToFind(array $form): array
    {
        return [
            'kind' => $form['kind'],
            'label' => $form['label'],
            'link' => $form['link'] ?? null ?: null,
            'directions' => $form['directions'] ?? '',
        ];
    }

    /** @return Collection<int, self> by their names */
    public static function of(Round $round): Collection
    {
        return self::query()
            ->where('round_id', $round->id)
            ->with(['host', 'sheet.places'])
            ->orderBy(StaffMember::nameOf('round_hosts.staff_id'))
            ->orderBy('round_hosts.id')
            ->get();
    }

    /** Whether families book on their sheet: from then on it says what is closed, and whom that hits. */
    public function isOpen(): bool
    {
        return $this->sheet !== null && $this->sheet->state !== SheetState::Draft;
    }

    /** Whether it is said where to find them. */
    public function hasPlace(): bool
    {
        return $this->label !== '' && ($this->kind !== PlaceKind::Video || $this->link !== null);
    }

    /** @return list<Span> when they are not there */
    public function absences(Zone $zone): array
    {
        return array_values(
            array_filter(array_map(static fn(array $one): ?Span => HoursOn::of($one)->span($zone), $this->absent)),
        );
    }
}
