<?php

declare(strict_types=1);

namespace Recess\Rules;

/** What a field of a sheet's rules can be. */
enum TermKind: string
{
    case Whole = 'whole';
    case Yes = 'yes';
    case Clock = 'clock';
    case Moment = 'moment';
    case Choice = 'choice';
    case Wholes = 'wholes';
}
