<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Clock;
use Illuminate\Http\JsonResponse;

/** What a worksheet would make, drawn and kept while it is written; the sheet itself stays as it is. */
final class WorksheetController
{
    public function draw(WorksheetRequest $request, KeepDraft $keep): JsonResponse
    {
        if ($request->boolean('keep')) {
            $keep($request->writer(), $request->sheet(), $request->form(), $request->string('line')->toString());
        }

        return new JsonResponse(Drawing::of($request->all(), $request->reader(), Clock::now()));
    }

    public function forget(WorksheetRequest $request, ForgetDraft $forget): JsonResponse
    {
        $forget($request->writer(), $request->sheet());

        return new JsonResponse(['ok' => true]);
    }

    /** Closes, moves or changes one occurrence, or it and later ones, or all. */
    public function occurrence(OccurrenceRequest $request): JsonResponse
    {
        return new JsonResponse(['blocks' => $request->blocks()]);
    }
}
