<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\SlotKey;
use App\Framework\Words;
use App\Models\MailAddress;
use App\Models\PersonName;
use App\Models\PhoneNumber;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A plan to be kept: what it was found for, when each meeting is, and who comes where that is not known. */
final class KeepPlanRequest extends PlanRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $pass = $this->pass();

        return [
            'picks' => ['required', 'array', 'min:1', 'max:20'],
            'picks.*.start' => ['required', 'string', SlotKey::RULE],
            'name' => [$pass === null ? 'required' : 'nullable', 'string', new PersonName],
            'email' => [$pass === null ? 'required' : 'nullable', 'string', new MailAddress],
            'phone' => [($pass->phone ?? '') === '' ? 'required' : 'nullable', 'string', new PhoneNumber($this->round()->school->country)],
            'request_key' => ['required', 'uuid'],
            'clock' => ['nullable', 'integer', Rule::in([12, 24])],
        ] + parent::rules();
    }

    public function wish(): PlanWish
    {
        $pass = $this->pass();
        $picks = $this->picks();
        $picks !== [] || throw ValidationException::withMessages(['picks' => Words::say('rounds.nothing_picked')]);

        return new PlanWish(
            $picks, $pass->name ?? $this->string('name')->trim()->toString(),
            $pass === null ? (string) MailAddress::of($this->input('email')) : (string) $pass->email,
            $this->filled('phone') ? PhoneNumber::written($this->string('phone')->toString(), $this->round()->school->country) : ($pass->phone ?? ''),
            $this->string('request_key')->lower()->toString(), $pass?->id, $this->filled('clock') ? $this->integer('clock') : null,
        );
    }
}
