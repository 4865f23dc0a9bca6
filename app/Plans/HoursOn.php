<?php

declare(strict_types=1);

namespace App\Plans;

use App\Framework\Budget;
use App\Framework\Words;
use Illuminate\Validation\ValidationException;
use Recess\RecessException;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Zone;

/** Hours on one date, as somebody types them: when a family can come, or a teacher is not there. */
final readonly class HoursOn
{
    private function __construct(private LocalDate $date, private Hours $hours) {}

    /** @return array<string, list<mixed>> what Laravel asks of a field that holds a list of them */
    public static function rules(string $field, int $most, mixed $typed): array
    {
        return [
            $field => ['present', 'array', "max:$most"],
            ...Budget::each($typed, $most, [
                "$field.*" => ['array:date,from,until'],
                "$field.*.date" => ['required', 'string', 'date_format:Y-m-d'],
                "$field.*.from" => ['required', 'string', 'max:20'],
                "$field.*.until" => ['required', 'string', 'max:20'],
            ]),
        ];
    }

    /**
     * @param  array<array{date: string, from: string, until: string}>  $typed  that has passed the rules
     * @return array<self>
     *
     * @throws ValidationException with each that cannot be read at its field
     */
    public static function all(array $typed, string $field): array
    {
        $all = $wrong = [];
        foreach ($typed as $i => $one) {
            try {
                $all[$i] = self::of($one);
            } catch (RecessException $failure) {
                $wrong["$field.$i.from"] = Words::why($failure);
            }
        }
        $wrong === [] || throw ValidationException::withMessages($wrong);

        return $all;
    }

    /**
     * @param  array{date: string, from: string, until: string}  $one
     *
     * @throws RecessException
     */
    public static function of(array $one): self
    {
        return new self(
            LocalDate::parse($one['date']),
            Hours::between(LocalTime::parse($one['from']), LocalTime::parse($one['until'])),
        );
    }

    /** In real time; null when a clock change swallows all of it. */
    public function span(Zone $zone): ?Span
    {
        return $this->hours->on($this->date, $zone);
    }

    /** @return array{date: string, from: string, until: string} */
    public function toArray(): array
    {
        return [
            'date' => (string) $this->date,
            'from' => (string) $this->hours->from,
            'until' => (string) $this->hours->until(),
        ];
    }
}
