<?php

declare(strict_types=1);

namespace App\Writing;

use App\Models\Row;
use App\Models\Sheet;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;

/**
 * What somebody has typed on a worksheet and not saved yet.
 *
 * @property int $id
 * @property int $staff_id
 * @property int|null $sheet_id the sheet that is changed; null for a new one
 * @property int $of the same, 0 for a new one
 * @property SheetFormShape $form with whatever is still wrong in it
 * @property string $line the quick line as it stands, understood or not
 * @property CarbonImmutable $updated_at
 */
final class Draft extends Row
{
    protected $table = 'drafts';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['form' => 'array'];
    }

    public static function by(StaffMember $writer, ?Sheet $sheet): ?self
    {
        return self::query()
            ->where('staff_id', $writer->id)
            ->where('of', $sheet->id ?? 0)
            ->first();
    }
}
