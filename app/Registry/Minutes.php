<?php

declare(strict_types=1);

namespace App\Registry;

/**
 * When what is scheduled is looked at for each school, spread over the minute: each minute where something has happened a
 * while ago, every fifth one where nothing has. What is scheduled to the minute follows upon something, a press or a
 * letter; all else is scheduled for fifth minutes (routes/schedule.php). One that is new has its first at once.
 */
final class Minutes
{
    /** Seconds after which a school of which nothing is said is gone. */
    private const GONE = 30;

    /** Where nothing happens, minutes that this divides. */
    public const ASLEEP = 5;

    /** @var array<string, array{heard: int, awake: bool, last: int}> and in which minute it was its turn */
    private array $schools = [];

    /** @param  int  $now  seconds since the epoch */
    public function isThere(string $school, int $now, bool $awake): void
    {
        $this->schools[$school] = ['heard' => $now, 'awake' => $awake, 'last' => $this->schools[$school]['last'] ?? 0];
    }

    /**
     * @param  int  $now  seconds since the epoch
     * @return list<string> whose minute has come
     */
    public function due(int $now): array
    {
        $due = [];
        $minute = intdiv($now, 60);
        foreach ($this->schools as $school => $is) {
            if ($is['heard'] < $now - self::GONE) {
                unset($this->schools[$school]);
            } elseif (
                $minute > $is['last'] &&
                ($is['awake'] || $is['last'] === 0 || $minute % self::ASLEEP === 0) &&
                $now % 60 >= crc32($school) % 50
            ) {
                $this->schools[$school]['last'] = $minute;
                $due[] = $school;
            }
        }

        return $due;
    }
}
