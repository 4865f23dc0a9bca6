<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Recess\RecessException;
use Recess\Repeat\OnDates;
use Recess\Slots\Block;
use Recess\Slots\Cut;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/** The "When" sentence of a worksheet, read by the core; each thing wrong with it is said at its own blank. */
class WhenRequest extends FormRequest
{
    /** A year typed with a digit too many is a slip, not a plan. */
    private const DAYS_AHEAD = 3 * 366;

    private ?OnDates $pattern = null;

    private ?Hours $hours = null;

    private ?Cut $cut = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', 'string', 'max:40'],
            'from' => ['required', 'string', 'max:40'],
            'until' => ['required', 'string', 'max:40'],
            'minutes' => ['required', 'integer'],
            'gap' => ['integer'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $bad = $validator->errors();
            $read = static function (string $field, \Closure $reading) use ($bad): mixed {
                if ($bad->has($field)) {
                    return null;
                }
                try {
                    return $reading();
                } catch (RecessException $failure) {
                    $bad->add($field, $failure->getMessage());

                    return null;
                }
            };

            $date = $read('date', fn (): LocalDate => LocalDate::parse($this->string('date')->toString()));
            if ($date !== null) {
                $today = $this->writer()->school->timeZone()->dateAt(CarbonImmutable::now()->getTimestamp());
                match (true) {
                    $date->isBefore($today) => $bad->add('date', 'That date is past. Choose today or later.'),
                    $date->isAfter($today->plusDays(self::DAYS_AHEAD)) => $bad->add('date', 'That is more than three years ahead. Look at the year again.'),
                    default => $this->pattern = OnDates::of($date),
                };
            }

            $from = $read('from', fn (): LocalTime => $this->time('from'));
            $until = $read('until', fn (): LocalTime => $this->time('until'));
            if ($from !== null && $until !== null) {
                $this->hours = $read('until', static fn (): Hours => Hours::between($from, $until));
            }
            $gap = $read('gap', fn (): int => Cut::of(1, $this->integer('gap'))->gap);
            $this->cut = $read('minutes', fn (): Cut => Cut::of($this->integer('minutes'), $gap ?? 0));
            if ($this->pattern !== null && $this->hours !== null && $this->cut !== null) {
                $read('minutes', fn (): Block => Block::of($this->pattern(), $this->hours(), $this->cut()));
            }
        }];
    }

    /** A block's end may be written past midnight; how long that may be is said in hours, not as "no such time". */
    private function time(string $field): LocalTime
    {
        $text = $this->string($field)->trim()->toString();
        if (preg_match('/^(\d{2,3})[:.,h](\d{2})$/iD', $text, $part) === 1 && (int) $part[1] * 60 + (int) $part[2] > 1440) {
            throw \Recess\Time\TimeNotValid::afterMidnight($text);
        }

        return LocalTime::parse($text);
    }

    public function writer(): StaffMember
    {
        $host = $this->user();
        assert($host instanceof StaffMember);

        return $host;
    }

    public function pattern(): OnDates
    {
        return $this->pattern ?? throw new \LogicException('Asked for the dates of a request that was not valid.');
    }

    public function hours(): Hours
    {
        return $this->hours ?? throw new \LogicException('Asked for the hours of a request that was not valid.');
    }

    public function cut(): Cut
    {
        return $this->cut ?? throw new \LogicException('Asked for the cut of a request that was not valid.');
    }
}
