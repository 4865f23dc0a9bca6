<?php

declare(strict_types=1);

namespace Recess\Rules;

use Recess\RecessException;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/**
 * One field of a sheet's rules: its name, what it can be, and what it is when nothing is said.
 *
 * Validation, the published schema, the form and the wording all follow from these.
 */
final readonly class Term
{
    /** @param  list<string>  $choices */
    private function __construct(
        public string $name,
        public TermKind $kind,
        /** @var int|bool|string|list<int>|null */
        public int|bool|string|array|null $default,
        public int $least = 0,
        public int $most = 0,
        public array $choices = [],
        /** Whether nothing at all may be stated, which is not the default but "no such rule". */
        public bool $canBeNone = false,
        /** Another field beside which this one does not hold: where that is stated, this is none. */
        public ?string $unless = null,
        /** Another moment that has to come first. */
        public ?string $after = null,
    ) {}

    /** A whole number within bounds, both included; without a default it is none. */
    public static function whole(string $name, int $least, int $most, ?int $default = null): self
    {
        return new self($name, TermKind::Whole, $default, $least, $most);
    }

    /** Yes or no. */
    public static function yes(string $name, bool $default = false): self
    {
        return new self($name, TermKind::Yes, $default);
    }

    /** A time of day, HH:MM. */
    public static function clock(string $name, string $default): self
    {
        return new self($name, TermKind::Clock, $default);
    }

    /** A moment on the sheet's clock, YYYY-MM-DDTHH:MM. */
    public static function moment(string $name): self
    {
        return new self($name, TermKind::Moment, null);
    }

    /** @param  non-empty-list<string>  $choices  the first is the default */
    public static function choice(string $name, array $choices): self
    {
        return new self($name, TermKind::Choice, $choices[0], choices: $choices);
    }

    /**
     * A few whole numbers, the largest first.
     *
     * @param  int  $atMost  how many
     * @param  list<int>  $default
     */
    public static function wholes(string $name, int $least, int $most, int $atMost, array $default): self
    {
        return new self($name, TermKind::Wholes, $default, $least, $most, array_map(strval(...), range(1, $atMost)));
    }

    public function orNone(): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->default,
            $this->least,
            $this->most,
            $this->choices,
            true,
            $this->unless,
            $this->after,
        );
    }

    public function unless(string $other): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->default,
            $this->least,
            $this->most,
            $this->choices,
            $this->canBeNone,
            $other,
            $this->after,
        );
    }

    public function after(string $other): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->default,
            $this->least,
            $this->most,
            $this->choices,
            $this->canBeNone,
            $this->unless,
            $other,
        );
    }

    /** How many numbers a list may have. */
    public function atMost(): int
    {
        return count($this->choices);
    }

    /**
     * What somebody has stated, as it is kept; what cannot be read is the default.
     *
     * @return int|bool|string|list<int>|null
     */
    public function read(mixed $stated): int|bool|string|array|null
    {
        if ($this->canBeNone && ($stated === null || $stated === '')) {
            return null;
        }

        return match ($this->kind) {
            TermKind::Whole => is_numeric($stated)
                ? min($this->most, max($this->least, (int) $stated))
                : $this->default,
            TermKind::Yes => is_bool($stated) || is_int($stated) || is_string($stated)
                ? (bool) $stated
                : $this->default,
            TermKind::Choice => is_string($stated) && in_array($stated, $this->choices, true)
                ? $stated
                : $this->default,
            TermKind::Clock => self::readable($stated, static fn(string $text) => LocalTime::parse($text)) ??
                $this->default,
            TermKind::Moment => self::readable($stated, static function (string $text): void {
                LocalDate::parse(substr($text, 0, 10));
                LocalTime::parse(substr($text, 11, 5));
            }) ?? $this->default,
            TermKind::Wholes => is_array($stated) ? $this->numbers($stated) : $this->default,
        };
    }

    /**
     * @param  array<mixed>  $stated
     * @return list<int>
     */
    private function numbers(array $stated): array
    {
        $numbers = array_unique(
            array_map(
                fn(int|float|string $one): int => min($this->most, max($this->least, (int) $one)),
                array_filter($stated, is_numeric(...)),
            ),
        );
        rsort($numbers);

        return array_slice($numbers, 0, $this->atMost());
    }

    /** @param  \Closure(string): mixed  $parse */
    private static function readable(mixed $stated, \Closure $parse): ?string
    {
        if (!is_string($stated) || $stated === '') {
            return null;
        }
        try {
            $parse($stated);

            return $stated;
        } catch (RecessException) {
            return null;
        }
    }

    /** @return array<string, mixed> as JSON Schema (draft 2020-12) */
    public function schema(): array
    {
        $orNone = $this->canBeNone || $this->unless !== null || $this->default === null;
        $type = static fn(string $type): array|string => $orNone ? [$type, 'null'] : $type;

        return match ($this->kind) {
            TermKind::Whole => ['type' => $type('integer'), 'minimum' => $this->least, 'maximum' => $this->most],
            TermKind::Yes => ['type' => 'boolean'],
            TermKind::Choice => ['type' => 'string', 'enum' => $this->choices],
            TermKind::Clock => ['type' => $type('string'), 'pattern' => '^\\d{2}:\\d{2}$'],
            TermKind::Moment => ['type' => $type('string'), 'pattern' => '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}$'],
            TermKind::Wholes => [
                'type' => 'array',
                'maxItems' => $this->atMost(),
                'items' => ['type' => 'integer', 'minimum' => $this->least, 'maximum' => $this->most],
            ],
        } + ['default' => $this->default];
    }
}
