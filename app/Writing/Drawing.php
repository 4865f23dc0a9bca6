<?php

declare(strict_types=1);

namespace App\Writing;

use App\Framework\Spell;
use App\Framework\Words;
use App\Models\BusySpan;
use App\Models\HostRole;
use App\Models\Instant;
use App\Models\Sheet;
use App\Models\SheetHost;
use App\Models\StaffMember;
use App\Timetables\Asking;
use App\Timetables\Judge;
use App\Timetables\RulerData;
use App\Timetables\RulerNotes;
use App\Timetables\Sentence;
use App\Visiting\VisitSheetData;
use Recess\Records\BlockRecord;
use Recess\Slots\Block;
use Recess\Slots\Pieces;
use Recess\Time\LocalDate;
use Recess\Time\Span;
use Recess\Timetable;

/** All that a worksheet shows while it is written: rulers, counts, what looks wrong, and the visitor's page. */
final class Drawing
{
    private const DAYS = 10;

    /** Dates that are named for the year's drawing, which shows fourteen months. */
    private const MOST_DATES = 430;

    /**
     * @param  array<mixed>  $input  form, and optionally line and typed (whether the blanks follow it), and from (the first day to draw)
     * @return DrawingShape as Drawing in docs/formats/recess.openapi.yaml
     */
    public static function of(array $input, WorksheetReader $reader, int $now): array
    {
        $typed = TypedLine::of(
            ($input['typed'] ?? false) === true && is_string($input['line'] ?? null) ? $input['line'] : null,
            $reader,
        );
        if ($typed->said !== null) {
            $form = ['blocks' => array_map(BlockRecord::of(...), $typed->blocks($reader->blocks))] + $reader->form;
            $reader = WorksheetReader::read($form, $reader->writer, $reader->sheet, $now);
        }
        $from =
            is_string($input['from'] ?? null) && preg_match('/^\d{4}-\d{2}-\d{2}$/D', $input['from']) === 1
                ? LocalDate::parse($input['from'])
                : null;
        $sheet = PreviewSheet::of($reader);
        $readable = $reader->blocks !== [] && !isset($reader->errors['blocks']);
        $tally = $readable ? $reader->tally() : null;
        [$timetable, $later] = $readable
            ? Judge::pageOfAll($sheet, $from ?? $reader->today, self::DAYS, $now)
            : [null, null];
        $stretches = $readable ? $reader->times()->stretches(...$reader->times()->reach($reader->today)) : [];

        return [
            'blocks' => array_map(
                static fn(Block $block, int $i): array => [
                    'index' => $i,
                    'record' => BlockRecord::of($block),
                    'sentence' => Sentence::of($block),
                    'beside' => TypedLine::beside($block),
                ],
                $reader->blocks,
                array_keys($reader->blocks),
            ),
            'line' => TypedLine::saying($reader->blocks, $reader->writer->school),
            ...$typed->toArray(),
            'errors' => (object) array_map(static fn(array $messages): string => $messages[0], $reader->errors),
            'sentence' => $tally === null ? '' : Sentence::count($tally, $reader->isEndless()),
            'slots' => $tally?->all() ?? 0,
            'left_over' => intdiv(array_sum($tally->leftOver ?? []), 60),
            'days' =>
                $timetable === null
                    ? []
                    : RulerData::days(
                        $timetable,
                        new RulerNotes(
                            busy: self::busy($reader, $timetable->pieces),
                            origins: self::origins($reader, $timetable),
                        ),
                    ),
            'later' => $later === null ? null : (string) $later,
            'on' => array_map(
                static fn(int $day): string => (string) LocalDate::fromDay($day),
                array_slice(array_keys($tally->slots ?? []), 0, self::MOST_DATES),
            ),
            'hosts' => Sentence::colleagues(self::named($sheet)),
            'warnings' => $timetable === null ? [] : (new LooksWrong($reader, $sheet, $timetable, $stretches))->all(),
            'missing' => [
                ...self::missing($reader),
                ...$tally !== null && $tally->slots === [] ? [Words::say('sheets.none_comes')] : [],
            ],
            'preview' => $timetable === null ? null : VisitSheetData::of($sheet, $now, Asking::anybody()),
        ];
    }

