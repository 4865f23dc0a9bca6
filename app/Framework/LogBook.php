<?php

declare(strict_types=1);

namespace App\Framework;

use App\Models\StaffMember;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;

/**
 * Who did what is written down: who came in, who took what out, who changed or took away what; never the contents. The
 * office reads it; nobody changes it (the database refuses), and it goes when its time is over.
 */
final class LogBook
{
    public const NAME = 'recess';

    /** How many lines this process has written: by which a test knows that an action notes what its route says it notes. */
    public static int $noted = 0;

    /**
     * @param  string  $what  a word of lang/en/log.php
     * @param  Model|null  $about  whom or what it was about
     * @param  array<string, scalar|null>  $values  what the sentence names
     * @param  StaffMember|null  $by  whoever is signed in, when nothing is said
     */
    public static function note(string $what, ?Model $about = null, array $values = [], ?StaffMember $by = null): void
    {
        $who = $by ?? Auth::user();
        $note = activity(self::NAME)
            ->event($what)
            ->withProperties($values + ['name' => $who instanceof StaffMember ? $who->name : null]);
        if ($about !== null) {
            $note->performedOn($about);
        }
        $who instanceof StaffMember ? $note->causedBy($who) : $note->causedByAnonymous();
        $note->log($what);
        self::$noted++;
    }
}
