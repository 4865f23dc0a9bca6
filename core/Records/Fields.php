<?php

declare(strict_types=1);

namespace Recess\Records;

use Recess\Message;
use Recess\RecessException;
use Recess\Time\Rfc3339;
use Recess\Time\Span;

/** Reads an object out of JSON, field by field; what is wrong is said at its place, such as meetings[2].slots[0]. */
final readonly class Fields
{
    /** @param  array<mixed>  $values */
    private function __construct(private array $values, private string $place) {}

    /** @throws RecordNotValid when it is no object */
    public static function of(mixed $value, string $place = ''): self
    {
        if (!is_array($value) || ($value !== [] && array_is_list($value))) {
            throw self::wrong($place, Message::of('given.object'));
        }

        return new self($value, $place);
    }

    public static function wrong(string $place, Message $why): RecordNotValid
    {
        return RecordNotValid::at([$place === '' ? '(all)' : $place => $why]);
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    public function place(string $name): string
    {
        return $this->place === '' ? $name : "$this->place.$name";
    }

    /** Words of 1 to 200 characters. */
    public function text(string $name): string
    {
        $value = $this->values[$name] ?? null;
        // Whoever numbers things may write the numbers as such.
        $value = is_int($value) ? (string) $value : $value;
        if (!is_string($value) || $value === '' || strlen($value) > 200) {
            throw self::wrong($this->place($name), Message::of('given.text'));
        }

        return $value;
    }

    public function textOrNull(string $name): ?string
    {
        return $this->has($name) ? $this->text($name) : null;
    }

    /** @return int<0, max> */
    public function number(string $name, int $least, int $most): int
    {
        return self::whole($this->values[$name] ?? null, $this->place($name), $least, $most);
    }

    /** @return int<0, max> */
    public static function whole(mixed $value, string $place, int $least, int $most): int
    {
        // JSON knows one kind of number: 5.0 is 5.
        $value = is_float($value) && $value === floor($value) && abs($value) < 1e15 ? (int) $value : $value;
        if (!is_int($value) || $value < max(0, $least) || $value > $most) {
            throw self::wrong($place, Message::of('given.whole', least: $least, most: $most));
        }

        return $value;
    }

    public function flag(string $name): bool
    {
        $value = $this->values[$name] ?? false;

        return is_bool($value) ? $value : throw self::wrong($this->place($name), Message::of('given.flag'));
    }

    /** @return array<string, mixed> by place, in their order; empty where it is missing and may be */
    public function list(string $name, int $most, bool $needed = true): array
    {
        $value = $this->values[$name] ?? ($needed ? null : []);
        $place = $this->place($name);
        if (!is_array($value) || !array_is_list($value)) {
            throw self::wrong($place, Message::of('given.list'));
        }
        if (count($value) > $most) {
            throw self::wrong($place, Message::of('given.too_many', most: $most, given: count($value)));
        }
        $placed = [];
        foreach ($value as $i => $one) {
            $placed["{$place}[$i]"] = $one;
        }

        return $placed;
    }

    /** @return array<string, self> */
    public function objects(string $name, int $most): array
    {
        $objects = [];
        foreach ($this->list($name, $most) as $place => $one) {
            $objects[$place] = self::of($one, $place);
        }

        return $objects;
    }

    public function object(string $name): ?self
    {
        return $this->has($name) ? self::of($this->values[$name], $this->place($name)) : null;
    }

    /** @return list<Span> out of pairs of instants, from and to */
    public function spans(string $name, int $most): array
    {
        $spans = [];
        foreach ($this->list($name, $most) as $place => $pair) {
            if (
                !is_array($pair) ||
                !array_is_list($pair) ||
                count($pair) !== 2 ||
                !is_string($pair[0]) ||
                !is_string($pair[1])
            ) {
                throw self::wrong($place, Message::of('given.two_instants'));
            }
            $spans[] = self::at(
                $place,
                static fn(): Span => Span::of(Rfc3339::parse($pair[0]), Rfc3339::parse($pair[1])),
            );
        }

        return $spans;
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $reading
     * @return T
     */
    public static function at(string $place, \Closure $reading): mixed
    {
        try {
            return $reading();
        } catch (RecessException $failure) {
            throw self::wrong($place, $failure->says());
        }
    }
}
