<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Clock;
use App\Framework\Words;
use App\Models\Sheet;
use App\School\StaffRequest;

/** A worksheet that is being written. What is wrong with it is part of the answer, not a refusal. */
final class WorksheetRequest extends StaffRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            // The line as it stands, and whether it was typed last, so that the blanks follow it.
            'line' => ['nullable', 'string', 'max:1200'],
            'typed' => ['boolean'],
            'keep' => ['boolean'],
            'from' => ['nullable', 'string', 'max:10'],
            'form' => [$this->isMethod('delete') ? 'nullable' : 'required', 'array', $this->notTooLong(...)],
            'sheet' => ['nullable', 'integer'],
        ];
    }

    /** @param  \Closure(string): void  $fail */
    private function notTooLong(string $attribute, mixed $value, \Closure $fail): void
    {
        if (strlen((string) json_encode($value)) > KeepDraft::MOST) {
            $fail(Words::say('sheets.too_long'));
        }
    }

    /** @return array<mixed> */
    public function form(): array
    {
        $form = $this->input('form');

        return is_array($form) ? $form : [];
    }

    public function reader(): WorksheetReader
    {
        return WorksheetReader::read($this->form(), $this->writer(), $this->sheet(), Clock::now());
    }

    /** The sheet that is being changed, if the writer may. */
    public function sheet(): ?Sheet
    {
        $sheet = $this->filled('sheet') ? Sheet::query()->find($this->integer('sheet')) : null;
        abort_if($this->filled('sheet') && ($sheet === null || !$this->writer()->can('update', $sheet)), 404);

        return $sheet;
    }
}
