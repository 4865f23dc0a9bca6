<?php

declare(strict_types=1);

namespace Recess\Changes;

/** How much of a repeating block an edit is meant for. */
enum Scope: string
{
    case ThisOne = 'this one';
    case ThisAndLater = 'this and later';
    case All = 'all';
}
