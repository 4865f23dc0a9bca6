<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\SchoolClass;
use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Questions;
use App\Models\StaffMember;
use App\School\UsualQuestions;
use App\Writing\TypedLine;
use App\Writing\TypedQuestions;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Recess\Quick\QuickAsks;
use Recess\Quick\QuickLine;
use Recess\Quick\QuickNotReadable;
use Recess\RecessException;
use Recess\Rules\Stated;
use Recess\Slots\Block;

/** A round's worksheet as it is typed: one line for when, who is in it, whom it is for, until when one books. */
final class RoundRequest extends FormRequest
{
    private const MOST_STAFF = 500;

    /** Of its own; families answer them for each child. */
    private const MOST_QUESTIONS = 8;

    /** Days between first and last date. */
    private const LONGEST = 62;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'intro' => ['nullable', 'string', 'max:2000'],
            'line' => ['required', 'string', 'max:500'],
            'families' => ['required', 'boolean'],
            'classes' => ['present', 'array', 'max:500'],
            'classes.*' => ['integer', 'distinct'],
            'staff' => ['present', 'array', 'max:' . self::MOST_STAFF],
            'staff.*' => ['integer', 'distinct'],
            'opens_at' => ['nullable', 'string', 'max:40'],
            'closes_at' => ['nullable', 'string', 'max:40'],
            'lead_hours' => ['required', 'integer', 'between:0,720'],
            'each_guardian' => ['nullable', 'boolean'],
            'collects' => ['nullable', 'boolean'],
            'wishes_until' => ['nullable', 'string', 'required_if_accepted:collects', 'date_format:Y-m-d\TH:i'],
            'breaks' => ['nullable', 'boolean'],
            ...TypedQuestions::rules(self::MOST_QUESTIONS),
            'cohorts' => ['nullable', 'array', 'max:20'],
            'cohorts.*' => ['array:classes,opens_at'],
            'cohorts.*.classes' => ['required', 'array', 'max:500'],
            'cohorts.*.classes.*' => ['integer'],
            'cohorts.*.opens_at' => ['required', 'string', 'date_format:Y-m-d\TH:i'],
            'version' => ['nullable', 'integer'],
        ];
    }

    public function writer(): StaffMember
    {
        $writer = $this->user();
        assert($writer instanceof StaffMember);

        return $writer;
    }

    public function statement(): RoundStatement
    {
        $school = $this->writer()->school_id;
        $staff = array_values(array_map(intval(...), $this->validated('staff')));
        $classes = array_values(array_map(intval(...), $this->validated('classes')));
        $wrong = [];
        if (StaffMember::hosting($school)->whereKey($staff)->count() !== count($staff)) {
            $wrong['staff'] = Words::say('rounds.no_such_staff');
        }
        if (SchoolClass::here($school)->whereKey($classes)->count() !== count($classes)) {
            $wrong['classes'] = Words::say('rounds.no_such_class');
        }
        try {
            $rules = Stated::of([
                'per_student' => 1,
                'each_guardian' => $this->boolean('each_guardian'),
                'guests' => 2,
                'lead_minutes' => $this->integer('lead_hours') * 60,
                'furthest_days' => null,
                'opens_at' => $this->filled('opens_at') ? $this->string('opens_at')->toString() : null,
                'closes_at' => $this->filled('closes_at') ? $this->string('closes_at')->toString() : null,
            ]);
        } catch (RecessException $failure) {
            $wrong['opens_at'] = Words::why($failure);
        }
        /** @var array<int, array<mixed>> $questions */
        $questions = $this->validated('questions', []);
        $wrong += TypedQuestions::wrong($questions);
        $wrong === [] || throw ValidationException::withMessages($wrong);
        $blocks = $this->blocks();

        return new RoundStatement(
            $this->string('title')->trim()->toString(),
            $this->string('intro')->trim()->toString(),
            $blocks,
            $rules ?? Stated::of(),
            new Questions([...UsualQuestions::all()->all, ...TypedQuestions::read($questions)->ofItsOwn()->all]),
            $this->boolean('families'),
            $classes,
            $staff,
            $this->wishesUntil($blocks),
            $this->boolean('breaks'),
            $this->cohorts(),
        );
    }

    /**
     * @param  non-empty-list<Block>  $blocks
     * @return int|null the instant until which families wish; null where they book at once
     */
    private function wishesUntil(array $blocks): ?int
    {
        if (!$this->boolean('collects')) {
            return null;
        }
        $zone = $this->writer()->school->timeZone();
        $until = $zone->moment($this->string('wishes_until')->toString());
        $first = min(array_map(static fn(Block $block): int => $zone->instant($block->pattern->first(), 0), $blocks));
        $until < $first ||
            throw ValidationException::withMessages(['wishes_until' => Words::say('rounds.wishes_too_late')]);

        return $until;
    }

    /** @return list<array{classes: list<int>, opens_at: string}> each before all others may book */
    private function cohorts(): array
    {
        $cohorts = [];
        foreach ($this->array('cohorts') as $i => $one) {
            $cohorts[] = [
                'classes' => array_values(array_map(intval(...), $one['classes'])),
                'opens_at' => (string) $one['opens_at'],
            ];
            ($this->filled('opens_at') && $one['opens_at'] < $this->string('opens_at')->toString()) ||
                throw ValidationException::withMessages([
                    "cohorts.$i.opens_at" => Words::say('rounds.cohort_too_late'),
                ]);
        }

        return $cohorts;
    }

    /** @return non-empty-list<Block> on dates, within two months */
    private function blocks(): array
    {
        $school = $this->writer()->school;
        $today = $school->timeZone()->dateAt(Clock::now());
        try {
            $context = TypedLine::context($school, $today);
            $blocks = QuickLine::parse($this->string('line')->toString(), $context)->blocks;
        } catch (QuickAsks | QuickNotReadable $failure) {
            throw ValidationException::withMessages(['line' => Words::why($failure)]);
        }
        $firsts = array_map(static fn(Block $block): int => $block->pattern->first()->day, $blocks);
        $lasts = array_map(static fn(Block $block): ?int => $block->pattern->last()?->day, $blocks);
        $message = match (true) {
            in_array(null, $lasts, true) => Words::say('rounds.dates_needed'),
            max($lasts) - min($firsts) > self::LONGEST => Words::say('rounds.too_long'),
            min($firsts) < $today->day => Words::say('rounds.not_past'),
            default => null,
        };
        $message === null || throw ValidationException::withMessages(['line' => $message]);

        return $blocks;
    }
}
