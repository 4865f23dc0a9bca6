<?php

declare(strict_types=1);

namespace App\School;

use App\Models\Notice;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** Things that a staff member should look at. */
final class NoticeController
{
    public function seen(Notice $notice): JsonResponse
    {
        $notice->update(['seen_at' => CarbonImmutable::now()]);

        return new JsonResponse(['ok' => true]);
    }
}
