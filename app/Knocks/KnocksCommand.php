<?php

declare(strict_types=1);

namespace App\Knocks;

use App\Models\Instant;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;

/** Ends knocks that nobody answered in time, and asks again about what is not sure the day before. Run every minute. */
final class KnocksCommand extends Command
{
    /** Seconds before a meeting at which a maybe is asked about once more. */
    private const AGAIN = 86_400;

    /** Seconds after a maybe before which nobody is asked about it again. */
    private const SOONEST = 7_200;

    /** At once; the rest a minute later. */
    private const MOST = 200;

    protected $signature = 'recess:knocks';

    protected $description = 'End knocks whose time is up, and ask again about those that are not sure';

    public function handle(KnockChange $change): int
    {
        $now = CarbonImmutable::now();
        foreach (
            Knock::query()
                ->whereIn('state', KnockState::open())
                ->where('until', '<=', $now)
                ->with(Knock::PARTS)
                ->limit(self::MOST)
                ->get()
            as $knock
        ) {
            $this->lapse($change, $knock, $now->getTimestamp());
        }
        $soon = Knock::query()
            ->where('state', KnockState::Maybe)
            ->whereNull('asked_again_at')
            ->where('until', '>', $now)
            ->where('updated_at', '<=', $now->subSeconds(self::SOONEST))
            ->whereHas(
                'choices',
                static fn(Builder $choice) => $choice
                    ->where('chosen', true)
                    ->where('starts_at', '<=', Instant::column($now->getTimestamp() + self::AGAIN)),
            )
            ->with(Knock::PARTS)
            ->limit(self::MOST)
            ->get();
        foreach ($soon as $knock) {
            $this->askAgain($change, $knock, $now->getTimestamp());
        }

        return self::SUCCESS;
    }

    private function lapse(KnockChange $change, Knock $knock, int $now): void
    {
        try {
            $change->on($knock, static function (Knock $knock) use ($change, $now): void {
                if ($knock->until->getTimestamp() > $now) {
                    return;
                }
                $known = $knock->state !== KnockState::Unconfirmed;
                $change->end($knock, KnockState::Lapsed);
                $known && event(new KnockNews($knock, KnockOccasion::Lapsed));
            });
        } catch (KnockRefused) {
            // Answered at the last moment.
        }
    }

    private function askAgain(KnockChange $change, Knock $knock, int $now): void
    {
        try {
            $change->on($knock, static function (Knock $knock) use ($now): void {
                if ($knock->state === KnockState::Maybe && $knock->asked_again_at === null) {
                    $knock->update(['asked_again_at' => Instant::column($now)]);
                    event(new KnockNews($knock, KnockOccasion::AskedAgain));
                }
            });
        } catch (KnockRefused) {
            // Answered at the last moment.
        }
    }
}
