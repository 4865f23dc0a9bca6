<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Models\Pass;
use App\Models\Row;
use App\Models\Sheet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Recess\Names\NameKey;
use Recess\Time\Span;

/**
 * One wish of an allotment, and what it was given.
 *
 * @property int $id
 * @property int $allotment_id
 * @property int $pass_id
 * @property int|null $sheet_id null when its host is not in the round any more
 * @property int|null $student_id
 * @property string $host as they were called
 * @property string $student
 * @property int $rank 1 is wanted most; 0 where only the host asked
 * @property bool $asked whether the host needs to see them
 * @property CarbonImmutable|null $starts_at null when it was not granted
 * @property CarbonImmutable|null $ends_at
 * @property NotGranted|null $why
 * @property string|null $language for which an interpreter has to be there
 * @property bool $pinned whether it keeps its time when others are allotted anew
 * @property bool $told whether its family has been booked and told
 * @property int|null $booking_id
 * @property Pass $pass
 * @property Sheet|null $sheet
 */
final class Allotted extends Row
{
    protected $table = 'allotted';

    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'asked' => 'boolean',
            'pinned' => 'boolean',
            'told' => 'boolean',
            'why' => NotGranted::class,
            'starts_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
        ];
    }

    /** @return BelongsTo<Pass, $this> */
    public function pass(): BelongsTo
    {
        return $this->belongsTo(Pass::class);
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class);
    }

    public function span(): ?Span
    {
        return $this->starts_at === null || $this->ends_at === null
            ? null
            : Span::of($this->starts_at->getTimestamp(), $this->ends_at->getTimestamp());
    }

    /** The same wish in another allotment of the round. */
    public function key(): string
    {
        return self::keyOf($this->pass_id, (int) $this->sheet_id, $this->student);
    }

    public static function keyOf(int $pass, int $sheet, string $student): string
    {
        return "$pass|$sheet|" . NameKey::of($student);
    }
}
