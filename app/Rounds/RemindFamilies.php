<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Guardian;
use App\Directory\Student;
use App\Framework\Contended;
use App\Framework\Spell;
use App\Models\Instant;
use App\Models\Round;
use App\Texts\TextMessages;
use Illuminate\Support\Facades\DB;

/**
 * Writes to the families of which nothing was heard, each with the link that is theirs: by mail, or by text message where there
 * is only a number. What comes first invites, what comes later reminds; to nobody twice within a day.
 */
final class RemindFamilies
{
    private const AGAIN = 86_400;

    public function __construct(private readonly TextMessages $texts) {}

    /**
     * @param  int  $now  seconds since the epoch
     * @return int how many reminders are on the way
     */
    public function __invoke(Round $round, string $word, int $now): int
    {
        return Contended::transaction(function () use ($round, $word, $now): int {
            $sent = 0;
            $missing = Unheard::in($round)->pluck('students.id')->flip();
            foreach (
                Guardian::query()->whereKey($this->due($round, $now)['can'])->with('students')->orderBy('id')->lazy(200)
                as $guardian
            ) {
                // In one statement: of two who press at once, one reminds.
                $mine = DB::affectingStatement(
                    'INSERT INTO round_letters (round_id, guardian_id, sent_at) VALUES (?, ?, ?)' .
                        ' ON DUPLICATE KEY UPDATE sent_at = IF(sent_at <= ?, VALUES(sent_at), sent_at)',
                    [$round->id, $guardian->id, Instant::column($now), Instant::column($now - self::AGAIN)],
                );
                if ($mine > 0) {
                    $children = $guardian->students->filter(static fn(Student $one): bool => $missing->has($one->id));
                    $names = array_values($children->map(static fn(Student $one): string => $one->name())->all());
                    // The database says 1 for a new row, and 2 for one that was there.
                    event(new FamilyReminded($round, $guardian->pass(), Spell::list($names), $word, $now, $mine === 1));
                    $sent++;
                }
            }

            return $sent;
        });
    }

    /**
     * Who would be reminded now, and how many can only be given a card.
     *
     * @return array{can: list<int>, cannot: int, lately: int}
     */
    public function due(Round $round, int $now): array
    {
        $due = ['can' => [], 'cannot' => 0, 'lately' => 0];
        if (!$round->isOpenFor($now)) {
            return $due;
        }
        $guardians = Guardian::whoMayBookFor(Unheard::in($round))
            ->leftJoin(
                'round_letters',
                static fn($letter) => $letter
                    ->on('round_letters.guardian_id', '=', 'guardians.id')
                    ->where('round_letters.round_id', $round->id),
            )
            ->addSelect('round_letters.sent_at')
            ->get();
        foreach ($guardians as $one) {
            if ($one->sent_at !== null && (string) $one->sent_at > Instant::column($now - self::AGAIN)) {
                $due['lately']++;
            } elseif ($one->email === null && ((string) $one->phone === '' || !$this->texts->areSent())) {
                $due['cannot']++;
            } else {
                $due['can'][] = (int) $one->id;
            }
        }

        return $due;
    }
}
