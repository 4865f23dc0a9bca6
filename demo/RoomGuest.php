<?php

declare(strict_types=1);

namespace Demo;

use App\Models\Row;

/**
 * Somebody at the door of a stand-in's video room, or in it.
 *
 * @property int $id
 * @property string $room
 * @property string $guest a UUID of their page
 * @property string $name
 * @property string $state door, in, later or out
 * @property string $word the host's, where they are not let in
 */
final class RoomGuest extends Row
{
    protected $table = 'room_guests';

    protected $guarded = [];

    protected $attributes = ['word' => ''];
}
