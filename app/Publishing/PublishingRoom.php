<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Room;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Foundation\Exceptions\Handler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The worksheet, sheets, and edits with whom they hit. */
final class PublishingRoom extends Room
{
    public function boot(): void
    {
        parent::boot();
        $this->callAfterResolving(ExceptionHandler::class, function (ExceptionHandler $handler): void {
            if (!($handler instanceof Handler)) {
                return;
            }
            $handler->renderable(
                fn(BookingsAffected $why, Request $request): JsonResponse => $this->app
                    ->make(EditRefused::class)
                    ->affected($why, $request),
            );
            $handler->renderable(
                fn(SheetMoved $why): JsonResponse => $this->app->make(EditRefused::class)->moved($why),
            );
        });
    }
}
