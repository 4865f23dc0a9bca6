<?php

declare(strict_types=1);

namespace App\Publishing;

use App\Booking\BookingNews;
use App\Booking\Occasion;
use App\Booking\Presser;
use App\Framework\Contended;
use App\Framework\Reading;
use App\Models\Block;
use App\Models\Booking;
use App\Models\Instant;
use App\Models\LinkMode;
use App\Models\Party;
use App\Models\PlaceKind;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\StaffMember;
use App\Timetables\Guards;
use App\Video\VideoRooms;
use App\Writing\PlaceStatement;
use App\Writing\SheetStatement;
use App\Writing\WorksheetData;
use Illuminate\Support\Str;
use Recess\Changes\Within;

/** Keeps what the worksheet says, on a new sheet or on one that is changed; nobody who has booked is moved unseen. */
final class WriteSheet
{
    public function __construct(
        private readonly Resettle $resettle,
        private readonly AskColleagues $askColleagues,
        private readonly VideoRooms $rooms,
    ) {}

    /**
     * @param  int  $now  seconds since the epoch
     * @param  Edit|null  $edit  which one is changed; a new one without it
     *
     * @throws SheetMoved when somebody else has changed the sheet meanwhile
     * @throws BookingsAffected when it touches a booking for which nothing is settled: the writer has not seen it
     */
    public function __invoke(StaffMember $host, SheetStatement $statement, int $now, ?Edit $edit = null): Sheet
    {
        return Contended::transaction(function () use ($host, $statement, $now, $edit): Sheet {
            $sheet = $touched = null;
            $settlement = $edit?->settlement;
            if ($edit !== null) {
                Guards::edit($edit->sheet);
                $sheet = Sheet::query()->findOrFail($edit->sheet->id);
                if ($edit->version !== null && $edit->version !== $sheet->version) {
                    throw new SheetMoved($sheet);
                }
                $within = $settlement->within ?? Within::SameWeek;
                $touched = EditEffect::of($sheet, $statement, $now, $within);
                if (!$touched->isSettledBy($settlement)) {
                    throw new BookingsAffected([$touched], $within);
                }
            }
            $sheet ??= new Sheet([
                'staff_id' => $host->id,
                'state' => SheetState::Draft,
                'slug' => FreeSlug::for($statement->title, $host->name),
                'uid' => Str::uuid()->toString(),
                'version' => 0,
                'language' => Reading::now()->language,
            ]);
            $sheet
                ->fill([
                    'title' => $statement->title,
                    'kind' => $statement->kind,
                    'intro' => $statement->intro,
                    'rules' => $statement->rules,
                    'questions' => $statement->questions,
                    'joining' => $statement->joining,
                    ...$statement->forWhom->columns(),
                    'version' => $sheet->version + 1,
                ])
                ->save();
            $sheet->blocks()->delete();
            foreach ($statement->blocks as $block) {
                $sheet->blocks()->create(Block::columnsOf($block));
            }
            $changed = $this->keepPlaces($sheet, $statement->places, $now);
            $this->keepColleagues($sheet, $statement);
            $sheet->refresh();
            if ($touched !== null && $settlement !== null) {
                ($this->resettle)($sheet, $touched, $settlement);
            }
            $this->tellOfPlaces($sheet, $changed, $now);
            ($this->askColleagues)($sheet);

            return $sheet->refresh();
        });
    }

    /**
     * @param  non-empty-list<PlaceStatement>  $places
     * @return array<int, Occasion> what is new about places on which bookings may stand
     */
    private function keepPlaces(Sheet $sheet, array $places, int $now): array
    {
        $known = $sheet->places()->get()->keyBy('id');
        $changed = $kept = [];
        foreach ($places as $position => $statement) {
            $place = $statement->id === null ? null : $known->get($statement->id);
            $columns = $this->columns($sheet, $statement) + ['position' => $position];
            if ($place === null) {
                $kept[] = $sheet->places()->create($columns)->id;

                continue;
            }
            $place->fill($columns);
            if ($place->isDirty(['label', 'directions', 'kind'])) {
                $changed[$place->id] = Occasion::PlaceChanged;
            } elseif ($place->isDirty('link') && $place->link !== null) {
                $changed[$place->id] =
                    $place->getOriginal('link') === null ? Occasion::LinkAdded : Occasion::LinkChanged;
            }
            $place->save();
            $kept[] = $place->id;
        }
        // A place that bookings stand on stays known to them; it can only not be chosen any more.
        $gone = $sheet->places()->whereNotIn('id', $kept);
        (clone $gone)->whereNotIn('id', Booking::query()->where('sheet_id', $sheet->id)->select('place_id'))->delete();
        $gone->update(['removed_at' => Instant::column($now)]);

        return $changed;
    }

    /**
     * A room for all meetings, left empty, is the school's own service's: the same one each time.
     *
     * @return array<string, mixed>
     */
    private function columns(Sheet $sheet, PlaceStatement $statement): array
    {
        $columns = $statement->columns();
        $made =
            $statement->kind === PlaceKind::Video &&
            $statement->linkMode === LinkMode::One &&
            $statement->link === null &&
            WorksheetData::makesRooms();

        return $made ? ['link' => $this->rooms->linkForAll($sheet)] + $columns : $columns;
    }

    private function keepColleagues(Sheet $sheet, SheetStatement $statement): void
    {
        $sheet->colleagues()->whereNotIn('staff_id', array_keys($statement->colleagues))->delete();
        foreach ($statement->colleagues as $staff => $role) {
            $one = $sheet->colleagues()->firstOrNew(['staff_id' => $staff]);
            // Another part to play is told anew.
            $one->fill(['role' => $role] + ($one->exists && $one->role === $role ? [] : ['told_at' => null]))->save();
        }
    }

    /** @param  array<int, Occasion>  $changed */
    private function tellOfPlaces(Sheet $sheet, array $changed, int $now): void
    {
        foreach ($changed as $place => $occasion) {
            foreach (
                $sheet
                    ->bookings()
                    ->where('place_id', $place)
                    ->where('ends_at', '>', Instant::column($now))
                    ->whereNotNull('hold_id')
                    ->get()
                as $booking
            ) {
                $booking->update(['sequence' => $booking->sequence + 1]);
                event(new BookingNews($booking, $occasion, Presser::side(Party::Host)));
            }
        }
    }
}
