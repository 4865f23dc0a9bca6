<?php

declare(strict_types=1);

namespace Recess\Rules;

/** What a slot is to whoever looks at it. */
enum State: string
{
    case Free = 'free';
    case Taken = 'taken';
    case Busy = 'busy';
    case TooSoon = 'too soon';
    case NotYetOpen = 'not yet open';
    case Closed = 'closed';
    case Past = 'past';
}
