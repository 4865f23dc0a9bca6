<?php

declare(strict_types=1);

namespace App\Day;

use App\Models\Row;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A message to all who came to a sheet's meetings, or to all who did not; and to whom it went.
 *
 * @property int $id
 * @property int $sheet_id
 * @property int $staff_id
 * @property string $request_key
 * @property string $to met or missed
 * @property string $subject
 * @property string $text with its blanks
 * @property list<array{booking: int, name: string, email: string}> $sent_to
 * @property CarbonImmutable $sent_at
 * @property StaffMember $writer
 */
final class AfterLetter extends Row
{
    protected $table = 'after_letters';

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sent_to' => 'array', 'sent_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<StaffMember, $this> */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(StaffMember::class, 'staff_id');
    }
}
