<?php

declare(strict_types=1);

namespace Recess\Time;

/** Parts of a day by which people look for a time: before noon, from noon, and from 16:00 on, when school is over. */
enum PartOfDay: string
{
    case Morning = 'morning';
    case Afternoon = 'afternoon';
    case Late = 'late';
}
