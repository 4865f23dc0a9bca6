<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Clock;
use Illuminate\Http\JsonResponse;

/** What a worksheet would make, drawn while it is written; nothing is saved. */
final class WorksheetController
{
    public function draw(WorksheetRequest $request): JsonResponse
    {
        return new JsonResponse(Drawing::of($request->all(), $request->reader(), Clock::now()));
    }

    /** Closes, moves or changes one occurrence, or it and later ones, or all. */
    public function occurrence(OccurrenceRequest $request): JsonResponse
    {
        return new JsonResponse(['blocks' => $request->blocks()]);
    }
}
