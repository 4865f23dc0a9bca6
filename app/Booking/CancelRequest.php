<?php

declare(strict_types=1);

namespace App\Booking;

use Illuminate\Foundation\Http\FormRequest;

/** A word to the other side that goes with a cancellation. */
final class CancelRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['note' => ['nullable', 'string', 'max:1000']];
    }

    public function note(): string
    {
        return $this->string('note')->toString();
    }
}
