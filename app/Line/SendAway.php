<?php

declare(strict_types=1);

namespace App\Line;

use App\Models\Instant;
use App\Models\Outcome;
use App\Models\StaffMember;

/** The meeting cannot be today: whoever waits for it is told so with a kind word, and need not wait. */
final class SendAway
{
    /**
     * @param  list<string>  $who  by TurnKey
     *
     * @throws PressedElsewhere
     */
    public function __invoke(StaffMember $host, int $revision, array $who, string $word, int $now): void
    {
        Press::at($host, $revision, 'away', $now, static function (Press $press) use ($who, $word, $now): void {
            foreach ($who as $key) {
                $turn = $press->turn($key);
                if ($turn->isOver()) {
                    throw PressedElsewhere::because('over_already');
                }
                $turn
                    ->fill([
                        'outcome' => Outcome::Away,
                        'called_at' => null,
                        'word' => $word,
                        'word_at' => Instant::column($now),
                    ])
                    ->save();
                $press->calledIn($key, null);
            }
        });
    }
}
