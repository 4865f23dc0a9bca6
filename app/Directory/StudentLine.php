<?php

declare(strict_types=1);

namespace App\Directory;

/** A student as a line of a file has them. */
final readonly class StudentLine
{
    /** @param  int  $line  its number in the file */
    public function __construct(public int $line, public string $name, public string $number, public string $class) {}
}
