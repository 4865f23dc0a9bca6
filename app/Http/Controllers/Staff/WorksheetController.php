<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Http\Requests\OccurrenceRequest;
use App\Http\Requests\WorksheetRequest;
use App\Worksheet\Drawing;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** What a worksheet would make, drawn while it is written; nothing is saved. */
final class WorksheetController
{
    public function draw(WorksheetRequest $request): JsonResponse
    {
        return new JsonResponse(Drawing::of($request->all(), $request->reader(), CarbonImmutable::now()->getTimestamp()));
    }

    /** Closes, moves or changes one occurrence, or it and later ones, or all. */
    public function occurrence(OccurrenceRequest $request): JsonResponse
    {
        return new JsonResponse(['blocks' => $request->blocks()]);
    }
}
