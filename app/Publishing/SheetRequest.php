<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\Clock;
use App\Models\Sheet;
use App\School\StaffRequest;
use App\Writing\SheetStatement;
use App\Writing\WorksheetReader;
use Illuminate\Validation\Validator;

/** A worksheet that is to be kept. */
final class SheetRequest extends StaffRequest
{
    private ?WorksheetReader $reader = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return SettlementInput::rules();
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                foreach ($this->reader()->errors as $field => $messages) {
                    foreach ($messages as $message) {
                        $validator->errors()->add($field, $message);
                    }
                }
            },
        ];
    }

    private function reader(): WorksheetReader
    {
        $sheet = $this->route('sheet');

        return $this->reader ??= WorksheetReader::read(
            $this->all(),
            $this->writer(),
            $sheet instanceof Sheet ? $sheet : null,
            Clock::now(),
        );
    }

    public function statement(): SheetStatement
    {
        return $this->reader()->statement();
    }

    public function settlement(): ?Settlement
    {
        return SettlementInput::of($this);
    }
}
