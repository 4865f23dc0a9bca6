<?php

declare(strict_types=1);

namespace App\Video;

use App\Framework\Room;

/** Video rooms that are made for a meeting or a sheet, and the links that people give themselves. */
final class VideoRoom extends Room
{
    public function register(): void
    {
        $this->app->bind(
            VideoRooms::class,
            static fn(): VideoRooms => TemplateRooms::areSet()
                ? new TemplateRooms((string) config('recess.video_address'))
                : new NoRooms(),
        );
    }
}
