<?php

declare(strict_types=1);

namespace App\Replanning;

use App\Framework\SlotKey;
use App\Framework\Words;
use App\Models\Round;
use App\Plans\HoursOn;
use App\Rounds\RoundHost;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** Who is away and when, and what becomes of their meetings. */
final class AwayRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'host' => ['required', 'integer'],
            'substitute' => ['nullable', 'integer', 'different:host'],
            ...HoursOn::rules('times', 20, $this->input('times')),
            'choices' => ['nullable', 'array', 'max:500'],
            'choices.*' => ['array:booking,sheet,start'],
            'choices.*.booking' => ['required', 'integer', 'distinct'],
            'choices.*.sheet' => ['nullable', 'integer', 'required_with:choices.*.start'],
            'choices.*.start' => ['nullable', 'string', 'required_with:choices.*.sheet', SlotKey::RULE],
            'word' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @param  int  $now  seconds since the epoch */
    public function absence(int $now): Absence
    {
        $round = $this->route('round');
        assert($round instanceof Round);
        $host = self::part($round, $this->integer('host'), 'host');
        $substitute = $this->filled('substitute')
            ? self::part($round, $this->integer('substitute'), 'substitute')
            : null;
        $times = [];
        foreach (HoursOn::all($this->validated('times'), 'times') as $i => $hours) {
            $times[] =
                $hours->span($round->school->timeZone()) ??
                throw ValidationException::withMessages(["times.$i.from" => Words::say('rounds.no_such_hours')]);
        }

        return new Absence($host, $times, $now, $substitute);
    }

    /** @throws ValidationException at its field, when nothing of theirs is open in the round */
    private static function part(Round $round, int $id, string $field): RoundHost
    {
        return RoundHost::query()
            ->where('round_id', $round->id)
            ->whereKey($id)
            ->whereNotNull('sheet_id')
            ->with('sheet.places')
            ->first() ?? throw ValidationException::withMessages([$field => Words::say('replanning.not_in_it')]);
    }

    /** @return list<Choice> */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->validated('choices') ?? [] as $one) {
            $start = isset($one['start']) ? SlotKey::instant($one['start']) : null;
            $choices[] = new Choice((int) $one['booking'], isset($one['sheet']) ? (int) $one['sheet'] : null, $start);
        }

        return $choices;
    }
}
