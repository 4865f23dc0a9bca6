<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Framework\SlotKey;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Recess\Changes\Within;

/** What a request says is to become of those whom a change touches. */
final class SettlementInput
{
    /** @return array<string, list<mixed>> how its fields are checked */
    public static function rules(): array
    {
        return [
            'word' => ['nullable', 'string', 'max:1000'],
            'settle' => ['nullable', 'array'],
            'settle.word' => ['nullable', 'string', 'max:1000'],
            'settle.within' => [Rule::enum(Within::class)],
            'settle.bookings' => ['array', 'max:5000'],
            'settle.bookings.*.id' => ['required', 'integer'],
            'settle.bookings.*.do' => ['required', Rule::in(['move', 'leave', 'cancel'])],
            'settle.bookings.*.to' => ['nullable', 'string', SlotKey::RULE],
        ];
    }

    public static function of(Request $request): ?Settlement
    {
        if (!is_array($request->input('settle'))) {
            return null;
        }
        $choices = [];
        foreach ((array) $request->input('settle.bookings', []) as $one) {
            if (is_array($one)) {
                $choices[(int) $one['id']] = [
                    'do' => (string) $one['do'],
                    'to' => is_string($one['to'] ?? null) ? SlotKey::instant($one['to']) : null,
                ];
            }
        }

        return new Settlement($choices, $request->string('settle.word')->toString(), self::within($request));
    }

    public static function within(Request $request): Within
    {
        return Within::tryFrom($request->string('settle.within')->toString()) ?? Within::SameWeek;
    }
}
