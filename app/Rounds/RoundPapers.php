<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Framework\Alphabet;
use App\Framework\Printed;
use App\Framework\QrCode;
use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Booking;
use App\Models\Round;
use App\Plans\Shortlist;
use App\Sharing\Workbook;
use Illuminate\Database\Eloquent\Collection;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Zone;

/** A whole round on paper, and as a workbook: who comes to whom, who goes where, each family's plan. */
enum RoundPapers: string
{
    /** A page or more for each teacher and evening, in the order of the times. */
    case RunSheets = 'run-sheets.pdf';

    /** For the entrance: families by their names, and where they go. */
    case Entrance = 'entrance.pdf';

    /** A plan to hand out to each family. */
    case Plans = 'plans.pdf';

    /** The same to those without an e-mail address. */
    case PlansWithoutMail = 'plans-without-mail.pdf';

    case Table = 'meetings.xlsx';

    /** Lines on a page of the list for the entrance. */
    private const ROWS = 36;

    public function type(): string
    {
        return $this === self::Table
            ? 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'
            : 'application/pdf';
    }

    public function of(Round $round): string
    {
        $bookings = $this->bookings($round);
        $zone = $round->school->timeZone();
        if ($this === self::Table) {
            return Workbook::write(self::table($bookings, $zone));
        }
        $ground = Shortlist::onTheGround($round);
        $bookings->each(static fn(Booking $one) => $one->setAttribute('ground', $ground->has($one->pass_id)));
        $pages = match ($this) {
            self::RunSheets => self::byTeacher($bookings, $zone),
            self::Entrance => self::byDate($bookings, $zone),
            default => self::byFamily($bookings, $zone, $round),
        };
        $view = match ($this) {
            self::RunSheets => 'paper.round-run-sheets',
            self::Entrance => 'paper.round-entrance',
            default => 'paper.round-plans',
        };

        return Printed::pages(
            $view,
            $pages,
            ['title' => $round->title, 'school' => $round->school->name],
            $round->school->country,
        );
    }

    /** @return Collection<int, Booking> that stand, in the order of their times */
    private function bookings(Round $round): Collection
    {
        $booked = $round->bookings()->with(['pass', 'place', 'host', 'interpreter']);
        $this === self::PlansWithoutMail && $booked->whereHas('pass', static fn($pass) => $pass->whereNull('email'));

        return $booked->get();
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return list<array{heading: string, rows: list<array<string, string>>}>
     */
    private static function byTeacher(Collection $bookings, Zone $zone): array
    {
        $pages = [];
        foreach (
            $bookings->sortBy(static fn(Booking $one): string => $one->host->name . ' ' . $one->starts_at->format('c'))
            as $one
        ) {
            $pages[$one->host->name . ', ' . Spell::date($zone->dateAt($one->span()->start))][] = self::row(
                $one,
                $zone,
            );
        }

        return array_map(
            static fn(string $heading, array $rows): array => ['heading' => $heading, 'rows' => $rows],
            array_keys($pages),
            $pages,
        );
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return list<array{heading: string, rows: list<array<string, string>>}>
     */
    private static function byDate(Collection $bookings, Zone $zone): array
    {
        $pages = [];
        foreach ($bookings as $one) {
            $pages[Spell::date($zone->dateAt($one->span()->start))][] = self::row($one, $zone);
        }
        foreach ($pages as &$rows) {
            // A stable sort: of one family the times stay in order.
            usort($rows, Alphabet::by(static fn(array $one): string => $one['family']));
        }

        unset($rows);
        $some = [];
        foreach ($pages as $heading => $rows) {
            foreach (array_chunk($rows, self::ROWS) as $part) {
                $some[] = ['heading' => $heading, 'rows' => $part];
            }
        }

        return $some;
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return list<array{heading: string, rows: list<array<string, string>>, qr: string}>
     */
    private static function byFamily(Collection $bookings, Zone $zone, Round $round): array
    {
        $pages = [];
        foreach ($bookings->groupBy('pass_id') as $theirs) {
            $pass = $theirs->firstOrFail()->pass;
            $pages[] = [
                'heading' => $pass->name,
                'rows' => array_values(
                    $theirs
                        ->map(
                            static fn(Booking $one): array => [
                                'date' => Spell::date($zone->dateAt($one->span()->start)),
                            ] + self::row($one, $zone),
                        )
                        ->all(),
                ),
                'qr' => QrCode::onPaper($pass->linkTo($round)),
            ];
        }
        usort($pages, Alphabet::by(static fn(array $one): string => $one['heading']));

        return $pages;
    }

    /** @return array{from: string, until: string, family: string, student: string, needs: string, interpreter: string, phone: string, host: string, place: string} */
    private static function row(Booking $one, Zone $zone): array
    {
        return [
            'from' => (string) $zone->timeAt($one->span()->start),
            'until' => (string) $zone->timeAt($one->span()->end),
            'family' => $one->pass->name,
            'student' => $one->student,
            'needs' => $one->getAttribute('ground') === true ? Words::say('rounds.needs_ground') : '',
            'interpreter' => (string) $one->interpreter?->name,
            'phone' => $one->pass->phone,
            'host' => $one->host->name,
            'place' => $one->place->label,
        ];
    }

    /**
     * @param  Collection<int, Booking>  $bookings
     * @return iterable<list<string|LocalDate|LocalTime>>
     */
    private static function table(Collection $bookings, Zone $zone): iterable
    {
        yield ['Date', 'From', 'To', 'Teacher', 'Place', 'Student', 'Visitor', 'Phone', 'Interpreter'];
        foreach ($bookings as $one) {
            $span = $one->span();
            yield [
                $zone->dateAt($span->start),
                $zone->timeAt($span->start),
                $zone->timeAt($span->end),
                $one->host->name,
                $one->place->label,
                $one->student,
                $one->pass->name,
                $one->pass->phone,
                (string) $one->interpreter?->name,
            ];
        }
    }
}
