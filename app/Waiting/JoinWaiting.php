<?php

declare(strict_types=1);

namespace App\Waiting;

use App\Framework\Contended;
use App\Framework\Words;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Waiting;
use App\Timetables\Guards;

/**
 * Puts a visitor in line for a time that somebody gives back, once their address has answered: nothing is kept for whoever
 * types somebody's address. Joining twice keeps the first place.
 */
final class JoinWaiting
{
    /** A sheet has no more in line, and an address is in line at no more sheets. */
    private const AT_A_SHEET = 200;

    private const OF_AN_ADDRESS = 10;

    /** @throws WaitingRefused when there is no line to join */
    public function __invoke(Sheet $sheet, ?Pass $pass, WhoWaits $who): Waiting
    {
        $email = $pass->email ?? $who->email;

        return Contended::transaction(static function () use ($sheet, $pass, $who, $email): Waiting {
            Guards::booking($sheet, $email, '');
            if ($sheet->seen() !== SheetState::Open || !$sheet->rules->yes('waiting')) {
                throw new WaitingRefused(
                    Words::say('booking.no_line', ['phone' => $sheet->host->school->phoneOrNone()]),
                );
            }
            $theirs = Waiting::query()->whereHas('pass', static fn($one) => $one->where('email', $email));
            $known = (clone $theirs)->where('sheet_id', $sheet->id)->first();
            if (
                $known === null &&
                ((clone $theirs)->count() >= self::OF_AN_ADDRESS ||
                    Waiting::query()->where('sheet_id', $sheet->id)->count() >= self::AT_A_SHEET)
            ) {
                throw new WaitingRefused(
                    Words::say('booking.line_is_long', ['phone' => $sheet->host->school->phoneOrNone()]),
                );
            }
            $waiting =
                $known ??
                Waiting::query()->create([
                    'sheet_id' => $sheet->id,
                    'wants' => $who->wants->toArray(),
                    'pass_id' =>
                        $pass->id ??
                        Pass::query()->create([
                            'name' => $who->name,
                            'email' => $email,
                            'phone' => '',
                            ...$who->reads->kept(),
                        ])->id,
                ]);
            if ($waiting->confirmed_at === null) {
                event(new PlaceTaken($waiting));
            }

            return $waiting;
        });
    }
}
