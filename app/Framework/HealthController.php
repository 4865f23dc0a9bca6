<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whether the application and its database answer, and which of its parts are behind: for the start command and for
 * whoever watches the service. A part that is behind is no reason to take the pages away, so that is still a 200.
 */
final class HealthController
{
    public function __invoke(): JsonResponse
    {
        try {
            $parts = $this->parts(Clock::now());
        } catch (QueryException $failure) {
            if (!DatabaseAway::is($failure)) {
                throw $failure;
            }

            return $this->answer(['database' => 'away'], Response::HTTP_SERVICE_UNAVAILABLE);
        }

        return $this->answer($parts, Response::HTTP_OK);
    }

    /** @return array<string, string> */
    private function parts(int $now): array
    {
        $vitals = Vitals::at($now);
        $parts = [
            'database' => 'well',
            'tables' => TablesOfThis::fit() ? 'well' : 'of another version',
            'queue' => $vitals->isBehind() ? 'behind' : 'well',
            'scheduler' => $vitals->isSilent() ? 'silent' : 'well',
            'live' => $vitals->isUntold() ? 'behind' : 'well',
            'clock' => $vitals->wasSetBack() ? 'set back' : 'well',
        ];
        foreach (app()->tagged(Watched::class) as $watched) {
            assert($watched instanceof Watched);
            $parts[$watched->part()] = $watched->complaints($now) === [] ? 'well' : 'behind';
        }

        return $parts;
    }

    /** @param  array<string, string>  $parts */
    private function answer(array $parts, int $status): JsonResponse
    {
        return (new JsonResponse(
            [
                'ok' => array_unique(array_values($parts)) === ['well'],
                'version' => config()->string('recess.version'),
                'parts' => $parts,
            ],
            $status,
        ))->header('Cache-Control', 'no-store');
    }
}
