<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Http\JsonResponse;

/**
 * Whether the application and its database answer, and which of its parts are behind: for the start command and for
 * whoever watches the service. A part that is behind is no reason to take the pages away, so that is still a 200.
 */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        $vitals = Vitals::at(Clock::now());
        $parts = [
            'database' => 'well',
            'queue' => $vitals->isBehind() ? 'behind' : 'well',
            'scheduler' => $vitals->isSilent() ? 'silent' : 'well',
            'live' => $vitals->isUntold() ? 'behind' : 'well',
            'clock' => $vitals->wasSetBack() ? 'set back' : 'well',
        ];

        return (new JsonResponse([
            'ok' => array_unique(array_values($parts)) === ['well'],
            'version' => config()->string('recess.version'),
            'parts' => $parts,
        ]))->header('Cache-Control', 'no-store');
    }
}
