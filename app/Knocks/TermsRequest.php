<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Words;
use App\Models\Audience;
use App\Models\Question;
use App\Models\QuestionKind;
use App\Models\Questions;
use App\School\StaffRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Recess\Common\AskedHours;
use Recess\RecessException;

/** On which terms a host can be asked. */
final class TermsRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'allowed' => ['required', 'boolean'],
            'hours' => ['required', 'array:1,2,3,4,5,6,7'],
            'hours.*' => ['nullable', 'string', 'max:120'],
            'lead_hours' => ['required', 'integer', 'between:1,336'],
            'ahead_days' => ['required', 'integer', 'between:1,60'],
            'lengths' => ['required', 'array', 'min:1'],
            'lengths.*' => ['integer', Rule::in(KnockTerms::LENGTHS), 'distinct'],
            'place_ids' => ['present', 'array', 'max:20'],
            'place_ids.*' => ['integer', Rule::in(KnockTerms::placesOf($this->writer())->modelKeys())],
            'most_open' => ['required', 'integer', 'between:1,50'],
            'kept_hours' => ['required', 'integer', 'between:1,336'],
            'audience' => ['required', Rule::enum(Audience::class)],
            'intro' => ['nullable', 'string', 'max:500'],
            'questions' => ['present', 'array', 'max:5'],
            'questions.*.label' => ['required', 'string', 'max:200', 'not_regex:/[\r\n]/'],
            'questions.*.required' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, mixed> */
    public function columns(): array
    {
        $hours = $this->hours();
        $lengths = array_map(intval(...), $this->array('lengths'));
        sort($lengths);
        if ($lengths !== [] && $this->boolean('allowed')) {
            $this->complete($hours, $lengths);
        }

        return [
            'allowed' => $this->boolean('allowed'),
            'hours' => $hours->record(),
            'lead_hours' => $this->integer('lead_hours'),
            'ahead_days' => $this->integer('ahead_days'),
            'lengths' => $lengths,
            'place_ids' => array_values(array_map(intval(...), $this->array('place_ids'))),
            'most_open' => $this->integer('most_open'),
            'kept_hours' => $this->integer('kept_hours'),
            'audience' => Audience::from($this->string('audience')->toString()),
            'intro' => $this->string('intro')->trim()->toString(),
            'questions' => $this->questions(),
        ];
    }

    /** What was typed for each day; each that says none is told at its own field. */
    private function hours(): AskedHours
    {
        $byDay = $messages = [];
        foreach (range(1, 7) as $day) {
            try {
                $byDay[$day] = AskedHours::typed($this->string("hours.$day")->toString());
            } catch (RecessException $failure) {
                $messages["hours.$day"] = Words::why($failure);
            }
        }
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }

        return AskedHours::of($byDay);
    }

    /** @param  non-empty-array<int, int>  $lengths */
    private function complete(AskedHours $hours, array $lengths): void
    {
        $messages = array_filter([
            'place_ids' => $this->array('place_ids') === [] ? Words::say('knocks.no_place') : null,
            'hours' => $hours->longest() < min($lengths) ? Words::say('knocks.no_hours') : null,
        ]);
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }
    }

    private function questions(): Questions
    {
        $questions = [];
        foreach ($this->array('questions') as $i => $one) {
            $questions[] = new Question(
                'own' . Str::lower(Str::random(6)),
                QuestionKind::Short,
                $this->string("questions.$i.label")
                    ->trim()
                    ->toString(),
                '',
                $this->boolean("questions.$i.required"),
            );
        }

        return new Questions($questions);
    }
}
