<?php

declare(strict_types=1);

namespace App\Allotting;

use App\Framework\Clock;
use App\Framework\Words;
use App\Plans\AboutChildren;
use App\Plans\RoundPageData;
use App\Plans\Shortlist;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/**
 * The same as a form without scripts sends it: a number for each child and teacher, and the hours at which they can
 * come. It changes what it shows and nothing else: what a form did not have stays as it was sent before.
 */
final class PlainWishesRequest extends WishesRequest
{
    protected function prepareForValidation(): void
    {
        $pass = $this->pass();
        $kept = $pass === null ? null : Shortlist::of($this->round()->id, $pass->id);
        $before = $kept->wished ?? ($kept->asked ?? []);
        $this->merge([
            'picks' => $this->wanted($this->children() === [] ? $before['picks'] ?? [] : []),
            'windows' => $this->hours($before['windows'] ?? []),
            ...array_diff_key(
                array_intersect_key(
                    $before,
                    array_flip(['walk', 'breather', 'prefer', 'interpreter', 'ground', 'about']),
                ),
                $this->all(),
            ),
        ]);
        // Whose names are typed has them beside what is said of them.
        $about = $this->lists('about');
        foreach ($this->children() as $n => $name) {
            $about[$n] = ['student' => $name] + (is_array($about[$n] ?? null) ? $about[$n] : []);
        }
        $about === [] || $this->merge(['about' => $about]);
    }

    /**
     * @param  list<array{sheet: string, student: string}>  $before
     * @return list<array{sheet: string, student: string}> what is wanted most first; what the form did not show at its end
     */
    private function wanted(array $before): array
    {
        $ranks = $shown = [];
        foreach ($this->lists('rank') as $child => $teachers) {
            $child = $this->named((string) $child);
            foreach (is_array($teachers) ? $teachers : [] as $sheet => $rank) {
                $shown["$child $sheet"] = true;
                if (is_numeric($rank) && $rank > 0) {
                    $ranks[] = [(int) $rank, ['sheet' => (string) $sheet, 'student' => (string) $child]];
                }
            }
        }
        usort($ranks, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return [
            ...array_column($ranks, 1),
            ...array_values(
                array_filter($before, static fn(array $one): bool => !isset($shown["$one[student] $one[sheet]"])),
            ),
        ];
    }

    /** @return array<int|string, string> the names that were typed, where the school knows nobody */
    private function children(): array
    {
        return array_map(
            static fn(mixed $name): string => is_string($name) ? trim($name) : '',
            array_slice($this->lists('child'), 0, self::MOST, true),
        );
    }

    /** Whose wishes they are: a name, or where one was typed. */
    private function named(string $key): string
    {
        return str_starts_with($key, '#') ? $this->children()[substr($key, 1)] ?? '' : $key;
    }

    /**
     * @param  list<array{date: string, from: string, until: string}>  $before
     * @return list<array{date: string, from: string, until: string}> of the dates that the form showed, and as they were of others
     */
    private function hours(array $before): array
    {
        $shown = $this->lists('dates');
        $comes = $this->lists('comes');
        $windows = array_filter($before, static fn(array $one): bool => !in_array($one['date'], $shown, true));
        foreach (RoundPageData::dates($this->round(), Clock::now()) as $one) {
            $date = $one['date'];
            if (!in_array($date, $shown, true) || !in_array($date, $comes, true)) {
                continue;
            }
            [$from, $until] = [$this->typed('from', $date), $this->typed('until', $date)];
            foreach ($from ?: [$one['from']] as $n => $begins) {
                $ends = $until[$n] ?? $one['until'];
                if ($begins !== '' || $ends !== '') {
                    $windows[] = ['date' => $date, 'from' => $begins, 'until' => $ends];
                }
            }
        }

        return array_values($windows);
    }

    /** @return list<string> */
    private function typed(string $field, string $date): array
    {
        $typed = $this->lists($field)[$date] ?? [];

        return array_values(array_filter(is_array($typed) ? array_slice($typed, 0, 2) : [], is_string(...)));
    }

    /** @return array<mixed> */
    private function lists(string $field): array
    {
        $list = $this->input($field);

        return is_array($list) ? $list : [];
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
            // As it was typed, in the shape of what is sent.
            'asked' => [
                'about' => AboutChildren::typed($this->round(), $this->input('about')),
                ...array_filter(
                    $this->only(['picks', 'windows', 'walk', 'breather', 'interpreter', 'ground']),
                    static fn(mixed $one): bool => is_array($one) || is_scalar($one),
                ),
                ...array_filter($this->only(['name', 'email', 'phone']), is_string(...)),
                ...array_filter(['child' => $this->children()]),
            ],
            'said' => array_map(static fn(array $messages): string => $messages[0] ?? '', $errors->toArray()),
        ]);

        throw new HttpResponseException(new Response($page, 422, ['Cache-Control' => 'no-store, private']));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['picks.max' => Words::say('allotting.too_many')] + parent::messages();
    }
}
