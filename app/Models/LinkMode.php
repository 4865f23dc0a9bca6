<?php

declare(strict_types=1);

namespace App\Models;

/** Where the video link of a meeting comes from. */
enum LinkMode: string
{
    /** One for all meetings. */
    case One = 'one';
    /** One for each, made when it is booked. */
    case Each = 'each';
    /** The host adds it later. */
    case Later = 'later';
}
