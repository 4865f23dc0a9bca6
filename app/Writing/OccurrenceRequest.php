<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Words;
use App\School\StaffRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Recess\Changes\Scope;
use Recess\RecessException;
use Recess\Records\BlockReader;
use Recess\Records\BlockRecord;
use Recess\Slots\Block;

/** A change to one occurrence of a block in a worksheet. */
final class OccurrenceRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'blocks' => ['required', 'array', 'max:40'],
            'index' => ['required', 'integer', 'min:0'],
            'date' => ['required', 'date_format:Y-m-d'],
            'do' => ['required', Rule::in(['close', 'reopen', 'move', 'hours', 'edge'])],
            'scope' => ['required', Rule::enum(Scope::class)],
            'to' => ['required_if:do,move', 'nullable', 'date_format:Y-m-d'],
            'hours' => ['required_if:do,hours', 'nullable', 'array', 'max:20'],
            'stretch' => ['required_if:do,edge', 'nullable', 'integer', 'min:0'],
            'side' => ['required_if:do,edge', 'nullable', Rule::in(['from', 'until'])],
            'by' => ['required_if:do,edge', 'nullable', 'integer', 'between:-1440,1440'],
        ];
    }

    /** @return list<array<string, mixed>> the blocks as they are then */
    public function blocks(): array
    {
        try {
            $blocks = array_map(
                static fn(mixed $record): Block => BlockReader::read(is_array($record) ? $record : []),
                array_values((array) $this->input('blocks')),
            );
            $index = min($this->integer('index'), count($blocks) - 1);
            array_splice($blocks, $index, 1, OccurrenceEdit::apply($blocks[$index], $this->validated()));

            return array_map(BlockRecord::of(...), $blocks);
        } catch (RecessException $failure) {
            throw ValidationException::withMessages(['do' => Words::why($failure)]);
        }
    }
}