    /** @return array<int, array{int, string}> block and date of each stretch, by its start */
    private static function origins(WorksheetReader $reader, Timetable $timetable): array
    {
        $zone = $reader->writer->school->timeZone();
        $dates = $timetable->world->dates;
        $origins = [];
        foreach ($reader->blocks as $i => $block) {
            foreach (
                $dates === null
                    ? []
                    : $block->spans(
                        $dates->first,
                        $dates->last->plusDays(1),
                        $zone,
                        $reader->writer->school->closedDays(),
                    )
                as $span
            ) {
                $origins[$span->start] = [$i, (string) $zone->dateAt($span->start)];
            }
            foreach ($block->changes as $day => $change) {
                foreach (($change->stretches ?? $block->stretchesOn(LocalDate::fromDay($day)))->hours as $hours) {
                    $span = $change->date === null ? null : $hours->on($change->date, $zone);
                    if ($span !== null) {
                        $origins[$span->start] = [$i, (string) LocalDate::fromDay($day)];
                    }
                }
            }
        }

        return $origins;
    }

    /**
     * What the owner's calendars say of the days shown, with titles: this is the owner's own page.
     *
     * @param  list<Pieces>  $shown
     * @return list<array{Span, string}>
     */
    private static function busy(WorksheetReader $reader, array $shown): array
    {
        if ($shown === [] || ($reader->sheet !== null && $reader->sheet->staff_id !== $reader->writer->id)) {
            return [];
        }

        return array_values(
            BusySpan::query()
                ->whereIn('calendar_id', $reader->writer->calendars()->pluck('id'))
                ->where('starts_at', '<', Instant::column($shown[count($shown) - 1]->stretch->end + 86_400))
                ->where('ends_at', '>', Instant::column($shown[0]->stretch->start - 86_400))
                ->orderBy('starts_at')
                ->limit(500)
                ->get()
                ->map(static fn(BusySpan $busy): array => [$busy->span(), $busy->title])
                ->all(),
        );
    }

    /** @return list<array{string, HostRole}> */
    private static function named(Sheet $sheet): array
    {
        $names = StaffMember::query()
            ->whereKey($sheet->colleagues->pluck('staff_id')->all())
            ->pluck('name', 'id');

        return array_values(
            $sheet->colleagues
                ->map(static fn(SheetHost $one): array => [(string) $names[$one->staff_id], $one->role])
                ->all(),
        );
    }

    /** @return list<string> what is missing before it can open */
    private static function missing(WorksheetReader $reader): array
    {
        return array_values(
            array_filter([
                $reader->text('title') === '' ? Words::say('sheets.missing_title') : null,
                self::missingWhen($reader),
                $reader->places() === [] ? Words::say('sheets.missing_where') : null,
            ]),
        );
    }

    /** Blanks that nobody has filled in yet are named, as nothing was typed wrong; what was typed is looked at again. */
    private static function missingWhen(WorksheetReader $reader): ?string
    {
        $wrong = array_filter(
            array_keys($reader->errors),
            static fn(string $field): bool => str_starts_with($field, 'blocks'),
        );
        if ($reader->list('blocks') === []) {
            return Words::say('sheets.missing_when');
        }
        if ($wrong === [] && $reader->blocks !== []) {
            return null;
        }
        $empty = array_filter($wrong, static fn(string $field): bool => self::isEmpty(data_get($reader->form, $field)));
        if ($empty === [] || count($empty) < count($wrong)) {
            return Words::say('sheets.missing_look');
        }
        $blanks = array_unique(
            array_map(
                static fn(string $field): string => Words::say('sheets.missing_blank', [
                    'blank' => (string) preg_replace('/^.*\.([a-z]+)(?:\.\d+)*$/D', '$1', $field),
                ]),
                $empty,
            ),
        );

        return Words::say('sheets.missing_blanks', ['blanks' => Spell::row($blanks)]);
    }

    private static function isEmpty(mixed $typed): bool
    {
        return is_array($typed)
            ? array_filter($typed, static fn(mixed $one): bool => !self::isEmpty($one)) === []
            : $typed === null || $typed === '';
    }
}
