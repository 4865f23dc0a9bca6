<?php

declare(strict_types=1);

namespace App\Passes;

use App\Framework\Notices;
use App\Framework\Said;
use App\Models\Booking;
use App\Models\Pass;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Renews the passes that others have seen, as an update marks them (passes.renew_because), and has their holders told. Of
 * one without an e-mail address its host is: they hand the new one out on paper. Run every minute; most of the time there is none.
 */
final class RenewShownCommand extends Command
{
    /** At once; the rest a minute later. */
    private const MOST = 200;

    protected $signature = 'recess:renew-shown';

    protected $description = 'Give those passes another address that somebody else has seen, and tell whose they are';

    public function handle(): int
    {
        foreach (Pass::query()->whereNotNull('renew_because')->orderBy('id')->limit(self::MOST)->get() as $pass) {
            DB::transaction(static function () use ($pass): void {
                $pass->renew();
                $pass->email === null ? self::tellHost($pass) : event(new PassRenewed($pass));
            });
        }

        return self::SUCCESS;
    }

    private static function tellHost(Pass $pass): void
    {
        $last = Booking::query()->where('pass_id', $pass->id)->orderByDesc('starts_at')->first();
        $last === null ||
            Notices::tellOnce(
                $last->staff_id,
                "renewed|$pass->id|$pass->generation",
                new Said('booking.pass_renewed_host', ['who' => $pass->name]),
                $last->id,
            );
    }
}
