<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Plans\HoursOn;
use App\Publishing\Edit;
use App\Publishing\WriteSheet;

/**
 * Keeps what is a teacher's own of a round. Once it is published, their place goes onto their sheet, and whoever has booked
 * is told.
 *
 * @phpstan-type OnDate array{date: string, from: string, until: string}
 * @phpstan-type Part array{kind: string, label: string, link?: string|null, directions?: string|null, absent: array<OnDate>, most?: int|null, asked?: list<int>|null, longer?: list<array{id: int, times: int}>|null}
 */
final class SetPart
{
    public function __construct(private readonly WriteSheet $write) {}

    /**
     * @param  Part  $form
     *
     * @throws RoundRefused when absences are changed on a sheet that is open: on the sheet one sees whom that hits
     */
    public function __invoke(RoundHost $part, array $form, int $now): RoundHost
    {
        $absent = array_map(
            static fn(HoursOn $one): array => $one->toArray(),
            array_values(HoursOn::all($form['absent'], 'absent')),
        );
        if ($part->isOpen() && $absent !== $part->absent) {
            throw RoundRefused::because('absent_on_sheet');
        }

        return Contended::transaction(function () use ($part, $form, $absent, $now): RoundHost {
            $part->update([...RoundHost::whereToFind($form), 'absent' => $absent, 'most' => $form['most'] ?? null]);
            isset($form['asked']) && $part->asked()->sync($form['asked']);
            isset($form['longer']) &&
                $part
                    ->longer()
                    ->sync(
                        array_map(
                            static fn(array $one): array => ['times' => $one['times']],
                            array_column($form['longer'], null, 'id'),
                        ),
                    );
            if ($part->sheet !== null) {
                ($this->write)($part->host, PublishRound::statement($part->round, $part), $now, new Edit($part->sheet));
                $part->isOpen() || PublishRound::closeAbsences($part->sheet->refresh(), $part);
            }

            return $part->refresh();
        });
    }
}
