<?php

declare(strict_types=1);

namespace App\Plans;

use App\Booking\Destination;
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
            'picks' => ['present', 'array', 'max:20'],
            'moves' => ['nullable', 'array', 'max:20'],
            'moves.*.booking' => ['required', 'integer'],
            'moves.*.start' => ['required', 'string', SlotKey::RULE],
            'picks.*.start' => ['required', 'string', SlotKey::RULE],
            'request_key' => ['required', 'uuid'],
        ] +
            $this->holderRules() +
            parent::rules();
    }

    public function wish(): PlanWish
    {
        $picks = $this->picks();
        $moves = $this->moves();
        // Moved already by a press whose answer was lost: that is theirs, and no slip.
        $picks !== [] ||
            $this->validated('moves') ||
            throw ValidationException::withMessages(['picks' => Words::say('rounds.nothing_picked')]);

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
            $moves,
        );
    }

    /** @return list<Destination> of those that are not there already */
    private function moves(): array
    {
        $typed = (array) $this->validated('moves');
        $pass = $this->pass();
        $own =
            $typed === [] || $pass === null
                ? []
                : FindPlan::movable($this->round(), $pass, Clock::now())->get()->getDictionary();
        $moves = [];
        foreach ($typed as $i => $one) {
            $booking =
                $own[$one['booking']] ??
                throw ValidationException::withMessages(["moves.$i.booking" => Words::say('rounds.not_to_move')]);
            $start = SlotKey::instant($one['start']);
            if ($start !== $booking->span()->start) {
                $moves[$booking->id] = Destination::slot($booking, $start, host: $booking->staff_id);
            }
        }

        return array_values($moves);
    }
}
