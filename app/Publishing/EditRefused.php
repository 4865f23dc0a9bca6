<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Asked;
use App\Writing\SheetFormData;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a worksheet is told when a change was not saved: whom it hits, or what somebody else has made of the sheet (HTTP 409). */
final readonly class EditRefused
{
    public function __construct(private EffectData $data) {}

    public function affected(BookingsAffected $why, Request $request): JsonResponse
    {
        $effect = $this->data->of($why->effects, Asked::word($request, 'word', 1000), within: $why->within);

        return new JsonResponse(['message' => $why->getMessage(), 'effect' => $effect], 409);
    }

    public function moved(SheetMoved $why): JsonResponse
    {
        return new JsonResponse(['message' => $why->getMessage(), 'theirs' => SheetFormData::of($why->sheet)], 409);
    }
}
