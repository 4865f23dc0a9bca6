<?php

declare(strict_types=1);

namespace App\Directory;

/** A student as a line of a file has them. */
final readonly class StudentLine
{
    /**
     * @param  int  $line  its number in the file
     * @param  string  $family  the name by which lists are in order; empty where the file has names whole
     */
    public function __construct(
        public int $line,
        public string $name,
        public string $number,
        public string $class,
        public string $family = '',
    ) {}
}
