<?php

declare(strict_types=1);

namespace App\Registry;

/**
 * What a piece of work of each kind needed of the program is loaded before the next is forked, once for all: four fifths of
 * a short piece were the reading of its classes.
 */
final class Warm
{
    /** @var array<string, resource> where the first piece of a kind says what it needed */
    private array $files = [];

    /** @var array<string, true> kinds of which that is known */
    private array $known = [];

    /** To be called before a piece is forked. */
    public function begins(string $kind): void
    {
        if (!isset($this->known[$kind]) && !isset($this->files[$kind])) {
            $file = tmpfile();
            $file === false || ($this->files[$kind] = $file);
        }
    }

    /** To be called by the piece itself, at its end. */
    public function says(string $kind): void
    {
        isset($this->files[$kind]) &&
            fwrite($this->files[$kind], implode("\n", [...get_declared_classes(), ...get_declared_interfaces(), '']));
    }

    /** To be called once a piece has ended. */
    public function ended(string $kind): void
    {
        if (!isset($this->files[$kind])) {
            return;
        }
        rewind($this->files[$kind]);
        foreach (explode("\n", (string) stream_get_contents($this->files[$kind])) as $class) {
            // One without a name, inside of another, is written with where it stands.
            str_contains($class, '@') || $class === '' || class_exists($class) || interface_exists($class);
        }
        fclose($this->files[$kind]);
        unset($this->files[$kind]);
        $this->known[$kind] = true;
    }
}
