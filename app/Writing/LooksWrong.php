<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\Hold;
use App\Models\Instant;
use App\Models\PlaceKind;
use App\Models\Sheet;
use App\Models\SheetKind;
use App\Models\SheetState;
use App\Timetables\Asking;
use App\Timetables\Judge;
use Illuminate\Database\Query\Builder;
use Recess\Records\BlockRecord;
use Recess\Repeat\Adjusted;
use Recess\Repeat\OnDates;
use Recess\Repeat\Repeating;
use Recess\Rules\Because;
use Recess\Slots\Block;
use Recess\Time\LocalDate;
use Recess\Time\LocalTime;
use Recess\Time\Span;
use Recess\Time\Spans;
use Recess\Time\Zone;
use Recess\Timetable;

/** What is possible but looks like a slip, each with its mend where there is one. */
final readonly class LooksWrong
{
    /** Meetings in a room, and sheets, that are looked at. */
    private const MOST = 500;

    /** Colleagues' sheets that are in one room. */
    private const MOST_IN_ROOM = 50;

    private Zone $zone;

    /**
     * @param  Timetable  $drawn  the first days of it, as its host sees them
     * @param  list<Span>  $stretches  all of them
     */
    public function __construct(
        private WorksheetReader $reader,
        private Sheet $sheet,
        private Timetable $drawn,
        private array $stretches,
    ) {
        $this->zone = $drawn->sheet->zone;
    }

    /** @return list<array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    public function all(): array
    {
        $all = [];
        foreach (
            [
                $this->early(),
                $this->endless(),
                $this->closedDays(),
                $this->acrossOtherSheets(),
                $this->nothingLeft(),
                $this->roomInUse(),
                $this->links(),
            ]
            as $some
        ) {
            array_push($all, ...iterator_to_array($some, false));
        }

        return $all;
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function early(): \Generator
    {
        foreach ($this->reader->blocks as $i => $block) {
            $from = $block->usual->hours[0]->from;
            if (!$from->isEarly()) {
                continue;
            }
            $hours = $block->usual->hours[0];
            $later = $from->minute + 720 + $hours->minutes <= 1440;
            yield $this->warning(
                "blocks.$i.hours.0.from",
                Words::say('wrong.early', ['time' => Spell::clock($from)]),
                $later
                    ? [
                        Words::say('wrong.make_it', [
                            'time' => Spell::clock(LocalTime::ofMinute($from->minute + 720)),
                        ]),
                        [
                            'blocks' => $this->blocksWith($i, static function (array $record): array {
                                foreach ($record['hours'] as $n => $one) {
                                    foreach (['from', 'until'] as $end) {
                                        $minute = LocalTime::parse($one[$end])->minute;
                                        $record['hours'][$n][$end] = (string) LocalTime::ofMinute(
                                            $minute < 720 ? $minute + 720 : $minute,
                                        );
                                    }
                                }

                                return $record;
                            }),
                        ],
                    ]
                    : null,
            );
        }
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function endless(): \Generator
    {
        $term = null;
        foreach ($this->reader->writer->school->termRanges() as $range) {
            $term ??= $range->last->isBefore($this->reader->today) ? null : $range->last;
        }
        foreach ($this->reader->blocks as $i => $block) {
            $pattern = self::plain($block);
            if ($pattern instanceof Repeating && $pattern->last() === null) {
                $end = $term ?? $this->reader->today->plusDays(182);
                yield $this->warning("blocks.$i.until", Words::say('wrong.endless'), [
                    Words::say('wrong.end_it', ['date' => Spell::plainDate($end)]),
                    [
                        'blocks' => $this->blocksWith(
                            $i,
                            static fn(array $record): array => ['until' => (string) $end, 'times' => null] + $record,
                        ),
                    ],
                ]);
            }
        }
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function closedDays(): \Generator
    {
        $closed = $this->reader->writer->school->closedDays();
        foreach ($this->reader->blocks as $i => $block) {
            $pattern = self::plain($block);
            if (!($pattern instanceof OnDates)) {
                continue;
            }
            $hit = array_values(
                array_filter($pattern->dates, static fn(LocalDate $date): bool => $closed->holds($date)),
            );
            if ($hit !== []) {
                $left = array_values(
                    array_filter($pattern->dates, static fn(LocalDate $date): bool => !$closed->holds($date)),
                );
                yield $this->warning(
                    "blocks.$i.dates",
                    Words::say('wrong.closed', ['dates' => Spell::list(array_map(Spell::date(...), $hit))]),
                    $left === []
                        ? null
                        : [
                            Words::say('wrong.take_out', ['days' => count($hit)]),
                            [
                                'blocks' => $this->blocksWith(
                                    $i,
                                    static fn(array $record): array => ['dates' => array_map(strval(...), $left)] +
                                        $record,
                                ),
                            ],
                        ],
                );
            }
        }
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function acrossOtherSheets(): \Generator
    {
        $mine = $this->stretches();
        if (count($mine) === 0) {
            return;
        }
        $all = $mine->all();
        [$from, $before] = [
            $this->zone->dateAt($all[0]->start),
            $this->zone->dateAt($all[count($all) - 1]->start)->plusDays(1),
        ];
        $writer = $this->reader->sheet->host ?? $this->reader->writer;
        $others = $writer
            ->sheets()
            ->whereIn('state', [SheetState::Open, SheetState::Paused])
            ->whereNull('put_away_at')
            ->where('id', '!=', $this->reader->sheet->id ?? 0)
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->with(Sheet::PARTS)
            ->get();
        foreach ($others as $other) {
            $shared = $mine->overlap(Spans::of($other->toCore()->stretches($from, $before)));
            if (count($shared) > 0) {
                $when = $shared->all()[0];
                yield $this->warning(
                    'blocks',
                    Words::say('wrong.across', ['sheet' => $other->title] + $this->said($when)),
                    null,
                );
            }
        }
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function nothingLeft(): \Generator
    {
        if (
            $this->stretches === [] ||
            $this->drawn->firstFree() !== null ||
            Judge::firstFree($this->sheet, $this->drawn->world->now, Asking::host()) !== null
        ) {
            return;
        }
        $becauses = [];
        foreach ($this->drawn->offers() as $offer) {
            $becauses[] = ($offer->verdict->reasons[0] ?? null)?->because;
        }
        $tooSoon = in_array(Because::TooSoon, $becauses, true);
        yield $this->warning(
            'rules.lead_minutes',
            Words::say($tooSoon ? 'wrong.too_soon' : 'wrong.nothing_left'),
            $tooSoon
                ? [
                    Words::say('wrong.until_an_hour'),
                    [
                        'rules' => $this->reader
                            ->sheetRules()
                            ->with(['lead_minutes' => 60, 'lead_days' => null])
                            ->toArray(),
                    ],
                ]
                : null,
        );
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function roomInUse(): \Generator
    {
        $mine = $this->stretches();
        $owner = $this->reader->sheet->staff_id ?? $this->reader->writer->id;
        $school = $this->reader->writer->school_id;
        $colleagues = static fn(Builder $some): Builder => $some
            ->select('id')
            ->from('staff')
            ->where('school_id', $school)
            ->where('id', '!=', $owner);
        foreach ($this->reader->places() as $i => $place) {
            if ($place->kind !== PlaceKind::Room || count($mine) === 0) {
                continue;
            }
            $range = $mine->all();
            $hold = Hold::query()
                ->join('bookings', 'bookings.hold_id', '=', 'holds.id')
                ->join('places', 'places.id', '=', 'bookings.place_id')
                ->where('places.kind', 'room')
                ->where('places.label', $place->label)
                ->whereIn('holds.staff_id', $colleagues)
                ->where('holds.starts_at', '<', Instant::column($range[count($range) - 1]->end))
                ->where('holds.ends_at', '>', Instant::column($range[0]->start))
                ->orderBy('holds.starts_at')
                ->limit(self::MOST)
                ->get(['holds.*'])
                ->first(static fn(Hold $one): bool => $mine->touches($one->span()));
            if ($hold !== null) {
                yield $this->warning(
                    "places.$i.label",
                    Words::say('wrong.room_used', ['room' => $place->label] + $this->said($hold->span())),
                    null,
                );
            } else {
                yield from $this->roomPromised($i, $place->label, $mine, $colleagues);
            }
        }
    }

    /**
     * Nobody has booked there yet, but a colleague's sheet offers times in the same room.
     *
     * @param  \Closure(Builder): Builder  $colleagues  their numbers
     * @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}>
     */
    private function roomPromised(int $place, string $room, Spans $mine, \Closure $colleagues): \Generator
    {
        $range = $mine->all();
        $others = Sheet::query()
            ->whereIn('staff_id', $colleagues)
            ->whereIn('state', [SheetState::Open, SheetState::Paused])
            ->whereNull('put_away_at')
            ->whereHas('places', static fn($one) => $one->where('kind', PlaceKind::Room)->where('label', $room))
            ->orderByDesc('id')
            ->limit(self::MOST_IN_ROOM)
            ->with(Sheet::PARTS)
            ->get();
        foreach ($others as $other) {
            $theirs = Spans::of(
                $other
                    ->toCore()
                    ->stretches(
                        $this->zone->dateAt($range[0]->start),
                        $this->zone->dateAt($range[count($range) - 1]->start)->plusDays(1),
                    ),
            );
            $shared = $mine->overlap($theirs)->all();
            if ($shared !== []) {
                yield $this->warning(
                    "places.$place.label",
                    Words::say(
                        'wrong.room_promised',
                        ['room' => $room, 'sheet' => $other->title, 'host' => $other->host->name] +
                            $this->said($shared[0]),
                    ),
                    null,
                );

                return;
            }
        }
    }

    /** @return \Generator<int, array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}> */
    private function links(): \Generator
    {
        foreach ($this->reader->list('places') as $i => $place) {
            $link = is_string($place['link'] ?? null) ? trim($place['link']) : '';
            if ($link === '' || isset($this->reader->errors["places.$i.link"])) {
                continue;
            }
            $check = LinkCheck::of($link);
            foreach ($check->problems as $problem) {
                yield $this->warning(
                    "places.$i.link",
                    $problem,
                    $check->cleaned === null
                        ? null
                        : [
                            Words::say('wrong.use_link', ['link' => $check->cleaned]),
                            ['places' => $this->placesWith($i, $check->cleaned)],
                        ],
                );
            }
            $other = Sheet::query()
                ->where('id', '!=', $this->reader->sheet->id ?? 0)
                ->where('kind', '!=', SheetKind::Knock)
                ->whereHas('places', static fn($one) => $one->where('link', $link))
                ->first();
            if ($other !== null) {
                yield $this->warning(
                    "places.$i.link",
                    Words::say('wrong.link_shared', ['sheet' => $other->title]),
                    null,
                );
            }
        }
    }

    /** @return array{date: string, from: string, until: string} */
    private function said(Span $when): array
    {
        return [
            'date' => Spell::date($this->zone->dateAt($when->start)),
            'from' => Spell::time($when->start, $this->zone),
            'until' => Spell::time($when->end, $this->zone),
        ];
    }

    /** @return list<array<mixed>> */
    private function placesWith(int $i, string $link): array
    {
        $places = $this->reader->list('places');
        $places[$i] = ['link' => $link] + $places[$i];

        return $places;
    }

    private static function plain(Block $block): \Recess\Repeat\Pattern
    {
        return $block->pattern instanceof Adjusted ? $block->pattern->pattern : $block->pattern;
    }

    private function stretches(): Spans
    {
        return Spans::of($this->stretches);
    }

    /**
     * The form's blocks with one of them changed.
     *
     * @param  \Closure(array<string, mixed>): array<string, mixed>  $change
     * @return list<array<string, mixed>>
     */
    private function blocksWith(int $i, \Closure $change): array
    {
        $records = array_map(BlockRecord::of(...), $this->reader->blocks);
        $records[$i] = $change($records[$i]);

        return array_values($records);
    }

    /**
     * @param  array{string, array<string, mixed>}|null  $mend
     * @return array{about: string, message: string, mend: array{label: string, form: array<string, mixed>}|null}
     */
    private function warning(string $about, string $message, ?array $mend): array
    {
        return [
            'about' => $about,
            'message' => $message,
            'mend' => $mend === null ? null : ['label' => $mend[0], 'form' => $mend[1]],
        ];
    }
}
