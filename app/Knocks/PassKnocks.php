<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Addresses;
use App\Models\Instant;
use App\Models\Pass;

/** What whoever holds a pass has asked for: what is open, and what came to nothing lately. What was accepted is a booking. */
final class PassKnocks
{
    private const OVER = 14 * 86_400;

    /** @return list<PassKnockShape> as PassKnock in docs/formats/recess.openapi.yaml */
    public static function of(Pass $pass, int $now): array
    {
        $knocks = Knock::query()
            ->where('pass_id', $pass->id)
            ->where('state', '!=', KnockState::Accepted)
            ->where(
                static fn($one) => $one
                    ->whereIn('state', KnockState::open())
                    ->orWhere('updated_at', '>', Instant::column($now - self::OVER)),
            )
            ->with(Knock::PARTS)
            ->orderByDesc('id')
            ->limit(50)
            ->get()
            ->filter(static fn(Knock $knock): bool => $pass->reach?->holdsKnock($knock->id, $knock->staff_id) ?? true);

        return array_values(
            $knocks
                ->map(static function (Knock $knock) use ($now): array {
                    $zone = $knock->zone();
                    // Whose time is up is over, whether or not it was cleared away yet.
                    $state =
                        $knock->state->isOpen() && $knock->until->getTimestamp() <= $now
                            ? KnockState::Lapsed
                            : $knock->state;

                    return [
                        'id' => $knock->id,
                        'title' => $knock->title,
                        'host' => $knock->names(),
                        'door' => Addresses::knock((string) $knock->host->slug),
                        'place' => $knock->place->label ?? '',
                        'student' => $knock->student,
                        'state' => $state->value,
                        'open' => $state->isOpen(),
                        'word' => $knock->answer_note,
                        'said' => Words::say('knocks.pass_' . str_replace(' ', '_', $state->value), [
                            'host' => $knock->names(),
                            'hosts' => count($knock->everyHost()),
                            'until' => Spell::moment($knock->until->getTimestamp(), $zone),
                            'email' => (string) $knock->pass->email,
                        ]),
                        'choices' => array_values(
                            $knock->choices
                                ->map(
                                    static fn(KnockChoice $one): array => [
                                        'id' => $one->id,
                                        'when' => Spell::slot($one->span(), $zone),
                                        'can_take' => $state === KnockState::Proposed && $one->span()->start > $now,
                                    ],
                                )
                                ->all(),
                        ),
                    ];
                })
                ->all(),
        );
    }
}
