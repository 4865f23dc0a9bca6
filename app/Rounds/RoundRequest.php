<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Directory\SchoolClass;
use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Questions;
use App\Models\StaffMember;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Recess\Quick\Context;
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
            'staff' => ['present', 'array', 'max:'.self::MOST_STAFF],
            'staff.*' => ['integer', 'distinct'],
            'opens_at' => ['nullable', 'string', 'max:40'],
            'closes_at' => ['nullable', 'string', 'max:40'],
            'lead_hours' => ['required', 'integer', 'between:0,720'],
            'each_guardian' => ['nullable', 'boolean'],
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
        if (StaffMember::query()->where('school_id', $school)->whereNull('left_at')->whereKey($staff)->count() !== count($staff)) {
            $wrong['staff'] = Words::say('rounds.no_such_staff');
        }
        if (SchoolClass::here($school)->whereKey($classes)->count() !== count($classes)) {
            $wrong['classes'] = Words::say('rounds.no_such_class');
        }
        try {
            $rules = Stated::of([
                'per_student' => 1, 'each_guardian' => $this->boolean('each_guardian'), 'guests' => 2,
                'lead_minutes' => $this->integer('lead_hours') * 60, 'furthest_days' => null,
                'opens_at' => $this->filled('opens_at') ? $this->string('opens_at')->toString() : null,
                'closes_at' => $this->filled('closes_at') ? $this->string('closes_at')->toString() : null,
            ]);
        } catch (RecessException $failure) {
            $wrong['opens_at'] = $failure->getMessage();
        }
        $wrong === [] || throw ValidationException::withMessages($wrong);

        return new RoundStatement(
            $this->string('title')->trim()->toString(), $this->string('intro')->trim()->toString(), $this->blocks(), $rules ?? Stated::of(), Questions::usual(),
            $this->boolean('families'), $classes, $staff,
        );
    }

    /** @return non-empty-list<Block> on dates, within two months */
    private function blocks(): array
    {
        $school = $this->writer()->school;
        $today = $school->timeZone()->dateAt(Clock::now());
        try {
            $context = new Context($today, $school->termRanges(), $school->closedDays(), $school->country);
            $blocks = QuickLine::parse($this->string('line')->toString(), $context)->blocks;
        } catch (QuickAsks|QuickNotReadable $failure) {
            throw ValidationException::withMessages(['line' => $failure->getMessage()]);
        }
        $firsts = array_map(static fn (Block $block): int => $block->pattern->first()->day, $blocks);
        $lasts = array_map(static fn (Block $block): ?int => $block->pattern->last()?->day, $blocks);
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
