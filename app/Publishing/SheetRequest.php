<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Clock;
use App\Framework\SlotKey;
use App\Models\Sheet;
use App\School\StaffRequest;
use App\Writing\SheetStatement;
use App\Writing\WorksheetReader;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A worksheet that is to be kept. */
final class SheetRequest extends StaffRequest
{
    private ?WorksheetReader $reader = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'word' => ['nullable', 'string', 'max:1000'],
            'settle' => ['nullable', 'array'],
            'settle.word' => ['nullable', 'string', 'max:1000'],
            'settle.bookings' => ['array', 'max:2000'],
            'settle.bookings.*.id' => ['required', 'integer'],
            'settle.bookings.*.do' => ['required', Rule::in(['move', 'leave', 'cancel'])],
            'settle.bookings.*.to' => ['nullable', 'string', SlotKey::RULE],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->reader()->errors as $field => $messages) {
                foreach ($messages as $message) {
                    $validator->errors()->add($field, $message);
                }
            }
        }];
    }

    private function reader(): WorksheetReader
    {
        $sheet = $this->route('sheet');

        return $this->reader ??= WorksheetReader::read($this->all(), $this->writer(), $sheet instanceof Sheet ? $sheet : null, Clock::now());
    }

    public function statement(): SheetStatement
    {
        return $this->reader()->statement();
    }

    public function settlement(): ?Settlement
    {
        if (! is_array($this->input('settle'))) {
            return null;
        }
        $choices = [];
        foreach ((array) $this->input('settle.bookings', []) as $one) {
            if (is_array($one)) {
                $choices[(int) $one['id']] = ['do' => (string) $one['do'], 'to' => is_string($one['to'] ?? null) ? SlotKey::instant($one['to']) : null];
            }
        }

        return new Settlement($choices, $this->string('settle.word')->toString());
    }
}
