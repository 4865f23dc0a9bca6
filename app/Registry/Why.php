<?php

declare(strict_types=1);

namespace App\Registry;

/** Why the registry is not changed. */
enum Why
{
    case NotAName;
    case NotAHost;
    case NameTaken;
    case HostTaken;
    /** There is a database of that name already, with somebody's tables in it. */
    case NotEmpty;
    case NoSchool;
    case StillMade;
    case NoSetting;
    case NotAValue;
}
