<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\Spell;
use App\Models\Addresses;
use App\Models\Question;
use App\School\SavedPlace;

/** A host's terms as their page shows them. */
final class TermsData
{
    /** @return KnockTermsShape as KnockTerms in docs/formats/recess.openapi.yaml */
    public static function of(KnockTerms $terms): array
    {
        return [
            'allowed' => $terms->allowed,
            'open' => $terms->isOpen(),
            'hours' => (object) array_map(
                static fn(array $one): string => implode(
                    ', ',
                    array_map(
                        static fn(string $hours): string => implode(
                            ' to ',
                            array_map(Spell::clock(...), explode('-', $hours)),
                        ),
                        $one,
                    ),
                ),
                $terms->asked()->record(),
            ),
            'lead_hours' => $terms->lead_hours,
            'ahead_days' => $terms->ahead_days,
            'lengths' => $terms->lengths,
            'all_lengths' => KnockTerms::LENGTHS,
            'place_ids' => array_values($terms->places()->map(static fn(SavedPlace $one): int => $one->id)->all()),
            'places' => array_values(
                KnockTerms::placesOf($terms->host)
                    ->map(
                        static fn(SavedPlace $one): array => [
                            'id' => $one->id,
                            'label' => $one->label,
                            'kind' => $one->kind->value,
                        ],
                    )
                    ->all(),
            ),
            'most_open' => $terms->most_open,
            'kept_hours' => $terms->kept_hours,
            'audience' => $terms->audience->value,
            'intro' => $terms->intro,
            'questions' => array_map(
                static fn(Question $one): array => ['label' => $one->label, 'required' => $one->required],
                $terms->questions->all,
            ),
            'door' => url(Addresses::knock((string) $terms->host->slug)),
        ];
    }
}
