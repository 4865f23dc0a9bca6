<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Reading;
use App\Models\Booking;
use App\Models\StaffMember;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** One message a day for hosts who want no other: what is new since yesterday, at seven on the school's clock. */
final class DigestCommand extends Command
{
    private const HOUR = 7;

    protected $signature = 'recess:digest';

    protected $description = 'Send the daily digest to hosts who have chosen it';

    public function handle(): int
    {
        $now = CarbonImmutable::now();
        foreach (StaffMember::query()->where('notify', 'daily')->with('school')->get() as $host) {
            $zone = $host->school->timeZone();
            if ($zone->timeAt($now->getTimestamp())->minute < self::HOUR * 60) {
                continue;
            }
            $news = Booking::query()
                ->where('staff_id', $host->id)
                ->whereNull('confirm_until')
                ->where('updated_at', '>', $now->subDay())
                ->with(['pass', 'sheet.host.school'])
                ->orderBy('starts_at')
                ->get();
            DB::transaction(static function () use ($host, $news, $zone, $now): void {
                $first =
                    DB::table('digests_sent')->insertOrIgnore([
                        'staff_id' => $host->id,
                        'day' => (string) $zone->dateAt($now->getTimestamp()),
                    ]) === 1;
                if ($first && $news->isNotEmpty()) {
                    Envelopes::to($host->email, $host->name)->queue(
                        new HostDigest(
                            $host,
                            Reading::of($host)->hears(static fn(): array => HostDigest::lines($news)),
                        ),
                    );
                }
            });
        }

        return self::SUCCESS;
    }
}
