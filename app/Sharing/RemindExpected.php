<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Directory\Expected;
use App\Framework\Contended;
use App\Models\BookingState;
use App\Models\Instant;
use App\Models\Sheet;
use App\Texts\TextMessages;
use Illuminate\Database\Eloquent\Builder;

/** Invites, and later reminds, those on a sheet's list who have not booked, each with a link that knows the student; to none twice within a day. */
final class RemindExpected
{
    private const AGAIN = 86_400;

    public function __construct(private readonly TextMessages $texts) {}

    /** @return int how many reminders are on the way */
    public function __invoke(Sheet $sheet, string $word, int $now): int
    {
        return Contended::transaction(function () use ($sheet, $word, $now): int {
            $sent = 0;
            foreach ($this->due($sheet, $now)->get() as $one) {
                // In one statement: of two who press at once, one reminds.
                $mine = Expected::query()
                    ->whereKey($one->id)
                    ->where(
                        static fn($any) => $any
                            ->whereNull('reminded_at')
                            ->orWhere('reminded_at', '<=', Instant::column($now - self::AGAIN)),
                    )
                    ->update(['reminded_at' => Instant::column($now), 'failure' => '']);
                if ($mine > 0) {
                    event(new ExpectedReminded($one, $word, $now, $one->reminded_at === null));
                    $sent++;
                }
            }

            return $sent;
        });
    }

    /** @return Builder<Expected> who would be reminded now */
    public function due(Sheet $sheet, int $now): Builder
    {
        return self::missing($sheet)
            ->where(
                static fn($any) => $any
                    ->whereNull('reminded_at')
                    ->orWhere('reminded_at', '<=', Instant::column($now - self::AGAIN)),
            )
            ->where(
                fn($any) => $any
                    ->whereNotNull('email')
                    ->when($this->texts->areSent(), static fn($more) => $more->orWhere('phone', '!=', '')),
            );
    }

    /** @return Builder<Expected> about whom nothing stands on it */
    public static function missing(Sheet $sheet): Builder
    {
        $standing = $sheet->bookings()->whereIn('state', BookingState::standing());

        return Expected::query()
            ->where('sheet_id', $sheet->id)
            ->with('sheet')
            ->whereNotIn('name_key', (clone $standing)->where('student_key', '!=', '')->select('student_key'))
            ->where(
                static fn($any) => $any
                    ->whereNull('student_id')
                    ->orWhereNotIn('student_id', (clone $standing)->whereNotNull('student_id')->select('student_id')),
            )
            ->orderBy('class')
            ->orderBy('name_key');
    }
}
