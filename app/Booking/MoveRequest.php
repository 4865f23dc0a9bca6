<?php

declare(strict_types=1);

namespace App\Booking;

use App\Framework\SlotKey;
use App\Models\Booking;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\In;

/** Another time for a meeting, as its visitor or its host wishes it. */
final class MoveRequest extends FormRequest
{
    /** @return array<string, list<string|In>> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'string', SlotKey::RULE],
            'host' => ['nullable', 'string', Rule::in(array_keys($this->choice()))],
            'note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** The instant at which the new slot begins. */
    public function start(): int
    {
        return SlotKey::instant($this->string('slot')->toString());
    }

    /** Whom else it may be with. */
    public function otherHost(): ?int
    {
        return $this->filled('host') ? $this->choice()[$this->string('host')->toString()] : null;
    }

    public function note(): string
    {
        return $this->string('note')->toString();
    }

    /** @return array<string, int> */
    private function choice(): array
    {
        $booking = $this->route('booking');
        assert($booking instanceof Booking);

        return $booking->sheet->chosenFrom();
    }
}
