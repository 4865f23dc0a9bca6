<?php

declare(strict_types=1);

namespace App\Booking;

use App\Models\Booking;
use App\Models\Guest;
use App\Models\Pass;
use Illuminate\Support\Str;

/**
 * A visitor's last change of a booking, and what it takes to take it back. For some seconds they can; until then nobody
 * is told of it.
 */
final readonly class LastChange
{
    /** Seconds for which it can be taken back. */
    public const LASTS = 20;

    /** Seconds after which it is told: a press on the last second is still on its way. */
    public const TOLD = 25;

    /** @param  array<string, mixed>  $facts  what was, as the kind of change needs it */
    private function __construct(
        public string $key,
        public string $what,
        /** The instant at which it was made. */
        public int $at,
        public array $facts,
    ) {
    }

    /** @param  array<string, mixed>  $facts */
    public static function made(string $what, int $now, array $facts = []): self
    {
        return new self(Str::uuid()->toString(), $what, $now, $facts);
    }

    /** The one that can still be taken back. */
    public static function of(Booking $booking, int $now): ?self
    {
        $kept = $booking->undo;
        $at = $kept['at'] ?? 0;
        if ($kept === null || ! is_int($at) || $at + self::TOLD <= $now || ! is_string($kept['key'] ?? null) || ! is_string($kept['what'] ?? null)) {
            return null;
        }

        return new self($kept['key'], $kept['what'], $at, is_array($kept['facts'] ?? null) ? $kept['facts'] : []);
    }

    /** Whether whoever holds the pass may take it back: who may change the booking, and a guest who has left it. */
    public function isFor(Booking $booking, Pass $pass): bool
    {
        return $booking->isChangedBy($pass)
            || ($this->what === 'guest left' && $booking->guests->contains(fn (Guest $guest): bool => $guest->id === $this->whole('guest') && $guest->pass_id === $pass->id));
    }

    /** @return array{key: string, what: string, at: int, facts: array<string, mixed>} */
    public function toArray(): array
    {
        return ['key' => $this->key, 'what' => $this->what, 'at' => $this->at, 'facts' => $this->facts];
    }

    public function whole(string $fact): int
    {
        return is_int($this->facts[$fact] ?? null) ? $this->facts[$fact] : 0;
    }
}
