<?php

declare(strict_types=1);

namespace Recess\Rules;

/** What the rules say of one slot. */
final readonly class Verdict
{
    /** @param  list<Reason>  $reasons all that hold, the most useful first; none for a free slot */
    private function __construct(public State $state, public array $reasons) {}

    public static function free(): self
    {
        return new self(State::Free, []);
    }

    /**
     * The most useful reason first: what nothing can change before what the reader can mend or wait for.
     * That is the order of the cases of Because.
     *
     * @param  non-empty-list<Reason>  $reasons
     */
    public static function against(array $reasons): self
    {
        if (count($reasons) > 1) {
            usort($reasons, static fn(Reason $a, Reason $b): int => self::rank($a) <=> self::rank($b));
        }

        return new self($reasons[0]->state, $reasons);
    }

    private static function rank(Reason $reason): int
    {
        /** @var array<string, int> $ranks */
        static $ranks = [];
        if ($ranks === []) {
            $ranks = array_flip(array_column(Because::cases(), 'name'));
        }

        return $ranks[$reason->because->name] ?? count($ranks);
    }

    /** When time alone will have removed every reason; null when it will not, or nothing stands against it. */
    public function changesAt(): ?int
    {
        $latest = null;
        foreach ($this->reasons as $reason) {
            if ($reason->until === null) {
                return null;
            }
            $latest = max($latest ?? $reason->until, $reason->until);
        }

        return $latest;
    }

    /** Whether nothing stands against it that its host, who knows their own times, may not pass over. */
    public function hostMayPass(): bool
    {
        foreach ($this->reasons as $reason) {
            if (!$reason->because->hostMayPass()) {
                return false;
            }
        }

        return true;
    }

    public function isFree(): bool
    {
        return $this->state === State::Free;
    }
}
