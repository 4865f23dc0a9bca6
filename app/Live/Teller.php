<?php

declare(strict_types=1);

namespace App\Live;

/** Tells this server's pages of one school, as often as it is asked to. */
final class Teller
{
    private const AT_ONCE = 2000;

    private bool $silent = false;

    private int $said = 0;

    public function __construct(private readonly Stamps $stamps, private readonly Tellers $tellers) {}

    /** Whether it is time to say that this server is there. */
    public function isToSay(): bool
    {
        return time() - $this->said >= Tellers::SAYS;
    }

    /** @return int|null how many stamps there were; null when they could not be told */
    public function tell(): ?int
    {
        if ($this->isToSay()) {
            $this->tellers->say();
            $this->said = time();
        }
        $untold = $this->tellers->untold(self::AT_ONCE);
        if ($untold === []) {
            return 0;
        }
        try {
            $this->stamps->publish(array_values(array_unique($untold)));
        } catch (StampsNotSent $failure) {
            // Once, until it is mended: it is tried each second.
            $this->silent || report($failure);
            $this->silent = true;

            return null;
        }
        $this->silent = false;
        $this->tellers->told(array_keys($untold));

        return count($untold);
    }
}
