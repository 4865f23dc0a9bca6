<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\BookingWish;
use App\Models\Sheet;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a visitor fills in to keep a time. */
final class BookingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'slot' => ['required', 'string', 'regex:/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}Z$/D'],
            'place' => ['required', 'integer', Rule::exists('places', 'id')->where('sheet_id', $this->sheet()->id)],
            'name' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'email' => ['required', 'string', 'max:190', 'email:rfc'],
            'phone' => ['required', 'string', 'max:40', 'regex:/^\+?[\d\s().\/-]{5,40}$/D'],
            'student' => ['required', 'string', 'max:120', 'not_regex:/[\r\n]/'],
            'request_key' => ['required', 'uuid'],
        ];
    }

    public function sheet(): Sheet
    {
        $sheet = $this->route('sheet');
        assert($sheet instanceof Sheet);

        return $sheet;
    }

    public function wish(): BookingWish
    {
        return new BookingWish(
            start: (int) strtotime($this->string('slot')->toString()),
            placeId: $this->integer('place'),
            name: $this->string('name')->toString(),
            email: $this->string('email')->toString(),
            phone: $this->string('phone')->toString(),
            student: $this->string('student')->toString(),
            requestKey: $this->string('request_key')->lower()->toString(),
        );
    }
}
