<?php

declare(strict_types=1);

namespace App\Directory;

/** Somebody who looks after a student, as a line of a file has them: nothing of it is checked yet. */
final readonly class GuardianLine
{
    /**
     * @param  int  $line  its number in the file
     * @param  string|null  $number  of their own, where the file gives them one
     * @param  string  $of  the student's key, where the file says of whom
     */
    public function __construct(
        public int $line,
        public string $name,
        public string $email,
        public string $phone,
        public string $language = '',
        public ?string $number = null,
        public string $of = '',
    ) {}
}
