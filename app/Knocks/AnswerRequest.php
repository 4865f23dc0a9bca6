<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Framework\SlotKey;
use App\School\StaffRequest;
use Illuminate\Validation\Rule;
use Recess\Time\Span;

/** A host's answer to a knock: yes, maybe, no, or other times; with a word. */
final class AnswerRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'answer' => ['required', 'string', Rule::in(['accept', 'maybe', 'decline', 'propose'])],
            'choice' => ['required_if:answer,accept,maybe', 'nullable', 'integer'],
            'word' => ['present', 'nullable', 'string', 'max:1000'],
            'times' => ['required_if:answer,propose', 'nullable', 'array', 'min:1', 'max:3'],
            'times.*.start' => ['required', 'string', SlotKey::RULE],
            'times.*.minutes' => ['required', 'integer', Rule::in(KnockTerms::LENGTHS)],
        ];
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return array_map(function (int|string $i): Span {
            $start = SlotKey::instant($this->string("times.$i.start")->toString());

            return Span::of($start, $start + $this->integer("times.$i.minutes") * 60);
        }, array_keys($this->array('times')));
    }

    public function word(): string
    {
        return $this->string('word')->trim()->toString();
    }
}
