<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Guardian;
use App\Framework\Contended;
use App\Models\Instant;
use App\Models\Round;
use App\Sharing\Cards;
use App\Texts\TextMessages;
use Illuminate\Support\Facades\DB;

/**
 * Reminds the families of which nothing was heard, each with the link that is theirs: by mail, or by text message where there
 * is only a number. Nobody twice within a day.
 */
final class RemindFamilies
{
    private const AGAIN = 86_400;

    public function __construct(private readonly TextMessages $texts)
    {
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return int how many reminders are on the way
     */
    public function __invoke(Round $round, string $word, int $now): int
    {
        return Contended::transaction(function () use ($round, $word, $now): int {
            $sent = 0;
            foreach ($this->due($round, $now)['can'] as $one) {
                // In one statement: of two who press at once, one reminds.
                $mine = DB::affectingStatement(
                    'INSERT INTO round_letters (round_id, guardian_id, sent_at) VALUES (?, ?, ?)'
                    .' ON DUPLICATE KEY UPDATE sent_at = IF(sent_at <= ?, VALUES(sent_at), sent_at)',
                    [$round->id, $one['guardian']->id, Instant::column($now), Instant::column($now - self::AGAIN)],
                );
                if ($mine > 0) {
                    event(new FamilyReminded($round, $one['guardian']->pass(), $one['students'], $word, $now));
                    $sent++;
                }
            }

            return $sent;
        });
    }

    /**
     * Who would be reminded now, and how many can only be given a card.
     *
     * @return array{can: list<array{guardian: Guardian, students: string}>, cannot: int, lately: int}
     */
    public function due(Round $round, int $now): array
    {
        $due = ['can' => [], 'cannot' => 0, 'lately' => 0];
        if (! $round->isOpenFor($now)) {
            return $due;
        }
        $lately = DB::table('round_letters')->where('round_id', $round->id)
            ->where('sent_at', '>', Instant::column($now - self::AGAIN))->pluck('guardian_id')->flip();
        foreach (Cards::familiesOf(Unheard::in($round)) as $one) {
            $guardian = $one['guardian'];
            if ($lately->has($guardian->id)) {
                $due['lately']++;
            } elseif ($guardian->email === null && ($guardian->phone === '' || ! $this->texts->areSent())) {
                $due['cannot']++;
            } else {
                $due['can'][] = $one;
            }
        }

        return $due;
    }
}
