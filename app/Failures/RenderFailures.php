<?php

declare(strict_types=1);

namespace App\Failures;

use App\Http\Data\EffectData;
use App\Http\Data\RulerData;
use App\Http\Data\SheetFormData;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Recess\Rules\State;
use Recess\Time\Span;

/** What each failure looks like to whoever asked: always a message in plain words. */
final class RenderFailures
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([SlotGone::class, RequestKeyReused::class, SheetMoved::class, BookingsAffected::class, SettlementFailed::class, NothingToBook::class, PassRefused::class]);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->render(static fn (SlotGone $gone): JsonResponse => new JsonResponse([
            'message' => $gone->getMessage(),
            'nearest' => array_map(static fn (Span $slot): array => RulerData::slot($slot, State::Free, $gone->zone), $gone->nearest),
        ], 409));
        $exceptions->render(static fn (SheetMoved $moved): JsonResponse => new JsonResponse(
            ['message' => $moved->getMessage(), 'theirs' => SheetFormData::of($moved->sheet)], 409,
        ));
        $exceptions->render(static fn (BookingsAffected $affected, Request $request): JsonResponse => new JsonResponse(
            ['message' => $affected->getMessage(), 'effect' => EffectData::of($affected->effect, $request->string('word')->toString())], 409,
        ));
        $exceptions->render(static fn (RequestKeyReused|NothingToBook|SettlementFailed|PassRefused $failure): JsonResponse => new JsonResponse(
            ['message' => $failure->getMessage()], 409,
        ));
    }
}
