<?php

declare(strict_types=1);

namespace App\Telling;

use App\Framework\Notices;
use App\Framework\Reading;
use App\Framework\Said;
use App\Models\Sheet;
use App\Models\StaffMember;
use App\Publishing\ColleagueAsked;
use App\Publishing\ColleagueRefused;

/** Tells a colleague what they are to do on somebody's sheet, and its writer when they cannot. */
final class TellColleague
{
    public function ofAsked(ColleagueAsked $event): void
    {
        $sheet = Sheet::query()->findOrFail($event->asked->sheet_id);
        $this->tell(
            $event->asked->colleague,
            $sheet,
            "colleague|$sheet->id",
            new Said("colleagues.told_{$event->asked->role->value}", [
                'owner' => $sheet->host->name,
                'title' => $sheet->title,
            ]),
        );
    }

    public function ofRefused(ColleagueRefused $event): void
    {
        $this->tell(
            $event->sheet->host,
            $event->sheet,
            "refused|{$event->sheet->id}|{$event->colleague->id}",
            new Said('colleagues.refused', [
                'name' => $event->colleague->name,
                'title' => $event->sheet->title,
                'meetings' => $event->meetings,
            ]),
        );
    }

    private function tell(StaffMember $reader, Sheet $sheet, string $key, Said $said): void
    {
        Notices::tell($reader->id, $key, $said);
        $text = Reading::of($reader)->hears(static fn(): string => (string) $said);
        Envelopes::to($reader->email, $reader->name)->queue(new ColleagueLetter($reader, $sheet, $text));
    }
}
