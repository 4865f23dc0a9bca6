<?php

declare(strict_types=1);

namespace App\Plans;

use App\Framework\Clock;
use App\Framework\SlotKey;
use App\Framework\Spell;
use App\Framework\Words;
use Illuminate\Auth\Access\Response;
use Illuminate\Validation\ValidationException;

/** A plan to be kept: what it was found for, when each meeting is, and who comes where that is not known. */
final class KeepPlanRequest extends PlanRequest
{
    public function authorize(): Response
    {
        $may = parent::authorize();
        $opens = $this->family()->opensAt();

        return match (true) {
            $may->denied() => $may,
            $this->round()->isCollecting() => Response::deny(Words::say('rounds.collecting')),
            $opens !== null && $opens > Clock::now() => Response::deny(
                Words::say('rounds.cohort_opens', [
                    'moment' => Spell::moment($opens, $this->round()->school->timeZone()),
                ]),
            ),
            default => $may,
        };
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'picks' => ['required', 'array', 'min:1', 'max:20'],
            'picks.*.start' => ['required', 'string', SlotKey::RULE],
            'request_key' => ['required', 'uuid'],
        ] +
            $this->holderRules() +
            parent::rules();
    }

    public function wish(): PlanWish
    {
        $picks = $this->picks();
        $picks !== [] || throw ValidationException::withMessages(['picks' => Words::say('rounds.nothing_picked')]);

        $answers = array_column(
            AboutChildren::checked($this->round(), $picks, $this->input('about')),
            'answers',
            'student',
        );

        return new PlanWish(
            $picks,
            $this->holder(),
            $this->string('request_key')->lower()->toString(),
            $this->language(),
            $answers,
        );
    }
}
