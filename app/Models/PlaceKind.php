<?php

declare(strict_types=1);

namespace App\Models;

/** How people meet. */
enum PlaceKind: string
{
    case Room = 'room';
    case Phone = 'phone';
    case Video = 'video';
}
