<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\StaffMember;

/** A word to one who waits, or to all of them. */
final class SendWord
{
    public const LENGTH = 300;

    /**
     * @param  list<string>  $who  by TurnKey; none is everybody who waits
     *
     * @throws PressedElsewhere when nobody waits
     */
    public function __invoke(StaffMember $host, int $revision, array $who, string $word, int $now): void
    {
        Press::at($host, $revision, 'word', $now, static function (Press $press) use ($who, $word, $now): void {
            $all = $who === [] ? $press->waiting() : $who;
            foreach ($all === [] ? throw PressedElsewhere::because('nobody_waits') : $all as $key) {
                $press
                    ->turn($key)
                    ->fill(['word' => $word, 'word_at' => Instant::column($now), 'answer' => '', 'answer_at' => null])
                    ->save();
            }
        });
    }
}
