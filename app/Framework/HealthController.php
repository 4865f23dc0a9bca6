<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether the application and its database answer; for the start command and for whoever watches the service. */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        DB::selectOne('SELECT 1');

        return new JsonResponse(['ok' => true]);
    }
}
