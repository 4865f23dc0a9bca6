<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Refused;
use App\Models\Sheet;
use App\Writing\SheetFormData;

/** Somebody else has changed the sheet since it was opened; neither version is thrown away. */
final class SheetMoved extends Refused
{
    public function __construct(public readonly Sheet $sheet)
    {
        parent::__construct(
            'Somebody else has changed this sheet since you opened it. Nothing of yours was lost or saved. Look at both and choose.',
        );
    }

    protected function more(\Illuminate\Http\Request $request): array
    {
        return ['theirs' => SheetFormData::of($this->sheet)];
    }
}
