<?php

declare(strict_types=1);

namespace Recess\Fitting;

/** What a plan can be best by; a family puts them in order. */
enum Preference: string
{
    /** On as few dates as can be. */
    case Evenings = 'evenings';

    /** Home early, on all dates together. */
    case Home = 'home';

    /** Little waiting between meetings. */
    case Waiting = 'waiting';

    /**
     * @param  list<self>  $first  those that are put first
     * @return list<self> all of them, what is missing behind in the order above
     */
    public static function ordered(array $first): array
    {
        return array_values(array_unique([...$first, ...self::cases()], SORT_REGULAR));
    }
}
