<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\PlaceKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/**
 * What is one teacher's own of a round: where they are, and when they are not.
 *
 * @phpstan-import-type Part from SetPart
 */
final class RoundPartController
{
    public function __invoke(RoundHost $part, Request $request, SetPart $set): JsonResponse
    {
        /** @var Part $form */
        $form = $request->validate([
            'kind' => ['required', Rule::enum(PlaceKind::class)],
            'label' => ['required', 'string', 'max:120'],
            'link' => ['nullable', 'string', 'max:2000', 'regex:#^https?://\S+$#'],
            'directions' => ['nullable', 'string', 'max:1000'],
            ...HoursOn::rules('absent', 20),
        ], ['label.required' => Words::say('rounds.place_needed'), 'link.regex' => Words::say('rounds.link_needed')]);

        return new JsonResponse(RoundSetupData::part($set($part, $form, Clock::now())));
    }
}
