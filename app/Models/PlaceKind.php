<?php

declare(strict_types=1);

namespace App\Models;

use Recess\Rules\Travel;

/** How people meet. */
enum PlaceKind: string
{
    case Room = 'room';
    case Phone = 'phone';
    case Video = 'video';

    /** What tells it from other places for whoever has to get from one to the next; null where nobody has to. */
    public function spot(string $label): ?string
    {
        return match ($this) {
            self::Room => $label,
            self::Video => Travel::VIDEO,
            self::Phone => null,
        };
    }
}
