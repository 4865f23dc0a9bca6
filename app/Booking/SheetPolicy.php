<?php

declare(strict_types=1);

namespace App\Booking;

use App\Directory\Admission;
use App\Framework\Clock;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Audience;
use App\Models\Pass;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Models\StaffMember;
use Illuminate\Auth\Access\Response;

/** Who may do what with a sheet. */
final class SheetPolicy
{
    /** Anyone with the link, once it is published; until then the sheet is not there for them. */
    public function visit(?StaffMember $reader, Sheet $sheet): Response
    {
        return $sheet->state === SheetState::Draft || $sheet->kind === SheetKind::Knock
            ? Response::denyAsNotFound()
            : Response::allow();
    }

    /** Paused and closed ones say so themselves, with what was typed kept. */
    public function book(?StaffMember $reader, Sheet $sheet): Response
    {
        if ($sheet->state === SheetState::Draft || $sheet->kind === SheetKind::Knock) {
            return Response::denyAsNotFound();
        }
        $admission = Admission::of($sheet, Pass::opening(request()->input('pass'), $sheet));

        return match (true) {
            $admission->isAdmitted && (int) $admission->opensAt > Clock::now() => Response::deny(
                Words::say('rounds.cohort_opens', [
                    'moment' => Spell::moment((int) $admission->opensAt, $sheet->host->school->timeZone()),
                ]),
            ),
            $admission->isAdmitted => Response::allow(),
            default => Response::deny(
                Words::say("booking.only_{$sheet->audience->value}", ['school' => $sheet->host->school->name]),
            ),
        };
    }

    public function create(StaffMember $writer): bool
    {
        return true;
    }

    /** The office sees every sheet of its school, for those who ring. */
    public function view(StaffMember $reader, Sheet $sheet): bool
    {
        return $sheet->isRunBy($reader) || $this->isOffice($reader, $sheet);
    }

    /** Of a knock's there is nothing to write: what was agreed stands, and is moved or cancelled as a booking. */
    public function update(StaffMember $writer, Sheet $sheet): bool
    {
        return $sheet->isRunBy($writer) && $sheet->kind !== SheetKind::Knock;
    }

    /** To write it anew, open it or throw it away: of a round's, all is common but what its host says there. */
    public function write(StaffMember $writer, Sheet $sheet): bool
    {
        return $this->update($writer, $sheet) && $sheet->round_id === null;
    }

    /** To open, pause or close it, or put it away: what opens with its round, its host does not open or take out of it alone. */
    public function changeState(StaffMember $writer, Sheet $sheet): bool
    {
        return $this->update($writer, $sheet) && ($sheet->round_id === null || $sheet->state !== SheetState::Draft);
    }

    /** Whoever has been put on somebody else's sheet may say that they cannot be there. */
    public function refuse(StaffMember $colleague, Sheet $sheet): bool
    {
        return $sheet->roleOf($colleague) !== null && $sheet->kind !== SheetKind::Knock;
    }

    /** Letters to families that have not booked: of a sheet that they can open. */
    public function writeTo(StaffMember $writer, Sheet $sheet): bool
    {
        return $this->view($writer, $sheet) &&
            $sheet->audience === Audience::Families &&
            $sheet->state === SheetState::Open &&
            $sheet->put_away_at === null;
    }

    /**
     * Cards open a sheet: one that families can open. Those of all families of the school are the office's to print; a host's
     * are of the classes and students that their sheet names.
     */
    public function printCards(StaffMember $writer, Sheet $sheet): Response
    {
        $everybody =
            $sheet->audience === Audience::Families &&
            $sheet->audience_classes === [] &&
            $sheet->audience_students === [];

        return match (true) {
            !$this->view($writer, $sheet) => Response::deny(),
            $sheet->state === SheetState::Draft => Response::deny(Words::say('sheets.cards_of_drafts')),
            $everybody && !$this->isOffice($writer, $sheet) => Response::deny(Words::say('sheets.cards_of_everybody')),
            default => Response::allow(),
        };
    }

    /** Reminders to those on its list: of a sheet that can be booked. */
    public function remind(StaffMember $writer, Sheet $sheet): bool
    {
        return $this->update($writer, $sheet) &&
            $sheet->audience === Audience::Anyone &&
            $sheet->state === SheetState::Open &&
            $sheet->put_away_at === null;
    }

    public function copy(StaffMember $writer, Sheet $sheet): bool
    {
        return $this->view($writer, $sheet) && $sheet->kind !== SheetKind::Knock;
    }

    public function bookFor(StaffMember $writer, Sheet $sheet): Response
    {
        return $sheet->state !== SheetState::Draft &&
            $sheet->kind !== SheetKind::Knock &&
            ($sheet->isRunBy($writer) || $this->isOffice($writer, $sheet))
            ? Response::allow()
            : Response::deny();
    }

    private function isOffice(StaffMember $staff, Sheet $sheet): bool
    {
        return $staff->office && $sheet->host->school_id === $staff->school_id;
    }
}
