<?php

declare(strict_types=1);

namespace App\School;

use Illuminate\Http\Response;

/** The picture of the way to a room, for whoever was given its address. */
final class WayController
{
    public function __invoke(SavedPlace $place, string $key): Response
    {
        abort_unless($place->removed_at === null && hash_equals((string) $place->picture_key, $key), 404);

        return new Response($place->picture, 200, [
            'Content-Type' => 'image/webp',
            // Another picture has another address.
            'Cache-Control' => 'public, max-age=604800, immutable',
        ]);
    }
}
