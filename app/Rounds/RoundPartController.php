<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\Student;
use App\Directory\Teachers;
use App\Framework\Clock;
use App\Framework\LogBook;
use App\Framework\Words;
use App\Models\PlaceKind;
use App\Models\Round;
use App\Models\StaffMember;
use App\Plans\HoursOn;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/**
 * What is one teacher's own of a round: where they are, and when they are not.
 *
 * @phpstan-import-type Part from SetPart
 */
final class RoundPartController
{
    /** As many of their times in a row for one meeting. */
    private const MOST_TIMES = 4;

    public function set(RoundHost $part, Request $request, SetPart $set): JsonResponse
    {
        $known = $request->hasAny(['asked', 'longer']) ? $this->known($part)->modelKeys() : [];
        /** @var Part $form */
        $form = $request->validate(
            [
                ...self::place(),
                'most' => ['nullable', 'integer', 'between:1,200'],
                'asked' => ['nullable', 'array', 'max:200'],
                'asked.*' => ['integer', 'distinct', Rule::in($known)],
                'longer' => ['nullable', 'array', 'max:200'],
                'longer.*' => ['array:id,times'],
                'longer.*.id' => ['required', 'integer', 'distinct', Rule::in($known)],
                'longer.*.times' => ['required', 'integer', 'between:2,' . self::MOST_TIMES],
                ...HoursOn::rules('absent', 20, $request->input('absent')),
            ],
            [
                'asked.*.in' => Words::say('rounds.not_taught'),
                'longer.*.id.in' => Words::say('rounds.not_taught'),
                ...self::placeSaid(),
            ],
        );

        return new JsonResponse(RoundSetupData::part($set($part, $form, Clock::now())));
    }

    /** Somebody more, into a round that is published. */
    public function takeIn(Round $round, Request $request, TakeIn $takeIn): JsonResponse
    {
        /** @var array{staff: int, kind: string, label: string, link?: string|null, directions?: string|null} $form */
        $form = $request->validate(['staff' => ['required', 'integer'], ...self::place()], self::placeSaid());
        $staff =
            StaffMember::hosting($round->school_id)->find($form['staff']) ??
            throw ValidationException::withMessages(['staff' => Words::say('rounds.nobody_here')]);
        $part = $takeIn($round, $staff, $form, Clock::now());
        LogBook::note('round_host_in', $round, ['about' => $round->title, 'who' => $staff->name]);

        return new JsonResponse(RoundSetupData::part($part), 201);
    }

    /** @return array<string, list<mixed>> what says where to find somebody */
    private static function place(): array
    {
        return [
            'kind' => ['required', Rule::enum(PlaceKind::class)],
            'label' => ['required', 'string', 'max:120'],
            'link' => ['nullable', 'string', 'max:2000', 'regex:#^https?://\S+$#'],
            'directions' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    private static function placeSaid(): array
    {
        return [
            'label.required' => Words::say('rounds.place_needed'),
            'link.regex' => Words::say('rounds.link_needed'),
        ];
    }

    public function takeOut(RoundHost $part, TakeOut $takeOut): Response
    {
        $takeOut($part);
        LogBook::note('round_host_out', $part->round, ['about' => $part->round->title, 'who' => $part->host->name]);

        return new Response('', 204);
    }

    /** The students whom they can ask to come. */
    public function students(RoundHost $part): JsonResponse
    {
        return new JsonResponse([
            'students' => array_values(
                $this->known($part)
                    ->map(
                        static fn(Student $one): array => [
                            'id' => $one->id,
                            'name' => $one->name,
                            'class' => (string) $one->classes->first()?->name,
                        ],
                    )
                    ->all(),
            ),
        ]);
    }

    /** @return Collection<int, Student> whom they teach; all of the round's where the directory does not say whom anybody teaches */
    private function known(RoundHost $part): Collection
    {
        $taught = Teachers::studentsOf($part->staff_id);
        $students = Student::here($part->round->school_id)->with('classes')->orderBy('sort_key');
        if ($part->round->classes !== []) {
            $students->whereHas(
                'classes',
                static fn($class) => $class->whereIn('school_classes.id', $part->round->classes),
            );
        }

        return $students
            ->when($taught !== [], static fn($some) => $some->whereKey($taught))
            ->limit(5_000)
            ->get();
    }
}
