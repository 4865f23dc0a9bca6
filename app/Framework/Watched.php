<?php

declare(strict_types=1);

namespace App\Framework;

/**
 * Something of a room's that may be behind or broken: looked at by /up, /metrics and the doctor. A room tags it by this name.
 * It is asked by anybody, so it reads no more than a few rows.
 */
interface Watched
{
    /** As what it stands in /up. */
    public function part(): string;

    /**
     * What is wrong, for a technician and with what to do; none when nothing is.
     *
     * @param  int  $now  seconds since the epoch
     * @return list<string>
     */
    public function complaints(int $now): array;

    /** What is said where there is none. */
    public function well(): string;

    /**
     * For monitoring: no names and no addresses.
     *
     * @param  int  $now  seconds since the epoch
     * @return array<string, array{string, int}> by the metric's name: what it is, and its value
     */
    public function figures(int $now): array;
}
