<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Clock;
use App\Models\Sheet;
use App\School\StaffRequest;

/** A worksheet that is being written. What is wrong with it is part of the answer, not a refusal. */
class WorksheetRequest extends StaffRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['nullable', 'string', 'max:1200'], 'from' => ['nullable', 'string', 'max:10'], 'form' => ['required', 'array'], 'sheet' => ['nullable', 'integer']];
    }

    public function reader(): WorksheetReader
    {
        $form = $this->input('form');

        return WorksheetReader::read(is_array($form) ? $form : [], $this->writer(), $this->sheet(), Clock::now());
    }

    /** The sheet that is being changed, if the writer may. */
    private function sheet(): ?Sheet
    {
        $sheet = $this->filled('sheet') ? Sheet::query()->find($this->integer('sheet')) : null;

        return $sheet !== null && $this->writer()->can('update', $sheet) ? $sheet : null;
    }
}
