<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Round;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Recess\Time\LocalDate;

/** Which evening of a round goes to which other date. */
final class EveningRequest extends FormRequest
{
    /** Days: an evening further away is another round. */
    private const FURTHEST = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from' => ['required', 'string', 'date_format:Y-m-d'],
            'to' => ['required', 'string', 'date_format:Y-m-d'],
            'seen' => ['nullable', 'array', 'max:5000'],
            'seen.*' => ['integer'],
            'word' => ['nullable', 'string', 'max:1000'],
        ];
    }

    public function move(): EveningMove
    {
        $round = $this->route('round');
        assert($round instanceof Round);
        [$from, $to] = [
            LocalDate::parse($this->string('from')->toString()),
            LocalDate::parse($this->string('to')->toString()),
        ];
        $zone = $round->school->timeZone();
        $days = array_keys($round->days());
        $wrong = match (true) {
            !in_array($from->day, $days, true) => ['from' => Words::say('replanning.not_its_date')],
            $to->isBefore($zone->dateAt(Clock::now())) => ['to' => Words::say('replanning.date_over')],
            $to->day - $from->day > self::FURTHEST => ['to' => Words::say('replanning.date_far')],
            in_array($to->day, $days, true) => ['to' => Words::say('replanning.date_taken')],
            $round->school->closedDays()->holds($to) => ['to' => Words::say('replanning.date_closed')],
            default => [],
        };
        $wrong === [] || throw ValidationException::withMessages($wrong);

        return new EveningMove($round, $from, $to);
    }

    /** @return list<int> */
    public function seen(): array
    {
        return array_values(array_map(intval(...), $this->validated('seen') ?? []));
    }
}
