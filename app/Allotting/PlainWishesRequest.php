<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Framework\Words;
use App\Plans\AboutChildren;
use App\Plans\RoundPageData;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** The same as a form without scripts sends it: a number for each child and teacher, and the evenings on which they can come. */
final class PlainWishesRequest extends WishesRequest
{
    protected function prepareForValidation(): void
    {
        $ranks = [];
        foreach (is_array($this->input('rank')) ? $this->input('rank') : [] as $child => $teachers) {
            foreach (is_array($teachers) ? $teachers : [] as $sheet => $rank) {
                if (is_numeric($rank) && $rank > 0) {
                    $ranks[] = [(int) $rank, ['sheet' => (string) $sheet, 'student' => (string) $child]];
                }
            }
        }
        usort($ranks, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $dates = is_array($this->input('dates')) ? $this->input('dates') : [];
        $windows = array_filter(
            RoundPageData::dates($this->round(), Clock::now()),
            static fn(array $one): bool => in_array($one['date'], $dates, true),
        );
        $this->merge([
            'picks' => array_column($ranks, 1),
            'windows' => array_values(
                array_map(
                    static fn(array $one): array => [
                        'date' => $one['date'],
                        'from' => $one['from'],
                        'until' => $one['until'],
                    ],
                    $windows,
                ),
            ),
        ]);
    }

    public function shortlist(): array
    {
        try {
            return parent::shortlist();
        } catch (ValidationException $failure) {
            $this->failedValidation($failure->validator);
        }
    }

    /** The form comes back with what is wrong. */
    protected function failedValidation(Validator $validator): never
    {
        $errors = $validator->errors();
        $data = RoundPageData::of($this->round(), $this->pass(), Clock::now());
        $page = view('plain.wishes', [
            'round' => $data,
            'pass' => $this->pass(),
            'message' => $errors->first(),
            'rank' => $this->input('rank'),
            'said' => array_map(static fn(array $messages): string => $messages[0] ?? '', $errors->toArray()),
            'typed' => array_column(AboutChildren::typed($this->round(), $this->input('about')), 'answers', 'student'),
        ]);

        throw new HttpResponseException(new Response($page, 422, ['Cache-Control' => 'no-store, private']));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['picks.max' => Words::say('allotting.too_many')] + parent::messages();
    }
}
