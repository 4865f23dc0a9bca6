<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Framework\Words;
use App\Plans\AboutChildren;
use App\Plans\PlanRequest;
use Illuminate\Auth\Access\Response;

/** A family's wishes as it sends them: whom, what they want most first, when they can come, and who they are where that is not known. */
class WishesRequest extends PlanRequest
{
    public function authorize(): Response
    {
        $may = parent::authorize();

        return $may->allowed() && !$this->round()->takesWishes(Clock::now())
            ? Response::deny(Words::say('allotting.over'))
            : $may;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'picks' => ['required', 'array', 'min:1', 'max:' . self::MOST],
            'windows' => ['required', 'array', 'min:1', 'max:40'],
        ] +
            $this->holderRules() +
            parent::rules();
    }

    public function shortlist(): array
    {
        return ['about' => AboutChildren::checked($this->round(), $this->picks(), $this->input('about'))] +
            parent::shortlist();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'windows.required' => Words::say('allotting.windows_needed'),
            'picks.required' => Words::say('rounds.nothing_picked'),
        ];
    }
}
