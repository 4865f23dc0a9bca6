<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Framework\Clock;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Pass;
use App\Models\Secret;
use App\Passes\OtherPages;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Recess\Names\NameKey;

/**
 * Passes of one address and one name. That somebody typed an address shows nothing: they are brought together where its
 * mailbox answers, and what opened them before opens nothing then.
 */
final class SamePerson implements OtherPages
{
    /** So many at once; whoever presses reads that there are more. */
    private const MOST = 100;

    /** Seconds for which the press stands on the page that a mailbox opened. */
    private const OPEN = 3600;

    private const FORM = '/^(\d{1,13})\.(\d{1,13})\.([\w-]{43})$/D';

    public function of(Pass $pass): ?array
    {
        $others = self::others($pass)->modelKeys();
        $meetings = DB::table('bookings')
            ->whereIn('pass_id', $others)
            ->whereIn('state', BookingState::standing())
            ->where('ends_at', '>', Instant::column(Clock::now()))
            ->count();

        return $others === []
            ? null
            : ['pages' => count($others), 'meetings' => $meetings, 'press' => '/together/' . self::key($pass)];
    }

    /** @return Collection<int, Pass> the others, the newest first; who works here, and another guardian, is somebody else */
    public static function others(Pass $pass): Collection
    {
        if ($pass->email === null || $pass->staff_id !== null || $pass->forgotten_at !== null) {
            return new Collection();
        }
        $name = NameKey::of($pass->name);
        $guardian = $pass->guardian_id;

        $others = Pass::query()
            ->where('email', $pass->email)
            ->whereKeyNot($pass->id)
            ->whereNull('staff_id')
            ->whereNull('forgotten_at')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get();
        foreach ($others as $key => $one) {
            if (
                NameKey::of($one->name) !== $name ||
                ($one->guardian_id ?? $guardian) !== ($guardian ?? $one->guardian_id)
            ) {
                $others->forget($key);
            } else {
                $guardian ??= $one->guardian_id;
            }
        }

        return $others->values();
    }

    /** The pass whose mailbox a press comes from; null where the key is none, or its hour is over. */
    public static function opened(string $key): ?Pass
    {
        if (preg_match(self::FORM, $key, $found) !== 1) {
            return null;
        }
        [$id, $until] = [(int) $found[1], (int) $found[2]];
        $pass = $until < Clock::now() ? null : Pass::query()->find($id);

        return $pass !== null && Secret::matches(self::sealed($pass, $until), $found[3]) ? $pass : null;
    }

    /** For whoever has just shown that they read the mailbox of that pass. */
    public static function key(Pass $pass): string
    {
        $until = Clock::now() + self::OPEN;

        return "$pass->id.$until." . Secret::of(self::sealed($pass, $until));
    }

    /** Not of its generation: pressed twice, it finds all of it done. */
    private static function sealed(Pass $pass, int $until): string
    {
        return "together|$pass->id|$pass->email|$until";
    }
}
