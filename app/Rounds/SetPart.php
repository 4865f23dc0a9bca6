<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Contended;
use App\Publishing\WriteSheet;
use Illuminate\Validation\ValidationException;
use Recess\RecessException;
use Recess\Time\Hours;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;

/** Keeps what is a teacher's own of a round. Once it is published, their place goes onto their sheet, and whoever has booked is told. */
final class SetPart
{
    public function __construct(private readonly WriteSheet $write)
    {
    }

    /**
     * @param  array<string, mixed>  $form  kind, label, link, directions, absent
     *
     * @throws RoundRefused when absences are changed on a published round: on the sheet one sees whom that hits
     */
    public function __invoke(RoundHost $part, array $form, int $now): RoundHost
    {
        $absent = [];
        foreach (is_array($form['absent']) ? $form['absent'] : [] as $i => $one) {
            try {
                $hours = Hours::between(LocalTime::parse((string) $one['from']), LocalTime::parse((string) $one['until']));
                $absent[] = ['date' => (string) LocalDate::parse((string) $one['date']), 'from' => (string) $hours->from, 'until' => (string) $hours->until()];
            } catch (RecessException $failure) {
                throw ValidationException::withMessages(["absent.$i.from" => $failure->getMessage()]);
            }
        }
        if ($part->sheet_id !== null && $absent !== $part->absent) {
            throw RoundRefused::because('absent_on_sheet');
        }

        return Contended::transaction(function () use ($part, $form, $absent, $now): RoundHost {
            $part->update(['kind' => $form['kind'], 'label' => $form['label'], 'link' => ($form['link'] ?? null) ?: null, 'directions' => $form['directions'] ?? '', 'absent' => $absent]);
            if ($part->sheet !== null) {
                ($this->write)($part->host, PublishRound::statement($part->round, $part), $now, $part->sheet);
            }

            return $part->refresh();
        });
    }
}
