<?php

declare(strict_types=1);

namespace App\Framework;

use Illuminate\Console\Command;

/** What the application knows to be wrong with itself; the rest of the doctor is in ops/doctor.sh. */
final class DoctorCommand extends Command
{
    protected $signature = 'recess:doctor';

    protected $description = 'Says what is wrong with the queue, the scheduler and the clock, and what to do';

    public function handle(): int
    {
        $vitals = Vitals::at(Clock::now());
        $wrong = false;
        foreach (
            [
                [
                    'queue',
                    $vitals->isBehind(),
                    ['minutes' => intdiv($vitals->waitsFor, 60), 'waiting' => $vitals->waiting],
                ],
                [
                    'scheduler',
                    $vitals->isSilent(),
                    ['minutes' => intdiv($vitals->silent ?? 0, 60), 'known' => $vitals->silent === null ? 'no' : 'yes'],
                ],
                ['letters', $vitals->failed > 0, ['failed' => $vitals->failed]],
                ['clock', $vitals->wasSetBack(), ['minutes' => intdiv($vitals->ahead, 60)]],
            ]
            as [$part, $isWrong, $values]
        ) {
            $this->line(
                $isWrong
                    ? '✗ ' . Words::say("running.{$part}_wrong", $values)
                    : '✓ ' . Words::say("running.{$part}_well"),
            );
            $wrong = $wrong || $isWrong;
        }
        foreach (app()->tagged(Watched::class) as $watched) {
            assert($watched instanceof Watched);
            $complaints = $watched->complaints(Clock::now());
            foreach ($complaints as $complaint) {
                $this->line("✗ $complaint");
            }
            if ($complaints === []) {
                $this->line('✓ ' . $watched->well());
            }
            $wrong = $wrong || $complaints !== [];
        }
        if (!TablesOfThis::fit()) {
            $this->line('✗ ' . Words::say('running.other_tables'));
            $wrong = true;
        }

        return $wrong ? self::FAILURE : self::SUCCESS;
    }
}
